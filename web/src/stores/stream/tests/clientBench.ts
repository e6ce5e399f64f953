import { plainJournal, type Journal } from '../journal.ts';
import { memoryStorage } from '../memoryStorage.ts';
import { StreamClient, type StreamParts } from '../streamClient.ts';
import type { StreamState } from '../streamStore.ts';
import type {
  PullAnswer,
  PushAnswer,
  StreamEvent,
  StreamStorage,
  Transport,
} from '../streamTypes.ts';

export const note = (id: string): StreamEvent =>
  ({
    id,
    seq: null,
    type: 'NoteWritten',
    version: 1,
    at: '2026-01-01T00:00:00.000Z',
    by: 'ann',
    data: { text: id },
  }) as StreamEvent;

/** A server as a test wants it: it stores, unless it is told to answer otherwise. */
export class FakeServer implements Transport {
  readonly stored: StreamEvent[] = [];
  readonly batches: string[][] = [];
  /** What it answers instead of storing, for as long as it is not null. */
  answer: ((events: readonly StreamEvent[]) => PushAnswer | null) | null = null;
  pullAnswer: PullAnswer | null = null;

  push(_: string, events: readonly StreamEvent[]): Promise<PushAnswer> {
    this.batches.push(events.map(({ id }) => id));
    const other = this.answer?.(events) ?? null;
    if (other !== null) return Promise.resolve(other);
    for (const event of events)
      if (!this.stored.some(({ id }) => id === event.id))
        this.stored.push({ ...event, seq: this.stored.length + 1 });
    const seqOf = (id: string) => this.stored.find((one) => one.id === id)!.seq!;
    return Promise.resolve({
      kind: 'accepted',
      accepted: events.map(({ id }) => ({ id, seq: seqOf(id) })),
    });
  }

  pull(_: string, after: number): Promise<PullAnswer> {
    const events = this.stored.slice(after);
    return Promise.resolve(
      this.pullAnswer ?? { kind: 'page', events, lastSeq: this.stored.length },
    );
  }
}

/** A browser's plain storage, as far as a journal uses it. */
export class PlainMap extends Map<string, string> {
  get length(): number {
    return this.size;
  }
  key = (at: number): string | null => [...this.keys()][at] ?? null;
  getItem = (name: string): string | null => this.get(name) ?? null;
  setItem = (name: string, value: string): void => void this.set(name, value);
  removeItem = (name: string): void => void this.delete(name);
}

/** The journal of a browser that refuses plain storage. */
export const NO_JOURNAL = plainJournal(() => {
  throw new DOMException('no', 'SecurityError');
}, Date.now);

/** Patience with the browser's store is counted in steps of this many ms. */
export const STEP = 500;

/** Timers that go when the test says so. */
export class HandTimers {
  readonly #waiting = new Map<number, { readonly action: () => void; readonly wait: number }>();
  #next = 0;
  set = (action: () => void, wait: number): number => {
    this.#waiting.set((this.#next += 1), { action, wait });
    return this.#next;
  };
  clear = (timer: unknown): void => void this.#waiting.delete(timer as number);
  /** Let everything that waits for a retry go, and see how long it would have waited. */
  async go(): Promise<readonly number[]> {
    return this.#fire([...this.#waiting].filter(([, { wait }]) => wait !== STEP));
  }
  /** Let the patience with the browser's store run for so many of its steps. */
  async patience(steps: number): Promise<void> {
    for (let step = 0; step < steps; step += 1)
      await this.#fire([...this.#waiting].filter(([, { wait }]) => wait === STEP));
  }
  async #fire(rows: [number, { action: () => void; wait: number }][]): Promise<readonly number[]> {
    for (const [timer, { action }] of rows) {
      this.#waiting.delete(timer);
      action();
    }
    await settled();
    return rows.map(([, { wait }]) => wait);
  }
}

/** Until everything that is under way has come to its end. */
export async function settled(): Promise<void> {
  for (let turn = 0; turn < 60; turn += 1) await Promise.resolve();
  await new Promise((resolve) => setImmediate(resolve));
}

export function bench(
  storage: Promise<StreamStorage> = Promise.resolve(memoryStorage()),
  readAhead: StreamParts['readAhead'] = () => Promise.resolve(),
  journal: Journal = NO_JOURNAL,
) {
  let state: StreamState = {
    logs: {},
    reach: 'connecting',
    trouble: null,
    store: 'opening',
    unsaved: 0,
    aside: [],
  };
  const told: string[] = [];
  const server = new FakeServer();
  const timers = new HandTimers();
  const client = new StreamClient({
    state: {
      getState: () => state,
      setState: (change) => {
        state = { ...state, ...change(state) };
      },
    },
    storage,
    journal,
    transport: server,
    timers,
    tellTabs: (_, event) => told.push(event.id),
    readAhead,
  });
  return {
    client,
    server,
    timers,
    told,
    get state() {
      return state;
    },
    ids: (part: 'confirmed' | 'waiting') => (state.logs['job']?.[part] ?? []).map(({ id }) => id),
    record: async (...ids: readonly string[]) => {
      for (const id of ids) client.record('job', note(id));
      await settled();
    },
  };
}
export const serverIds = ({ server }: ReturnType<typeof bench>) =>
  server.stored.map(({ id }) => id);
