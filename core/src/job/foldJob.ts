import { isSimulated } from '../devices/index.ts';
import { describeError, requireNumber } from '../faults/index.ts';
import { contactsOf, judgeRun } from '../measure/index.ts';
import { requireUnit, SPEC_KINDS, withoutEmptyDetails } from '../unit/index.ts';
import { BENCH_REDUCERS } from './benchReducers.ts';
import { cyclesOf } from './cycles.ts';
import { EVENT_VERSION, type JobEvent, type JobEventType } from './events.ts';
import { growing, withItem } from './growing.ts';
import { HEAT_REDUCERS } from './heatReducers.ts';
import { isInstant } from './instants.ts';
import { liftEvent } from './lift.ts';
import type { Reducer } from './reducer.ts';
import { requireSpecBand } from './requireSpecBand.ts';
import type { MeasuredPiece } from './settingEvents.ts';
import { NOT_IN_A_REAL_JOB } from './practice.ts';
import { EMPTY_JOB } from './emptyJob.ts';
import { type JobState, type Run } from './state.ts';
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
          unit: withoutEmptyDetails(requireUnit(data.unit)),
          reason: data.reason,
          scope: data.scope,
          openedAt: at,
        }
      : 'the job is open already',

  SpecSet: (state, { data }) =>
    state.unit?.axes.some(({ id }) => id === data.axisId)
      ? data.through?.axisId === data.axisId
        ? 'a carrier is read at the pinion of another axis'
        : {
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
    if (data.instrument.kind !== undefined && contactsOf(data.instrument).length === 0)
      return `${data.instrument.name} cannot take a run`;
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
      const { typed, device, position } = data;
      if (isSimulated(device) && !state.practice) return NOT_IN_A_REAL_JOB;
      const value = requireNumber('value', data.value, { min: -100, max: 100, unit: 'mm' });
      const reading = { eventId: id, value, typed, device, position, at };
      return { ...run, readings: withItem(run.readings, reading) };
    }),

  RunClosed: (state, { data }) => {
    const run = state.runs.find(({ runId }) => runId === data.runId);
    if (run !== undefined && run.status === 'open' && verdictOf(state, run)?.status !== 'judged')
      return 'the run has no verdict yet';
    return withOpenRun(state, data.runId, (open) => ({ ...open, status: 'closed' }));
  },

  RunAbandoned: (state, { data }) =>
    withOpenRun(state, data.runId, (run) => ({ ...run, status: 'abandoned' })),

  PracticeMarked: (state) => state,

  NoteWritten: (state, { data, at, by }) => ({
    ...state,
    notes: withItem(state.notes, { text: data.text, at, by }),
  }),

  JobFinished: (state, { data, at }) =>
    state.runs.some(({ status }) => status === 'open')
      ? 'a run is still open'
      : { ...state, finished: { note: data.note, at } },

  JobReopened: (state) =>
    state.finished === null ? 'the job is not finished' : { ...state, finished: null },
};

/**
 * The state of a job from its log. Pure, and total: an event that cannot be applied is listed in `ignored` with the
 * reason and changes nothing else. A log that holds an event of a newer version than this program knows is not read
 * at all: `newerVersion` names it.
 *
 * @param events in order of their stream
 */
export function foldJob(events: readonly JobEvent[]): JobState {
  const newer = events.find(({ version }) => version > EVENT_VERSION);
  if (newer !== undefined) return { ...EMPTY_JOB, newerVersion: newer.version };
  const standing = standingEvents(events);
  // The mark speaks for the whole job, wherever it stands in the log.
  const practice = standing.some(({ type }) => type === 'PracticeMarked');
  return foldOnto({ ...EMPTY_JOB, practice }, standing);
}

/** Events that change what those before them came to. */
const CHANGES_WHAT_WAS: readonly JobEventType[] = ['Undone', 'PracticeMarked'];

/**
 * The state of a job from what it was before and the events since; null where they take something back or are of a
 * newer version, so that the log has to be folded whole.
 */
export function foldRest(before: JobState, rest: readonly JobEvent[]): JobState | null {
  const plain = rest.every(
    ({ type, version }) => !CHANGES_WHAT_WAS.includes(type) && version <= EVENT_VERSION,
  );
  return plain && before.newerVersion === null ? foldOnto(before, rest) : null;
}

/** The state after some more events, each with the time that it takes. */
function foldOnto(before: JobState, events: readonly JobEvent[]): JobState {
  return growing(() => {
    let { lastAt } = before;
    const state = events.reduce((now, stored) => {
      const at = isInstant(stored.at) ? stored.at : (lastAt ?? UNKNOWN_INSTANT);
      const opened = now.unit !== null || stored.type === 'JobOpened';
      const result = opened ? reasoned(now, stored, at) : 'the job has not been opened';
      if (typeof result !== 'string') {
        lastAt = at;
        return result;
      }
      const entry = { eventId: stored.id, type: stored.type, reason: result };
      return { ...now, ignored: withItem(now.ignored, entry) };
    }, before);
    return { ...state, lastAt };
  });
}

/** Stands for the time of an event that came before any readable time. */
const UNKNOWN_INSTANT = '1970-01-01T00:00:00.000Z';

/** A reducer's result; whatever goes wrong in it is told as a reason. */
function reasoned(state: JobState, stored: JobEvent, at: string): JobState | string {
  try {
    const lifted = liftEvent(stored);
    const event = lifted.at === at ? lifted : { ...lifted, at };
    const known = Object.hasOwn(REDUCERS, event.type);
    const reducer = known
      ? (REDUCERS[event.type as keyof typeof REDUCERS] as Reducer<JobEventType>)
      : null;
    return reducer === null ? `no event ${event.type} is known` : reducer(state, event);
  } catch (error) {
    return describeError(error);
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
function withOpenRun(
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
