import { modelOf, shutBy, type Shut } from '../course/index.ts';
import type { InputFault } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { findStation, isDrawn, type Unit } from '../unit/index.ts';
import { nameOfBody } from './nameOfBody.ts';
import { wholeCourse } from './wholeCourse.ts';

/** Two things of a unit of which the first does not pass the other. */
export interface NoWay extends Shut {
  /** Whether only the drawing says so: a size of theirs is not known. */
  readonly drawn: boolean;
}

/** What cannot come out or go in on a job, as its unit is described; each pair once. */
export function noWayIn(state: JobState, unit: Unit): readonly NoWay[] {
  const model = modelOf(unit);
  const all = wholeCourse(state, unit).noWay.map((event) => shutBy(model, event));
  return [...new Map(all.map((one) => [`${one.moving} ${one.by}`, one])).values()].map((one) => ({
    ...one,
    drawn: [one.moving, one.by].some((id) => isOnlyDrawn(unit, id)),
  }));
}

const SIZES = ['at', 'width', 'inside', 'outside'] as const;
const stationOf = (unit: Unit, id: string) =>
  findStation(unit, id.replace(/:(?:cup|cone)$/u, ''))?.station ?? null;

const isOnlyDrawn = (unit: Unit, id: string): boolean =>
  stationsOf(unit, id).some((station) => SIZES.some((size) => isDrawn(station, size)));

/** The faults of a description in which something has no way at all, by the station at which each is named. */
export const noWayFaults = oncePerPair(
  (unit: Unit, state: JobState): ReadonlyMap<string, readonly InputFault[]> => {
    const faults = new Map<string, InputFault[]>();
    for (const one of noWayIn(state, unit)) {
      const stations = [one.moving, one.by].flatMap((id) => stationsOf(unit, id).slice(0, 1));
      const [at] = stations;
      if (at === undefined || one.drawn) continue;
      const fault: InputFault = {
        code: 'contradiction',
        field: '',
        value: null,
        wanted: {
          id: 'wayPast',
          moving: nameOfBody(unit, one.moving),
          other: nameOfBody(unit, one.by),
          between: stations.map(({ id }) => id),
        },
      };
      faults.set(at.id, [...(faults.get(at.id) ?? []), fault]);
    }
    return faults;
  },
);

/** A station by the id of a body; of a part the stations that are it. */
function stationsOf(unit: Unit, id: string) {
  const own = stationOf(unit, id);
  if (own !== null) return [own];
  return unit.axes.flatMap(({ stations }) => stations).filter(({ partId }) => partId === id);
}
