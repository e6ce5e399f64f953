import {
  assemblyOf,
  buildOrder,
  stripOrder,
  type EventKey,
  type NoWay,
} from '../assembly/index.ts';
import type { InputFault } from '../faults/index.ts';
import type { JobState } from '../job/index.ts';
import { oncePerObject, oncePerPair } from '../memo/index.ts';
import type { Station, Unit } from '../unit/index.ts';
import { nameOfRing } from './nameOfEvent.ts';
import { reachedBy } from './reached.ts';
import type { Missing } from './step.ts';

/** What cannot come out or go in on a job, as its unit is described; each pair once. */
export function noWayIn(
  unit: Unit,
  { scope, renew }: Pick<JobState['sheet'], 'scope' | 'renew'>,
): readonly NoWay[] {
  return scope === 'renew' ? reachedBy(unit, renew).noWay : everywhere(unit);
}

const everywhere = oncePerObject((unit: Unit): readonly NoWay[] => {
  const assembly = assemblyOf(unit);
  const all = [...stripOrder(assembly).noWay, ...buildOrder(assembly).noWay];
  return [...new Map(all.map((one) => [`${one.moving} ${one.by}`, one])).values()];
});

/** The faults of a description in which something has no way at all, by the station at which each is named. */
export const noWayFaults = oncePerPair(
  (unit: Unit, found: readonly NoWay[]): ReadonlyMap<string, readonly InputFault[]> => {
    const faults = new Map<string, InputFault[]>();
    for (const one of found.filter(({ drawn }) => !drawn)) {
      const stations = [one.moving, one.by].flatMap((id) => stationsOf(unit, id).slice(0, 1));
      const [at] = stations;
      if (at === undefined) continue;
      const fault: InputFault = {
        code: 'contradiction',
        field: '',
        value: null,
        wanted: {
          id: 'wayPast',
          moving: nameOfRing(unit, `take:${one.moving}`),
          other: nameOfRing(unit, `take:${one.by}`),
          between: stations.map(({ id }) => id),
        },
      };
      faults.set(at.id, [...(faults.get(at.id) ?? []), fault]);
    }
    return faults;
  },
);

/** What is asked at a step that moves something past what only the drawing puts in its way. */
export function asDrawn(
  unit: Unit,
  found: readonly NoWay[],
  events: readonly EventKey[],
): readonly Missing[] {
  return found
    .filter(({ event, drawn }) => drawn && events.includes(event))
    .flatMap(({ moving, by }) => {
      const both = [moving, by].flatMap((id) => stationsOf(unit, id));
      const [at] = [...both.filter((one) => one.drawn !== undefined), ...both];
      if (at === undefined) return [];
      const [one, other] = [moving, by].map((id) => nameOfRing(unit, `take:${id}`));
      const words = `whether ${one} passes ${other}: it does not as they are drawn, and a size of theirs is not known`;
      return [{ words, on: 'station' as const, id: at.id, field: 'outside' }];
    });
}

/** A station by the id of a body; of a part the stations that are it. */
function stationsOf({ axes }: Unit, id: string): readonly Station[] {
  const stationId = id.replace(/:(?:cup|cone)$/u, '');
  const all = axes.flatMap(({ stations }) => stations);
  const own = all.filter((one) => one.id === stationId);
  return own.length > 0 ? own : all.filter(({ partId }) => partId === id);
}
