import { modelOf } from '../course/index.ts';
import type { JobState } from '../job/index.ts';
import { draftedStep } from './draftedStep.ts';
import { planSteps } from './planSteps.ts';
import { screensOf, type Screen } from './rounds.ts';
import { isBehind, type Missing, type Step } from './step.ts';
import { stepPhases } from './stepPhases.ts';
import { placedSteps } from './waits.ts';
import { withOwnSteps } from './withOwnSteps.ts';

/** The build plan: every step in an order that can be worked, with what is still missing. */
export interface Plan {
  readonly steps: readonly Step[];
  /** Its steps by what is done on one screen, in the same order. */
  readonly screens: readonly Screen[];
  /** The first step that can be done now; null when everything is behind. */
  readonly next: Step | null;
  readonly behind: number;
  readonly missing: readonly Missing[];
  /** Ticked steps that are no longer part of the plan, by their ids. They stay in the log. */
  readonly noLonger: readonly string[];
}

/** The plan of a job without a unit. */
export const NO_PLAN: Plan = {
  steps: [],
  screens: [],
  next: null,
  behind: 0,
  missing: [],
  noLonger: [],
};

/**
 * Compile a job's unit and everything recorded of it into the build plan.
 *
 * Rules are applied to what they are about; each step comes after those its rule names, and otherwise in the
 * order of phases, rules and stations. The order is the same for the same job. A step's id is its rule and its
 * target, so that what was ticked stays ticked when the plan is compiled again. Stations that cannot be so get
 * one step that says it, and a rule that fails for a subject becomes a step that names the fault and leads to what is
 * described there; the rest of the plan stands.
 */
export function compilePlan(state: JobState): Plan {
  if (state.unit === null) return NO_PLAN;
  const drafts = withOwnSteps(state, planSteps(state, state.unit));
  const phases = stepPhases(drafts);
  const order = placedSteps(modelOf(state.unit), drafts);
  const ids = new Set(order.map(({ draft }) => draft.id));
  const steps = order.map((placed, index) => draftedStep(placed, phases[index]!));
  return {
    steps,
    screens: screensOf(steps),
    next: steps.find(({ status }) => status === 'ready' || status === 'missing') ?? null,
    behind: steps.filter(isBehind).length,
    missing: distinct(steps.filter((step) => !isBehind(step)).flatMap((step) => step.missing)),
    noLonger: Object.keys(state.steps).filter((id) => !ids.has(id)),
  };
}

function distinct(missing: readonly Missing[]): readonly Missing[] {
  const key = ({ on, id, field, words }: Missing) => `${on} ${id} ${field} ${words}`;
  return [...new Map(missing.map((one) => [key(one), one])).values()];
}
