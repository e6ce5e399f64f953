import { isBehind } from './step.ts';
import type { Plan } from './compilePlan.ts';
import type { JobState } from '../job/index.ts';

/** What a job is closed without: it goes into the record as not known. */
export interface OpenAtClose {
  /** Steps that were set aside, each with its reason. */
  readonly setAside: readonly {
    readonly id: string;
    readonly title: string;
    readonly reason: string;
  }[];
  /** Steps that are neither done nor set aside, but for the closing itself. */
  readonly notDone: readonly { readonly id: string; readonly title: string }[];
  /** Figures and details that numbers of the plan would have needed. */
  readonly unknown: readonly string[];
}

/** All that is not known or not done when a job is closed, in the order of the plan. */
export function openAtClose(state: JobState, { steps }: Plan): OpenAtClose {
  const others = steps.filter(({ form }) => form !== 'finish');
  const words = others.flatMap(({ missing }) => missing.map((one) => one.words));
  return {
    setAside: others
      .filter(({ status }) => status === 'setAside')
      .map(({ id, title }) => ({ id, title, reason: state.steps[id]?.words ?? '' })),
    notDone: others.filter((step) => !isBehind(step)).map(({ id, title }) => ({ id, title })),
    unknown: [...new Set(words)],
  };
}
