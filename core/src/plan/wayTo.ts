import {
  assemblyOf,
  builtState,
  clear,
  eventsOfStation,
  subjectOf,
  type EventKey,
} from '../assembly/index.ts';
import { EMPTY_JOB, type JobStart } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { reachedBy } from './reached.ts';

/** What renewing something takes. */
export interface WayTo {
  /** Names of what comes out on the way and goes back, in the order in which it comes out. */
  readonly onTheWay: readonly string[];
  /** Names of what has to be renewed as well, because taking it out spoils it. */
  readonly alsoRenewed: readonly string[];
  /** Two things that are in each other's way, so that the first cannot come out as it is described. */
  readonly noWay: readonly { readonly moving: string; readonly by: string }[];
  /** Steps of the job. */
  readonly steps: number;
}

/**
 * What a job to renew some stations takes, before it is booked in.
 * @param renew ids of stations of the unit, at least one
 */
export function wayTo(unit: Unit, start: JobStart, renew: readonly string[]): WayTo {
  const assembly = assemblyOf(unit);
  const { events, renewed } = reachedBy(unit, renew);
  const wanted = [...renewed].flatMap((id) => eventsOfStation(assembly, id));
  const { noWay } = clear(assembly, builtState(assembly), wanted);
  const sheet = { ...EMPTY_JOB.sheet, scope: 'renew' as const, start, renew };
  const onTheWay = [...events]
    .filter((event) => !wanted.includes(event))
    .map((event) => nameOf(unit, event));
  return {
    onTheWay: [...new Set(onTheWay)],
    alsoRenewed: [...renewed]
      .filter((id) => !renew.includes(id))
      .map((id) => nameOf(unit, `take:${id}`)),
    noWay: noWay.map(({ moving, by }) => ({
      moving: nameOf(unit, `take:${moving}`),
      by: nameOf(unit, `take:${by}`),
    })),
    steps: compilePlan({ ...EMPTY_JOB, unit, sheet }).steps.length,
  };
}

/** Whether a station can be renewed: what is one with its part comes and goes with that. */
export const isRenewable = (unit: Unit, stationId: string): boolean =>
  eventsOfStation(assemblyOf(unit), stationId).length > 0;

/** What an event is about, by its name. */
function nameOf(unit: Unit, event: EventKey): string {
  const id = subjectOf(event).replace(/:(?:cup|cone)$/u, '');
  const stations = unit.axes.flatMap((axis) => axis.stations);
  return [...unit.parts, ...stations].find((one) => one.id === id)?.name ?? id;
}
