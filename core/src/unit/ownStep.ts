import { refuse, requireId, requireOneOf, requireText } from '../faults/index.ts';
import { identifier, oneOf, record, stepId, STEP_ID, text, type Schema } from '../schema/index.ts';
import type { OwnStep, Unit } from './unit.ts';

/** Who asks for a step that no rule of the plan knows. */
export const OWN_STEP_SOURCES = ['maker', 'workshop'] as const;
export const OWN_STEP_SIDES = ['before', 'after'] as const;

/** Most steps of one's own in a unit. */
export const MOST_OWN_STEPS = 40;
/** What the id of such a step in a plan begins with. */
const PREFIX = 'ownStep:';

/** What the step of a plan is called for one of one's own, without how often. */
export const ownStepBase = (id: string): string => `${PREFIX}${id}`;

/** Most characters of its texts. */
const LONGEST = { title: 120, how: 1000, caution: 500 } as const;

export const OWN_STEP_SCHEMA: Schema<OwnStep> = record({
  id: identifier(),
  by: stepId(),
  side: oneOf(OWN_STEP_SIDES),
  source: oneOf(OWN_STEP_SOURCES),
  title: text(LONGEST.title, 1),
  how: text(LONGEST.how),
  caution: text(LONGEST.caution),
});

/**
 * Check a step of one's own: it has a title, and stands by a step of the plan that is not one's own, each time that comes.
 * @throws InputError naming the field
 */
export function requireOwnStep(step: OwnStep, field: string): OwnStep {
  if (typeof step !== 'object' || step === null)
    return refuse('missing', field, step, { id: 'object' });
  requireId(`${field}.id`, step.id);
  const { by } = step;
  if (typeof by !== 'string' || !STEP_ID.test(by) || by.startsWith(PREFIX) || by.includes('#'))
    refuse('unknownName', `${field}.by`, by, { id: 'stepOfPlan' });
  requireOneOf(`${field}.side`, step.side, OWN_STEP_SIDES);
  requireOneOf(`${field}.source`, step.source, OWN_STEP_SOURCES);
  requireText(`${field}.title`, step.title, LONGEST.title);
  for (const name of ['how', 'caution'] as const)
    if (step[name] !== '') requireText(`${field}.${name}`, step[name], LONGEST[name]);
  return step;
}

/** Put a step of one's own in, in place of one with its id, which keeps its place among the others. */
export function withOwnStep(unit: Unit, step: OwnStep): Unit {
  const before = unit.ownSteps ?? [];
  const ownSteps = before.some(({ id }) => id === step.id)
    ? before.map((one) => (one.id === step.id ? step : one))
    : [...before, step];
  return { ...unit, ownSteps };
}

/** Take a step of one's own away. */
export function withoutOwnStep(unit: Unit, stepId: string): Unit {
  return { ...unit, ownSteps: (unit.ownSteps ?? []).filter(({ id }) => id !== stepId) };
}
