import { FIGURES } from '../figures/index.ts';
import { judgeLengths, judgeRun, type Band, type RunVerdict } from '../measure/index.ts';
import { oncePerObject, oncePerPair } from '../memo/index.ts';
import { setsZeroPlay } from '../unit/index.ts';
import { withItem, withItemAt } from './growing.ts';
import { cyclesOf } from './cycles.ts';
import type { JobState } from './state.ts';
import type { Run, Spec } from './stateRows.ts';

/** A run is judged once, and its verdict carried with it: another reading makes another run, another band another spec. */
const judged = oncePerPair((band: Band, run: Run): RunVerdict => {
  const { instrument, indicator, shaftHeld, lengths } = run;
  if (lengths !== undefined) return judgeLengths(instrument, lengths, band);
  return judgeRun({ instrument, indicator, shaftHeld, band, cycles: cyclesOf(run).complete });
});

const withoutLower = oncePerObject((band: Band): Band => ({ ...band, lower: null }));

/**
 * The limits that a run is held against. Where a hub is to have no play to speak of, nothing below zero can be read: only that it has no
 * more than it may is decided; that it is not preloaded is felt by turning it.
 */
function judgedBy({ unit }: JobState, { band, axisId, kind }: Spec): Band {
  const axis = unit?.axes.find(({ id }) => id === axisId);
  const isZero = kind === 'endPlay' && band.lower === 0 && band.upper !== null;
  return isZero && axis !== undefined && setsZeroPlay(axis) ? withoutLower(band) : band;
}

/** The verdict of a run as it stands; null when its spec is gone. */
export function verdictOf(state: JobState, run: Run) {
  const spec = state.specs.find(({ specId }) => specId === run.specId);
  return spec === undefined ? null : judged(judgedBy(state, spec), run);
}

/** The spec of a run that is to begin; or why none can. */
export function specOfRun(
  { sheet, specs, measured: { runs }, log }: JobState,
  { runId, specId }: Pick<Run, 'runId' | 'specId'>,
): Spec | string {
  if (sheet.finished !== null) return 'the job is finished';
  const spec = specs.find((row) => row.specId === specId);
  if (spec === undefined || FIGURES[spec.kind].taken !== 'run')
    return `no spec ${specId} that a run measures`;
  if (runs.some((run) => run.runId === runId)) return `run ${runId} exists`;
  const last = runs.at(-1);
  return last?.status === 'open' && !log.left.includes(last.runId) ? 'another run is open' : spec;
}

/** The state with a run that begins, or was worked out. One that was left and is open again since is not gone on with. */
export function withRun(state: JobState, run: Run): JobState {
  const { runs } = state.measured;
  const last = runs.at(-1);
  const was: readonly Run[] =
    last?.status === 'open'
      ? withItemAt(runs, runs.length - 1, { ...last, status: 'abandoned' })
      : runs;
  return { ...state, measured: { ...state.measured, runs: withItem(was, run) } };
}

/** Change a run that is open. It is looked for from the end, where the open one stands. */
export function withOpenRun(
  state: JobState,
  runId: string,
  change: (run: Run) => Run | string,
): JobState | string {
  const index = state.measured.runs.findLastIndex((candidate) => candidate.runId === runId);
  const run = state.measured.runs[index];
  if (run === undefined) return `no run ${runId}`;
  if (run.status !== 'open') return `run ${runId} is ${run.status}`;
  const changed = change(run);
  return typeof changed === 'string'
    ? changed
    : {
        ...state,
        measured: { ...state.measured, runs: withItemAt(state.measured.runs, index, changed) },
      };
}
