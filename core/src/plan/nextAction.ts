import { CYCLES_NEEDED, type RunVerdict } from '../measure/index.ts';
import {
  cyclesOf,
  verdictOf,
  type JobState,
  type Reading,
  type ReadingPhase,
  type Run,
  type RunStage,
  type Spec,
} from '../job/index.ts';
import type { FigureKind } from '../figures/index.ts';
import { findStation, type Axis, type Station } from '../unit/index.ts';
import { builtPlay } from './builtPlay.ts';
import { carrierPacks } from './carrierPacks.ts';
import { compilePlan, type Plan } from './compilePlan.ts';
import { kindSetAt } from './packQuestion.ts';
import type { Phase } from './phases.ts';
import { currentRun, fittedAfter, type JudgedVerdict } from './playProgress.ts';
import type { Stage } from './stages.ts';
import type { Step, StepForm } from './step.ts';

/** The one thing to do next, with what the screen needs to say it. */
export type NextAction =
  | { readonly kind: 'openJob' }
  | {
      readonly kind: 'setSpec';
      readonly axis: Axis;
      readonly specKind: FigureKind;
      readonly step: Step;
    }
  | { readonly kind: 'recordPack'; readonly site: Station; readonly step: Step }
  | {
      readonly kind: 'startRun';
      readonly spec: Spec;
      readonly stage: RunStage;
      readonly again: boolean;
      readonly step: Step;
    }
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
      readonly step: Step;
    }
  | { readonly kind: 'fitPack'; readonly site: Station; readonly step: Step }
  /** A step that is done on its own page. */
  | { readonly kind: 'step'; readonly step: Step }
  | { readonly kind: 'finishJob'; readonly step: Step }
  | { readonly kind: 'done' };

/**
 * What the mechanic should do now: the run that is open, else the first step of the plan that can be done.
 * @param plan the job's plan, when the caller has it already
 */
export function nextAction(state: JobState, plan: Plan = compilePlan(state)): NextAction {
  if (state.unit === null) return { kind: 'openJob' };
  if (state.sheet.finished !== null) return { kind: 'done' };
  const open = state.measured.runs.find(({ status }) => status === 'open');
  if (open !== undefined) return duringRun(state, open);
  return plan.next === null ? { kind: 'done' } : actionFor(state, plan.next);
}

/** What doing a step means on screen. */
export function actionFor(state: JobState, step: Step): NextAction {
  const unit = state.unit!;
  const site =
    step.stationId === null ? null : (findStation(unit, step.stationId)?.station ?? null);
  const axis = unit.axes.find(({ id }) => id === step.axisId);
  const kind =
    step.specKind ?? (site === null || axis === undefined ? 'endPlay' : kindSetAt(axis, site));
  const spec = state.specs.find((row) => row.axisId === step.axisId && row.kind === kind);
  if (step.form === 'finish') return { kind: 'finishJob', step };
  if (step.form === 'setSpec')
    return { kind: 'setSpec', axis: axis!, specKind: step.specKind!, step };
  if (step.form === 'recordPack') return { kind: 'recordPack', site: site!, step };
  if (step.form === 'fitPack' && state.setting.chosen[site!.id] !== undefined)
    return { kind: 'fitPack', site: site!, step };
  if (step.form === 'run' && spec !== undefined)
    return {
      kind: 'startRun',
      spec,
      stage: step.stage ?? 'trial',
      again: fittedAfter(state, axis!) > 0,
      step,
    };
  const chosenBy = step.form === 'choosePack' ? runChosenBy(state, axis!, spec) : null;
  return chosenBy === null
    ? { kind: 'step', step }
    : { kind: 'choosePack', ...chosenBy, site: site!, step };
}

/**
 * The run that packs are chosen by: the one that speaks for what is in. A preload can be read no more when both sides of a carrier are
 * chosen anew by their backlash, or any pack by rolling torque: the last run is carried on then.
 */
function runChosenBy(
  state: JobState,
  axis: Axis,
  spec: Spec | undefined,
): { readonly run: Run; readonly verdict: JudgedVerdict } | null {
  if (spec === undefined) return null;
  const current = currentRun(state, spec.specId);
  const built = builtPlay(state, axis, spec.kind === 'sideClearance' ? spec.kind : 'endPlay');
  const isCarried = built?.limitsBy === 'torque' || carrierPacks(state, axis, []) !== null;
  const run = current ?? (isCarried ? (built?.run ?? null) : null);
  const verdict = run === null ? null : verdictOf(state, run);
  return run !== null && verdict?.status === 'judged' ? { run, verdict } : null;
}

function duringRun(state: JobState, run: Run): NextAction {
  const verdict = verdictOf(state, run)!;
  const { complete, partial, next } = cyclesOf(run);
  if (verdict.status === 'invalid') return { kind: 'restartRun', run };
  if (verdict.status === 'judged' && partial.length === 0)
    return { kind: 'acceptRun', run, verdict };
  return { kind: 'takeReading', run, phase: next, cycle: complete.length + 1, partial, verdict };
}

/** Which station of the line an action of a job that only sets the play is at. */
const PLAY_STAGE: Readonly<Record<NextAction['kind'], Stage>> = {
  openJob: 'describe',
  setSpec: 'describe',
  recordPack: 'describe',
  step: 'describe',
  startRun: 'measure',
  takeReading: 'measure',
  restartRun: 'measure',
  acceptRun: 'measure',
  choosePack: 'choose',
  fitPack: 'fit',
  finishJob: 'finish',
  done: 'finish',
};

/** Which one a step is at that is done on its own page: what is opened for a pack, and closed again, belongs to fitting it. */
const STEP_STAGE: Readonly<Record<Phase, Stage>> = {
  bookIn: 'describe',
  strip: 'fit',
  inspect: 'fit',
  compare: 'fit',
  fits: 'fit',
  seat: 'fit',
  trial: 'measure',
  select: 'fit',
  final: 'fit',
  prove: 'prove',
  record: 'finish',
};

/** Steps of their own page at which the play is set. */
const SETTING_FORMS: readonly StepForm[] = ['spacer', 'adjuster', 'sleeve', 'torque'];

/** Which station of the line a phase of an overhaul is at. */
const OVERHAUL_STAGE: Readonly<Record<Phase, Stage>> = {
  bookIn: 'describe',
  strip: 'strip',
  inspect: 'inspect',
  compare: 'inspect',
  fits: 'seat',
  seat: 'seat',
  trial: 'set',
  select: 'set',
  final: 'set',
  prove: 'close',
  record: 'finish',
};

/** The stage of a job. Measuring after a pack was fitted is proving. */
export function stageOf(state: JobState, action: NextAction): Stage {
  if (state.sheet.scope !== 'setPlay') {
    if ('step' in action) return OVERHAUL_STAGE[action.step.phase];
    if ('run' in action) return action.run.stage === 'asFound' ? 'strip' : 'set';
    return action.kind === 'openJob' ? 'describe' : 'finish';
  }
  const stage =
    action.kind !== 'step'
      ? PLAY_STAGE[action.kind]
      : SETTING_FORMS.includes(action.step.form)
        ? 'choose'
        : STEP_STAGE[action.step.phase];
  return stage === 'measure' && Object.values(state.setting.setAfter).some(({ trial }) => !trial)
    ? 'prove'
    : stage;
}

/** Cycles a run still wants before it can be judged. */
export function cyclesLeft(verdict: RunVerdict): number {
  if (verdict.status === 'tooFew') return verdict.missing;
  return verdict.status === 'unsettled' ? CYCLES_NEEDED - 1 : 0;
}
