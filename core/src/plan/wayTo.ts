import { modelOf } from '../course/index.ts';
import { EMPTY_JOB, type JobStart } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { nameOfBody } from './nameOfBody.ts';
import { noWayIn } from './noWay.ts';
import { wholeCourse } from './wholeCourse.ts';

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
  const sheet = { ...EMPTY_JOB.sheet, scope: 'renew' as const, start, renew };
  const state = { ...EMPTY_JOB, unit, sheet };
  const { rows } = wholeCourse(state, unit);
  const spoiled = rows
    .filter(({ act }) => act === 'compare')
    .flatMap(({ on: [id = ''] }) => (renew.includes(id) ? [] : [id]));
  const out = rows.flatMap(({ move }) =>
    move?.to === 'out' ? [move.body ?? move.part ?? move.bolts!] : [],
  );
  const goesBack = (id: string) =>
    ![...renew, ...spoiled].includes(id.replace(/:(?:cup|cone)$/u, ''));
  const names = (ids: readonly string[]) => [
    ...new Set(ids.map((id) => nameOfBody(unit, id.replace(/:(?:cup|cone)$/u, '')))),
  ];
  return {
    onTheWay: names(out.filter(goesBack)),
    alsoRenewed: names(spoiled),
    noWay: noWayIn(state, unit).map(({ moving, by, drawn }) => ({
      drawn,
      moving: nameOfBody(unit, moving),
      by: nameOfBody(unit, by),
    })),
    steps: compilePlan(state).steps.length,
  };
}

/** Whether a station can be renewed: what is one with its part comes and goes with that. */
export function isRenewable(unit: Unit, stationId: string): boolean {
  const { bodies, bolts } = modelOf(unit);
  return (
    bodies.some(({ station }) => station.id === stationId) ||
    bolts.some(({ id }) => id === stationId)
  );
}
