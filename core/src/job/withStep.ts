import { withEntry } from './growing.ts';
import type { JobState, StepRecord } from './state.ts';

/** Record what the mechanic said of a step, while the job is not finished. */
export function withStep(state: JobState, stepId: string, record: StepRecord): JobState | string {
  if (state.finished !== null) return 'the job is finished';
  return { ...state, steps: withEntry(state.steps, stepId, record) };
}
