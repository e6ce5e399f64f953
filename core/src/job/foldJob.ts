import { EVENT_VERSION } from './envelope.ts';
import type { JobEvent } from './events.ts';
import { EMPTY_JOB } from './emptyJob.ts';
import type { EventRows } from './eventRow.ts';
import { foldEvents, type Folding } from './foldEvents.ts';
import { withItem } from './growing.ts';
import { JOB_EVENTS } from './jobEventTable.ts';
import type { JobState } from './state.ts';
import { leftRuns } from './leftRuns.ts';
import { liftEvent } from './lift.ts';
import { standingEvents } from './undo.ts';

const ROWS: EventRows<JobState> = JOB_EVENTS;

/** What begins a run behind one that was closed, or takes its closing back. */
const LEAVES_A_RUN: ReadonlySet<string> = new Set(['RunOpened', 'PlayWorkedOut', 'Undone']);

const FOLDING: Omit<Folding<JobState>, 'lastAt' | 'order'> = {
  closed: ({ unit }, type) =>
    unit !== null || type === 'JobOpened' ? null : 'the job has not been opened',
  refused: (state, { id, type }, reason) => ({
    ...state,
    log: { ...state.log, ignored: withItem(state.log.ignored, { eventId: id, type, reason }) },
  }),
};

/**
 * The state of a job from its log. Pure, and total: an event that cannot be applied is listed in `ignored` with the
 * reason and changes nothing else. A log that holds an event of a newer version than this program knows is not read
 * at all: `newerVersion` names it.
 *
 * @param events in order of their stream
 */
export function foldJob(events: readonly JobEvent[]): JobState {
  const [whole] = foldingJob(events, Infinity);
  return whole!;
}

/**
 * As {@link foldJob}, so many events at a time, for who must not be busy for long: each piece gives the state so far, the
 * last the state of the whole log.
 */
export function* foldingJob(events: readonly JobEvent[], size: number): Generator<JobState> {
  const newer = events.find(({ version }) => version > EVENT_VERSION);
  if (newer !== undefined) {
    yield { ...EMPTY_JOB, log: { ...EMPTY_JOB.log, newerVersion: newer.version } };
    return;
  }
  const standing = standingEvents(events);
  // The mark speaks for the whole job, wherever it stands in the log.
  const practice = standing.some(({ type }) => type === 'PracticeMarked');
  const before = withLeft({ ...EMPTY_JOB, sheet: { ...EMPTY_JOB.sheet, practice } }, events);
  yield* inPieces(before, { standing, told: [...events] }, size);
}

/**
 * The state of a job from what it was before and the events since; null where they speak of what was before or are of a
 * newer version, so that the log has to be folded whole.
 */
export function foldRest(before: JobState, rest: readonly JobEvent[]): JobState | null {
  const standing = standingRest(before, rest);
  if (standing === null) return null;
  const told = toldSince(before, rest);
  return foldOnto(withLeft(before, told, rest), standing, told);
}

/** As {@link foldRest}, so many events at a time, as {@link foldingJob}. */
export function foldingRest(
  before: JobState,
  rest: readonly JobEvent[],
  size: number,
): Generator<JobState> | null {
  const standing = standingRest(before, rest);
  if (standing === null) return null;
  const told = toldSince(before, rest);
  return inPieces(withLeft(before, told, rest), { standing, told }, size);
}

/** A state that knows which runs were left; only what begins one or takes something back can make another. */
function withLeft(
  before: JobState,
  told: readonly JobEvent[],
  since: readonly JobEvent[] = told,
): JobState {
  const changes = since.some(({ type }) => LEAVES_A_RUN.has(type));
  return changes ? { ...before, log: { ...before.log, left: leftRuns(told) } } : before;
}

/** What stands of later events by themselves; null where it cannot be said without those before. */
function standingRest(before: JobState, rest: readonly JobEvent[]): readonly JobEvent[] | null {
  const own = new Set(rest.map(({ id }) => id));
  const byItself = rest.every(({ type, version, data }) => {
    if (version > EVENT_VERSION) return false;
    if (type === 'Undone') return own.has(data.eventId);
    return ROWS[type]?.changesWhatWas !== true;
  });
  return byItself && before.log.newerVersion === null ? standingEvents(rest) : null;
}

/** All that was recorded of a job, in order. The fold alone fills it, with events of a job only. */
export const toldTo = ({ log }: JobState): readonly JobEvent[] => log.told as readonly JobEvent[];

const toldSince = (state: JobState, rest: readonly JobEvent[]): readonly JobEvent[] => [
  ...toldTo(state),
  ...rest,
];

/** Events that stand, and all that was told with them. */
interface Told {
  readonly standing: readonly JobEvent[];
  readonly told: readonly JobEvent[];
}

/** Until the last piece, what was told is what stands of it. */
function* inPieces(before: JobState, { standing, told }: Told, size: number): Generator<JobState> {
  let state = before;
  let folded = 0;
  do {
    const piece = size < standing.length ? standing.slice(folded, folded + size) : standing;
    folded += piece.length;
    const all = folded < standing.length ? toldSince(state, piece) : told;
    state = foldOnto(state, piece, all);
    yield state;
  } while (folded < standing.length);
}

function foldOnto(
  before: JobState,
  events: readonly JobEvent[],
  told: readonly JobEvent[],
): JobState {
  const {
    log: { order, lastAt },
  } = before;
  const folded = foldEvents(ROWS, before, events, { ...FOLDING, order, lastAt });
  return {
    ...folded.state,
    log: { ...folded.state.log, told, order: order + events.length, lastAt: folded.lastAt },
  };
}

/** An event as this program means it, whatever the version it was recorded by. */
export function liftedJobEvent(event: JobEvent): JobEvent {
  const row = JOB_EVENTS[event.type];
  return { ...event, data: liftEvent(row as EventRows<JobState>[string], event) } as JobEvent;
}
