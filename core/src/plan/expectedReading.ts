import { cyclesOf, verdictOf, type JobState, type Spec } from '../job/index.ts';
import type { ExpectedReading } from '../measure/index.ts';
import type { NextAction } from './nextAction.ts';

/**
 * What the lift of a cycle is expected to read, mm: from its zero on, the play of the cycles before, of the last run, or
 * of the band with room beside it. Null for zero and return: a dial may stand anywhere, and drift is judged by itself.
 */
export function expectedReading(
  state: JobState,
  action: Extract<NextAction, { kind: 'takeReading' | 'acceptRun' }>,
  { band, specId }: Spec,
): ExpectedReading | null {
  if (action.kind === 'acceptRun') return null;
  const { phase, partial, run } = action;
  const zero = partial[0]?.value;
  if (phase !== 'lift' || zero === undefined) return null;
  const travels = cyclesOf(run).complete.map(({ lift, zero: from }) => lift - from);
  const before = state.measured.runs.findLast(
    (one) =>
      one.specId === specId &&
      one.status === 'closed' &&
      // New bearings move the play that was found by more than a doubt could tell.
      (one.stage !== 'asFound' || run.stage === 'asFound' || state.sheet.scope === 'setPlay'),
  );
  const verdict = before === undefined ? null : verdictOf(state, before);
  const plays = [
    ...travels,
    ...(travels.length === 0 && verdict?.status === 'judged' ? [verdict.value.mean] : []),
  ];
  const limits = [band.lower, band.upper].filter(
    (limit) => limit !== null && limit > 0,
  ) as number[];
  const known = plays.length > 0 ? plays : limits;
  if (known.length === 0) return null;
  return { least: zero + Math.min(...known) / 2, most: zero + 2 * Math.max(...known) };
}
