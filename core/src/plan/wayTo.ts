import { assemblyOf, eventsOfStation } from '../assembly/index.ts';
import { EMPTY_JOB, type JobStart } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { nameOfEvent } from './nameOfEvent.ts';
import { reachedBy } from './reached.ts';

/** What renewing something takes. */
export interface WayTo {
  /** Names of what comes out on the way and goes back, in the order in which it comes out. */
  readonly onTheWay: readonly string[];
  /** Names of what has to be renewed as well, because taking it out spoils it. */
  readonly alsoRenewed: readonly string[];
  /** Two things that are in each other's way, so that the first cannot come out as it is described. */
  readonly noWay: readonly {
    readonly moving: string;
    readonly by: string;
    /** Whether only the drawing says so, because a size is not known. */
    readonly drawn: boolean;
  }[];
  /** Steps of the job. */
  readonly steps: number;
}

/**
 * What a job to renew some stations takes, before it is booked in.
 * @param renew ids of stations of the unit, at least one
 */
export function wayTo(unit: Unit, start: JobStart, renew: readonly string[]): WayTo {
  const assembly = assemblyOf(unit);
  const { events, renewed, noWay } = reachedBy(unit, renew);
  const wanted = [...renewed].flatMap((id) => eventsOfStation(assembly, id));
  const sheet = { ...EMPTY_JOB.sheet, scope: 'renew' as const, start, renew };
  const onTheWay = [...events]
    .filter((event) => !wanted.includes(event))
    .map((event) => nameOfEvent(unit, event));
  return {
    onTheWay: [...new Set(onTheWay)],
    alsoRenewed: [...renewed]
      .filter((id) => !renew.includes(id))
      .map((id) => nameOfEvent(unit, `take:${id}`)),
    noWay: noWay.map(({ moving, by, drawn }) => ({
      drawn,
      moving: nameOfEvent(unit, `take:${moving}`),
      by: nameOfEvent(unit, `take:${by}`),
    })),
    steps: compilePlan({ ...EMPTY_JOB, unit, sheet }).steps.length,
  };
}

/** Whether a station can be renewed: what is one with its part comes and goes with that. */
export const isRenewable = (unit: Unit, stationId: string): boolean =>
  eventsOfStation(assemblyOf(unit), stationId).length > 0;
