import { judgeRun } from '../measure/index.ts';
import { cyclesOf } from './cycles.ts';
import type { JobState, Run } from './state.ts';

/** The verdict of a run as it stands; null when its spec is gone. */
export function verdictOf(state: JobState, run: Run) {
  const spec = state.specs.find(({ specId }) => specId === run.specId);
  if (spec === undefined) return null;
  const { instrument, indicator, shaftHeld } = run;
  return judgeRun({
    instrument,
    indicator,
    shaftHeld,
    band: spec.band,
    cycles: cyclesOf(run).complete,
  });
}

/** Change a run that is open. It is looked for from the end, where the open one stands. */
export function withOpenRun(
  state: JobState,
  runId: string,
  change: (run: Run) => Run | string,
): JobState | string {
  const index = state.runs.findLastIndex((candidate) => candidate.runId === runId);
  const run = state.runs[index];
  if (run === undefined) return `no run ${runId}`;
  if (run.status !== 'open') return `run ${runId} is ${run.status}`;
  const changed = change(run);
  return typeof changed === 'string'
    ? changed
    : { ...state, runs: state.runs.with(index, changed) };
}
