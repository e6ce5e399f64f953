import { CYCLES_NEEDED, type DecisionWord, type RunVerdict } from '../measure/index.ts';
import {
  cyclesOf,
  verdictOf,
  type JobState,
  type Reading,
  type ReadingPhase,
  type Run,
  type Spec,
} from '../job/index.ts';
import type { Axis, Station } from '../unit/index.ts';

/** The one thing to do next, with what the screen needs to say it. */
export type NextAction =
  | { readonly kind: 'openJob' }
  | { readonly kind: 'setSpec'; readonly axis: Axis }
  | { readonly kind: 'recordPack'; readonly site: Station }
  | { readonly kind: 'startRun'; readonly spec: Spec; readonly again: boolean }
  | {
      readonly kind: 'takeReading';
      readonly run: Run;
      readonly phase: ReadingPhase;
      /** 1, 2, 3 … */
      readonly cycle: number;
      readonly partial: readonly Reading[];
      readonly verdict: RunVerdict;
    }
  | { readonly kind: 'restartRun'; readonly run: Run }
  | { readonly kind: 'acceptRun'; readonly run: Run; readonly verdict: JudgedVerdict }
  | {
      readonly kind: 'choosePack';
      readonly run: Run;
      readonly verdict: JudgedVerdict;
      readonly site: Station;
    }
  | { readonly kind: 'fitPack'; readonly site: Station }
  | { readonly kind: 'finishJob'; readonly run: Run; readonly verdict: JudgedVerdict }
  | { readonly kind: 'done' };

/** A verdict with a value. */
export type JudgedVerdict = Extract<RunVerdict, { status: 'judged' }>;

/**
 * What the mechanic should do now, from the job as it stands.
 *
 * Order: spec, pack in place, measure, judge, choose, fit, measure again, finish. The first axis with a
 * shim site that is not proven yet is the one worked on.
 */
export function nextAction(state: JobState): NextAction {
  if (state.unit === null) return { kind: 'openJob' };
  if (state.finished !== null) return { kind: 'done' };
  const open = state.runs.find(({ status }) => status === 'open');
  if (open !== undefined) return duringRun(state, open);
  const actions = state.unit.axes.map((axis) => onAxis(state, axis));
  return actions.find(({ kind }) => kind !== 'finishJob') ?? actions[0] ?? { kind: 'done' };
}

/** The last closed run of a spec that speaks for the pack now in place; null when it has to be measured. */
export function currentRun(state: JobState, specId: string): Run | null {
  const since = state.runs.slice(state.lastFittedAfterRun);
  return since.findLast((run) => run.specId === specId && run.status === 'closed') ?? null;
}

function duringRun(state: JobState, run: Run): NextAction {
  const verdict = verdictOf(state, run)!;
  const { complete, partial, next } = cyclesOf(run);
  if (verdict.status === 'invalid') return { kind: 'restartRun', run };
  if (verdict.status === 'judged' && partial.length === 0)
    return { kind: 'acceptRun', run, verdict };
  return { kind: 'takeReading', run, phase: next, cycle: complete.length + 1, partial, verdict };
}

function onAxis(state: JobState, axis: Axis): NextAction {
  const spec = state.specs.find(({ axisId }) => axisId === axis.id);
  if (spec === undefined) return { kind: 'setSpec', axis };
  const site = axis.stations.find(({ kind }) => kind === 'shimSite');
  if (site !== undefined && state.packs[site.id] === undefined) return { kind: 'recordPack', site };
  if (site !== undefined && state.chosen[site.id] !== undefined) return { kind: 'fitPack', site };
  const run = currentRun(state, spec.specId);
  const verdict = run === null ? null : verdictOf(state, run);
  if (run === null || verdict?.status !== 'judged')
    return { kind: 'startRun', spec, again: state.lastFittedAfterRun > 0 };
  const word: DecisionWord = verdict.decision.word;
  if (word === 'conforms' || site === undefined) return { kind: 'finishJob', run, verdict };
  return { kind: 'choosePack', run, verdict, site };
}

/** How far a job is along its line: the stages of setting play, with where it stands. */
export const STAGES = ['describe', 'measure', 'choose', 'fit', 'prove', 'finish'] as const;
export type Stage = (typeof STAGES)[number];

const STAGE_OF: Readonly<Record<NextAction['kind'], Stage>> = {
  openJob: 'describe',
  setSpec: 'describe',
  recordPack: 'describe',
  startRun: 'measure',
  takeReading: 'measure',
  restartRun: 'measure',
  acceptRun: 'measure',
  choosePack: 'choose',
  fitPack: 'fit',
  finishJob: 'finish',
  done: 'finish',
};

/** The stage of a job. Measuring after a pack was fitted is proving. */
export function stageOf(state: JobState, action: NextAction): Stage {
  const stage = STAGE_OF[action.kind];
  return stage === 'measure' && state.lastFittedAfterRun > 0 ? 'prove' : stage;
}

/** Cycles a run still wants before it can be judged. */
export function cyclesLeft(verdict: RunVerdict): number {
  if (verdict.status === 'tooFew') return verdict.missing;
  return verdict.status === 'unsettled' ? CYCLES_NEEDED - 1 : 0;
}
