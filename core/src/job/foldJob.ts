import { InputError } from '../faults/index.ts';
import { judgeRun } from '../measure/index.ts';
import { requireUnit, SPEC_KINDS } from '../unit/index.ts';
import { BENCH_REDUCERS } from './benchReducers.ts';
import { cyclesOf } from './cycles.ts';
import type { JobEvent, JobEventType } from './events.ts';
import { HEAT_REDUCERS } from './heatReducers.ts';
import { liftEvent } from './lift.ts';
import type { Reducer } from './reducer.ts';
import { requireSpecBand } from './requireSpecBand.ts';
import type { MeasuredPiece } from './settingEvents.ts';
import { EMPTY_JOB, type JobState, type Run } from './state.ts';
import { inPlaceNow } from './inPlace.ts';
import { SETTING_REDUCERS } from './settingReducers.ts';
import { TORQUE_REDUCERS } from './torqueReducers.ts';
import { standingEvents } from './undo.ts';
import { UNIT_REDUCERS } from './unitReducers.ts';

/** One reducer for each event. `Undone` never reaches it: undone events are taken out beforehand. */
const REDUCERS: { readonly [T in Exclude<JobEventType, 'Undone'>]: Reducer<T> } = {
  ...UNIT_REDUCERS,
  ...BENCH_REDUCERS,
  ...HEAT_REDUCERS,
  ...TORQUE_REDUCERS,
  ...SETTING_REDUCERS,

  JobOpened: (state, { data, at }) =>
    state.unit === null
      ? {
          ...state,
          unit: requireUnit(data.unit),
          reason: data.reason,
          scope: data.scope,
          openedAt: at,
        }
      : 'the job is open already',

  SpecSet: (state, { data }) =>
    state.unit?.axes.some(({ id }) => id === data.axisId)
      ? {
          ...state,
          specs: [
            ...state.specs.filter(({ specId }) => specId !== data.specId),
            { ...data, band: requireSpecBand(data.kind, data.band) },
          ],
        }
      : `no axis ${data.axisId}`,

  RunOpened: (state, { data, at, by }) => {
    if (state.finished !== null) return 'the job is finished';
    const spec = state.specs.find(({ specId }) => specId === data.specId);
    if (spec === undefined || SPEC_KINDS[spec.kind].taken !== 'run')
      return `no spec ${data.specId} that a run measures`;
    if (state.runs.some(({ runId }) => runId === data.runId)) return `run ${data.runId} exists`;
    if (state.runs.some(({ status }) => status === 'open')) return 'another run is open';
    judgeRun({ ...data, band: spec.band, cycles: [] }); // refuses an instrument that cannot be used
    const run: Run = {
      ...data,
      readings: [],
      status: 'open',
      inPlace: inPlaceNow(state),
      openedAt: at,
      by,
    };
    return { ...state, runs: [...state.runs, run] };
  },

  ReadingTaken: (state, { id, data, at }) =>
    withOpenRun(state, data.runId, (run) => {
      const { value, typed, device, position } = data;
      const reading = { eventId: id, value, typed, device, position, at };
      return { ...run, readings: [...run.readings, reading] };
    }),

  RunClosed: (state, { data }) => {
    const run = state.runs.find(({ runId }) => runId === data.runId);
    if (run !== undefined && run.status === 'open' && verdictOf(state, run)?.status !== 'judged')
      return 'the run has no verdict yet';
    return withOpenRun(state, data.runId, (open) => ({ ...open, status: 'closed' }));
  },

  RunAbandoned: (state, { data }) =>
    withOpenRun(state, data.runId, (run) => ({ ...run, status: 'abandoned' })),

  NoteWritten: (state, { data, at, by }) => ({
    ...state,
    notes: [...state.notes, { text: data.text, at, by }],
  }),

  JobFinished: (state, { data, at }) =>
    state.runs.some(({ status }) => status === 'open')
      ? 'a run is still open'
      : { ...state, finished: { note: data.note, at } },

  JobReopened: (state) =>
    state.finished === null ? 'the job is not finished' : { ...state, finished: null },
};

/**
 * The state of a job from its log. Pure, and total: an event that cannot be applied is listed in
 * `ignored` with the reason and changes nothing else.
 *
 * @param events in order of their stream
 */
export function foldJob(events: readonly JobEvent[]): JobState {
  return standingEvents(events).reduce(applyEvent, EMPTY_JOB);
}

function applyEvent(state: JobState, stored: JobEvent): JobState {
  const event = liftEvent(stored);
  const reducer = REDUCERS[event.type as Exclude<JobEventType, 'Undone'>] as Reducer<JobEventType>;
  const opened = state.unit !== null || event.type === 'JobOpened';
  const result = opened ? reasoned(() => reducer(state, event)) : 'the job has not been opened';
  if (typeof result !== 'string') return result;
  const entry = { eventId: event.id, type: event.type, reason: result };
  return { ...state, ignored: [...state.ignored, entry] };
}

/** A reducer's result, with bad input told as a reason. */
function reasoned(reduce: () => JobState | string): JobState | string {
  try {
    return reduce();
  } catch (error) {
    if (error instanceof InputError) return error.message;
    throw error;
  }
}

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

/** Standard uncertainty of a pack's total: the pieces' own, in quadrature. mm. */
export function packUncertainty(pieces: readonly MeasuredPiece[]): number {
  return Math.sqrt(
    pieces.reduce((sum, { quantity, uncertainty }) => sum + quantity * uncertainty ** 2, 0),
  );
}

/** Change a run that is open. It is looked for from the end, where the open one stands. */
function withOpenRun(state: JobState, runId: string, change: (run: Run) => Run): JobState | string {
  const index = state.runs.findLastIndex((candidate) => candidate.runId === runId);
  const run = state.runs[index];
  if (run === undefined) return `no run ${runId}`;
  if (run.status !== 'open') return `run ${runId} is ${run.status}`;
  return { ...state, runs: state.runs.with(index, change(run)) };
}
