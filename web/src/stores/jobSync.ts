import { v4 as uuid } from 'uuid';

import type { AppendAnswer, EventsAnswer } from '@wendaxis/contract';
import {
  EVENT_VERSION,
  nextToRedo,
  nextToUndo,
  type JobEvent,
  type JobEventType,
} from '@wendaxis/core/job';

import { AnswerError, ask, OutOfReachError, send } from '../api/client.ts';
import { openBenchStorage } from '../storage/benchStorage.ts';
import {
  changeLog,
  confirm,
  countUnsaved,
  heldLog,
  refuse,
  setReach,
  type DataOf,
} from './jobLogStore.ts';
import { useSettings } from './settingsStore.ts';

const RETRY_AFTER = 2000; // ms
const BATCH = 200;
const storage = openBenchStorage();
const busy = new Map<string, Promise<void>>();
const again = new Set<string>();

/**
 * Record something that happened. It is on screen and in the browser's own store at once, and goes up to
 * the server when it can be reached.
 */
export function record<Type extends JobEventType>(
  jobId: string,
  type: Type,
  data: DataOf<Type>,
): void {
  const event = {
    id: uuid(),
    seq: null,
    type,
    version: EVENT_VERSION,
    at: new Date().toISOString(),
    by: useSettings.getState().personId,
    data,
  } as unknown as JobEvent;
  changeLog(jobId, ({ waiting }) => ({ waiting: [...waiting, event] }));
  countUnsaved(1);
  void storage
    .then((store) => store.save(jobId, [event]))
    .finally(() => countUnsaved(-1))
    .then(() => sync(jobId));
}

/** Take back the last thing that stands. Returns what was taken back. */
export function undo(jobId: string): JobEvent | null {
  const target = nextToUndo(allEvents(jobId));
  if (target !== null) record(jobId, 'Undone', { eventId: target.id });
  return target;
}

/** Bring back what the last undo took. */
export function redo(jobId: string): void {
  const target = nextToRedo(allEvents(jobId));
  if (target !== null) record(jobId, 'Undone', { eventId: target.id });
}

function allEvents(jobId: string): readonly JobEvent[] {
  const { confirmed, waiting } = heldLog(jobId);
  return [...confirmed, ...waiting];
}

/** Open a job: first from the browser's store, then from the server, then live. Returns the way to close it. */
export function openJob(jobId: string): () => void {
  void loadStored(jobId).then(() => sync(jobId));
  const source = new EventSource(`/api/jobs/${jobId}/live`);
  source.addEventListener('open', () => void sync(jobId));
  source.addEventListener('grown', () => void sync(jobId));
  source.addEventListener('error', () => setReach('offline'));
  return () => source.close();
}

/** Send what an earlier visit left waiting, for every job. */
export async function sendLeftovers(): Promise<void> {
  const store = await storage;
  for (const jobId of await store.waitingStreams()) {
    await loadStored(jobId);
    await sync(jobId);
  }
}

async function loadStored(jobId: string): Promise<void> {
  const events = await (await storage).load(jobId);
  confirm(
    jobId,
    events.filter(({ seq }) => seq !== null),
  );
  changeLog(jobId, ({ confirmed, waiting, status }) => {
    const known = new Set([...confirmed, ...waiting].map(({ id }) => id));
    const left = events.filter(({ id, seq }) => seq === null && !known.has(id));
    return {
      waiting: [...left, ...waiting],
      status: status === 'loading' && confirmed.length > 0 ? 'ready' : status,
    };
  });
}

/** Send and fetch until both sides have the same; one at a time for each job. */
function sync(jobId: string): Promise<void> {
  const running = busy.get(jobId);
  if (running !== undefined) {
    again.add(jobId);
    return running;
  }
  const work = syncOnce(jobId).finally(() => {
    busy.delete(jobId);
    if (again.delete(jobId)) void sync(jobId);
  });
  busy.set(jobId, work);
  return work;
}

async function syncOnce(jobId: string): Promise<void> {
  try {
    await pushWaiting(jobId);
    await pull(jobId);
    setReach('online');
  } catch (error) {
    if (error instanceof AnswerError && error.code === 'noSuchStream')
      return changeLog(jobId, () => ({ status: 'missing' }));
    if (!(error instanceof OutOfReachError)) throw error;
    setReach('offline');
    changeLog(jobId, ({ status }) => ({ status: status === 'loading' ? 'unreachable' : status }));
    setTimeout(() => void sync(jobId), RETRY_AFTER);
  }
}

async function pushWaiting(jobId: string): Promise<void> {
  for (;;) {
    const batch = heldLog(jobId).waiting.slice(0, BATCH);
    if (batch.length === 0) return;
    const events = batch.map(({ seq: _, ...event }) => event);
    try {
      await send<AppendAnswer>(`/jobs/${jobId}/events`, { events });
      await pull(jobId);
    } catch (error) {
      if (!(error instanceof AnswerError)) throw error;
      await takeOut(jobId, batch, error);
    }
  }
}

/** Of a refused batch, take out the events that were named; the others go up again. */
async function takeOut(
  jobId: string,
  batch: readonly JobEvent[],
  error: AnswerError,
): Promise<void> {
  const named = new Set(
    error.faults.map(({ field }) => Number(/^events\[(\d+)\]/.exec(field)?.[1])),
  );
  const bad = batch.filter((_, index) => named.has(index));
  const out = bad.length > 0 ? bad : batch;
  refuse(jobId, out, error);
  await (await storage).drop(out.map(({ id }) => id));
}

/** Fetch what the server has beyond what we hold. */
async function pull(jobId: string): Promise<void> {
  for (;;) {
    const after = heldLog(jobId).confirmed.at(-1)?.seq ?? 0;
    const answer = await ask<EventsAnswer<JobEvent>>(`/jobs/${jobId}/events?after=${after}`);
    confirm(jobId, answer.events);
    changeLog(jobId, () => ({ status: 'ready' }));
    await (await storage).save(jobId, answer.events);
    const last = answer.events.at(-1)?.seq ?? after;
    if (last >= answer.lastSeq || answer.events.length === 0) return;
  }
}
