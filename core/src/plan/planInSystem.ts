import { inSystem, type UnitSystem } from '../units/index.ts';
import type { JobReading } from './readJob.ts';
import type { Figure, Step } from './step.ts';

/** A plan whose sentences keep one system of units. Its numbers stay in core units: the screen shows them. */
export function planInSystem<Reading extends Pick<JobReading, 'plan' | 'next'>>(
  reading: Reading,
  system: UnitSystem,
): Pick<Reading, 'plan' | 'next'> {
  const { plan, next } = reading;
  if (system === 'metric') return { plan, next };
  const steps = new Map(plan.steps.map((step) => [step.id, stepIn(step, system)]));
  const told = (step: Step): Step => steps.get(step.id) ?? stepIn(step, system);
  return {
    plan: {
      ...plan,
      steps: [...steps.values()],
      next: plan.next === null ? null : told(plan.next),
    },
    next: 'step' in next ? { ...next, step: told(next.step) } : next,
  };
}

function stepIn(step: Step, system: UnitSystem): Step {
  const told = (text: string) => inSystem(text, system);
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
