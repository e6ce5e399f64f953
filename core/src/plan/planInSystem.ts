import type { JobState } from '../job/index.ts';
import { oncePerObject } from '../memo/index.ts';
import { inSystem, type UnitSystem } from '../units/index.ts';
import type { JobReading } from './readJob.ts';
import type { Figure, Step } from './step.ts';

/** A plan whose sentences keep one system of units. Its numbers stay in core units: the screen shows them. */
export function planInSystem<Reading extends Pick<JobReading, 'state' | 'plan' | 'next'>>(
  reading: Reading,
  system: UnitSystem,
): Pick<Reading, 'plan' | 'next'> {
  const { plan, next } = reading;
  if (system === 'metric') return { plan, next };
  const typed = typedTexts(reading.state);
  const tell = (text: string) => inSystem(text, system, typed);
  const steps = new Map(plan.steps.map((step) => [step.id, stepIn(step, tell)]));
  const told = (step: Step): Step => steps.get(step.id) ?? stepIn(step, tell);
  return {
    plan: {
      ...plan,
      steps: [...steps.values()],
      next: plan.next === null ? null : told(plan.next),
    },
    next: 'step' in next ? { ...next, step: told(next.step) } : next,
  };
}

/** Names, sources and reasons that people typed, as far as a number stands in them. */
const typedTexts = oncePerObject(({ unit, specs, heating }: JobState): readonly string[] => [
  ...new Set(
    [
      ...(unit?.parts ?? []).map(({ name }) => name),
      ...(unit?.axes ?? []).flatMap((axis) => [
        axis.name,
        ...axis.stations.map(({ name }) => name),
      ]),
      ...specs.map(({ source }) => source),
      ...Object.values(heating.limits).map(({ reason }) => reason),
    ].filter((text) => /\d/u.test(text)),
  ),
]);

function stepIn(step: Step, told: (text: string) => string): Step {
  const figure = (one: Figure): Figure => ({
    ...one,
    name: told(one.name),
    source: told(one.source),
    ...(one.form === 'text' ? { text: told(one.text) } : {}),
  });
  return {
    ...step,
    how: told(step.how),
    reason: told(step.reason),
    figures: step.figures.map(figure),
    tools: step.tools.map(told),
    consumables: step.consumables.map(told),
  };
}
