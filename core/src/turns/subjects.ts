import { modelOf, subjectOf, type Body } from '../course/index.ts';
import type { Draws } from '../draws/index.ts';
import { isBehind, type Step } from '../plan/index.ts';
import type { Recorded } from '../simulate/index.ts';
import { standingNow } from '../standing/index.ts';
import type { JobAtBench } from './jobAtBench.ts';

/** Bodies that a decision renews; what is set or turned is set again instead. */
const RENEWED: ReadonlySet<string> = new Set([
  ...[
    'ballBearing',
    'taperedRoller',
    'cylindricalRoller',
    'seal',
    'bush',
    'drawnCup',
    'gear',
    'oRing',
  ],
]);

/** One of some that is drawn; null of none. */
export const anyOf = <Item>(draws: Draws, items: readonly Item[]): Item | null =>
  items.length === 0 ? null : draws.one(items);

/** Bodies of the unit that a decision renews. */
export const renewable = ({ unit }: JobAtBench): readonly Body[] =>
  modelOf(unit).bodies.filter(({ station }) => RENEWED.has(station.kind));

/** Whether a thing is in as the log says. */
export const stands = ({ unit, state }: JobAtBench, id: string): boolean => {
  const { place } = standingNow(state);
  return modelOf(unit).events.some((event) => subjectOf(event) === id && place.in.has(event));
};

/** The decision that something is bad. */
export const replaced = (targetId: string, reason: string): Recorded => ({
  type: 'InspectionDecided',
  data: { targetId, verdict: 'replace', repair: null, reason },
});

/** Runs that were begun for the limits of a figure. */
export const runsOf = ({ events }: JobAtBench, specId: string): readonly string[] =>
  events.flatMap(({ type, data }) =>
    type === 'RunOpened' && data.specId === specId ? [data.runId] : [],
  );

/** Steps that are done or set aside. */
export const behind = (job: JobAtBench): readonly Step[] => job.steps.filter(isBehind);

/** What a step moves, its rows with it. */
export const movesOf = ({ move, rows }: Step) => [move, ...rows.map((row) => row.move)];

/** Ids of what a step moves. */
export const thing = (step: Step): readonly string[] =>
  movesOf(step).flatMap((move) =>
    move === null || move === undefined ? [] : [move.body ?? move.part ?? move.bolts ?? ''],
  );
