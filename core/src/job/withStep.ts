import { withEntry } from './growing.ts';
import type { JobState } from './state.ts';
import type { StepRecord } from './stateRows.ts';

/** Record what the mechanic said of a step, while the job is not finished. */
export function withStep(state: JobState, stepId: string, record: StepRecord): JobState | string {
  if (state.sheet.finished !== null) return 'the job is finished';
  return { ...state, steps: withEntry(state.steps, stepId, record) };
}
