import { memoryStorage } from './memoryStorage.ts';
import { StreamClient } from './streamClient.ts';
import type { StreamState } from './streamStore.ts';
import type {
  PullAnswer,
  PushAnswer,
  StreamEvent,
  StreamStorage,
  Transport,
} from './streamTypes.ts';

const note = (id: string): StreamEvent =>
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
class FakeServer implements Transport {
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

/** Patience with the browser's store is counted in steps of this many ms. */
const STEP = 500;

/** Timers that go when the test says so. */
class HandTimers {
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
async function settled(): Promise<void> {
  for (let turn = 0; turn < 60; turn += 1) await Promise.resolve();
  await new Promise((resolve) => setImmediate(resolve));
}

function bench(storage: Promise<StreamStorage> = Promise.resolve(memoryStorage())) {
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
    transport: server,
    timers,
    tellTabs: (_, event) => told.push(event.id),
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
const serverIds = ({ server }: ReturnType<typeof bench>) => server.stored.map(({ id }) => id);

describe('recording', () => {
  test('should be on screen at once, kept, told to other tabs, and sent in order', async () => {
    const one = bench();
    one.client.record('job', note('a'));
    expect(one.ids('waiting')).toEqual(['a']);
    await one.record('b', 'c');
    expect(one.ids('confirmed')).toEqual(['a', 'b', 'c']);
    expect(one.ids('waiting')).toEqual([]);
    expect(serverIds(one)).toEqual(['a', 'b', 'c']);
    expect(one.told).toEqual(['a', 'b', 'c']);
    expect(one.state).toMatchObject({ reach: 'online', trouble: null, store: 'kept', unsaved: 0 });
  });

  test('should keep the order in which it was done, whatever the clock says, over a closed tab', async () => {
    const storage = memoryStorage();
    const first = bench(Promise.resolve(storage));
    first.server.answer = () => ({ kind: 'away' });
    await first.record('0.01', '0.26');
    // The tab is closed, the clock set back a day; the next tab finds what waits and goes on behind it.
    const second = bench(Promise.resolve(storage));
    second.client.open('job');
    await second.record('0.02', '0.03');
    expect(serverIds(second)).toEqual(['0.01', '0.26', '0.02', '0.03']);
  });

  test('should send what an earlier visit left, without being opened', async () => {
    const storage = memoryStorage();
    await storage.keep('job', note('left'));
    const later = bench(Promise.resolve(storage));
    await later.client.sendLeftovers();
    await settled();
    expect(serverIds(later)).toEqual(['left']);
    expect(await storage.waitingStreams()).toEqual([]);
  });

  test('should put entries of others where they belong', async () => {
    const one = bench();
    one.client.open('job');
    await settled();
    one.server.stored.push({ ...note('theirs'), seq: 1 });
    await one.record('mine');
    expect(one.ids('confirmed')).toEqual(['theirs', 'mine']);
  });

  test('should show what another tab recorded, and leave the sending to it', async () => {
    const one = bench();
    one.client.open('job');
    await settled();
    one.client.recordedElsewhere('job', note('other tab'));
    expect(one.ids('waiting')).toEqual(['other tab']);
    one.client.syncOpen();
    await settled();
    expect(one.server.batches).toEqual([]);
    one.server.stored.push({ ...note('other tab'), seq: 1 });
    one.client.grown('job', 1);
    await settled();
    expect(one.ids('waiting')).toEqual([]);
    expect(one.ids('confirmed')).toEqual(['other tab']);
  });
});

describe('a server that is away', () => {
  test('should be told, with everything kept, tried again ever more patiently, and gone on with by itself', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a');
    expect(one.state).toMatchObject({ reach: 'offline', unsaved: 0 });
    const waits: number[] = [];
    for (let turn = 0; turn < 6; turn += 1) waits.push(...(await one.timers.go()));
    expect(waits).toEqual([1000, 2000, 4000, 8000, 15_000, 15_000]);
    one.server.answer = null;
    one.client.syncOpen();
    await settled();
    expect(serverIds(one)).toEqual(['a']);
    expect(one.state).toMatchObject({ reach: 'online', trouble: null });
  });

  test.each<[PushAnswer['kind'], string]>([
    ['notOurServer', 'notOurServer'],
    ['noSuchLog', 'noSuchLog'],
  ])('should keep every entry when the answer is %s, and say so', async (kind, trouble) => {
    const one = bench();
    one.server.answer = () => ({ kind }) as PushAnswer;
    await one.record(...Array.from({ length: 120 }, (_, n) => `n${n}`));
    expect(one.ids('waiting')).toHaveLength(120);
    expect(one.state).toMatchObject({ trouble, aside: [] });
    one.server.answer = null;
    await one.timers.go();
    expect(serverIds(one)).toHaveLength(120);
    expect(one.state.trouble).toBeNull();
  });

  test('should be tried at once when it is heard of again', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a');
    one.server.answer = null;
    one.client.syncOpen();
    await settled();
    expect(one.ids('confirmed')).toEqual(['a']);
  });
});

describe('a refusal', () => {
  const refusing =
    (bad: string) =>
    (events: readonly StreamEvent[]): PushAnswer | null => {
      const place = events.findIndex(({ id }) => id === bad);
      return place === -1
        ? null
        : {
            kind: 'refused',
            places: [place],
            message: 'no',
            faults: [
              {
                code: 'outOfRange',
                field: `events[${place}].data.text`,
                value: '',
                wanted: { id: 'someText' },
              },
            ],
          };
    };

  test('should set aside the entry that it names, and let all others go on in order', async () => {
    const one = bench();
    one.server.answer = refusing('bad');
    await one.record('a', 'bad', 'b');
    expect(serverIds(one)).toEqual(['a', 'b']);
    expect(one.ids('waiting')).toEqual([]);
    expect(one.state.aside).toMatchObject([
      { streamId: 'job', event: { id: 'bad' }, reason: { code: 'refused', message: 'no' } },
    ]);
  });

  test('should be kept over a reload, sent again when that is asked for, and forgotten only when asked', async () => {
    const storage = memoryStorage();
    const first = bench(Promise.resolve(storage));
    first.server.answer = refusing('bad');
    await first.record('bad');
    const second = bench(Promise.resolve(storage));
    await settled();
    expect(second.state.aside).toHaveLength(1);
    await second.client.sendAgain('bad');
    await settled();
    expect(serverIds(second)).toEqual(['bad']);
    expect(second.state.aside).toEqual([]);
    expect(await storage.aside()).toEqual([]);
    await first.client.forget(['bad']);
    expect(first.state.aside).toEqual([]);
  });

  test('should not take anything else with it when it names a place that was not sent', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'refused', places: [99], message: 'no', faults: [] });
    await one.record('a');
    expect(one.ids('waiting')).toEqual(['a']);
    expect(one.state).toMatchObject({ trouble: 'notOurServer', aside: [] });
  });

  test('should make batches smaller when they are too large, down to the one that is', async () => {
    const one = bench();
    one.server.answer = (events) =>
      events.length > 3 || events.some(({ id }) => id === 'huge') ? { kind: 'tooLarge' } : null;
    await one.record('a', 'b', 'c', 'd', 'huge', 'e');
    expect(serverIds(one)).toEqual(['a', 'b', 'c', 'd', 'e']);
    expect(one.state.aside).toMatchObject([
      { event: { id: 'huge' }, reason: { code: 'tooLarge' } },
    ]);
  });

  test('should not block the line for ever when the server fails on one entry', async () => {
    const one = bench();
    one.server.answer = (events) =>
      events.some(({ id }) => id === 'poison') ? { kind: 'failed' } : null;
    await one.record('a', 'poison', 'b');
    expect(one.state.trouble).toBe('serverFails');
    for (let turn = 0; turn < 20; turn += 1) await one.timers.go();
    expect(serverIds(one)).toEqual(['a', 'b']);
    expect(one.state.aside).toMatchObject([
      { event: { id: 'poison' }, reason: { code: 'serverFailed' } },
    ]);
    expect(one.state.trouble).toBeNull();
  });

  test('should end when the server says it took something, and does not name it', async () => {
    const one = bench();
    one.server.answer = () => ({ kind: 'accepted', accepted: [] });
    await one.record('a');
    expect(one.ids('waiting')).toEqual(['a']);
    expect(one.state.trouble).toBe('notOurServer');
  });
});

describe('the browser’s own store', () => {
  const failing = (error: unknown): StreamStorage => {
    const fail = () => Promise.reject(error as Error);
    return {
      load: fail,
      keep: fail,
      confirm: fail,
      setAside: fail,
      aside: () => Promise.resolve([]),
      forget: fail,
      waitingStreams: fail,
    };
  };

  /** A store whose writes end when the test says so. */
  const slow = () => {
    const done: (() => void)[] = [];
    const kept = memoryStorage();
    const keep = async (id: string, event: StreamEvent) => {
      await new Promise<void>((resolve) => void done.push(resolve));
      return kept.keep(id, event);
    };
    return { storage: { ...kept, keep }, answer: () => done.forEach((end) => end()) };
  };

  test('should be told when it is refused, and what can be sent is sent', async () => {
    const one = bench(Promise.reject(new Error('private window')));
    await one.record('a', 'b');
    expect(one.state.store).toBe('refused');
    expect(serverIds(one)).toEqual(['a', 'b']);
    expect(one.state.unsaved).toBe(0);
  });

  test('should count what is on this page only, while neither store nor server has it', async () => {
    const one = bench(Promise.reject(new Error('private window')));
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a', 'b');
    expect(one.state.unsaved).toBe(2);
    one.server.answer = null;
    one.client.syncOpen();
    await settled();
    expect(one.state.unsaved).toBe(0);
  });

  test('should be told apart when it is full', async () => {
    const one = bench(Promise.resolve(failing(new DOMException('full', 'QuotaExceededError'))));
    await one.record('a');
    expect(one.state.store).toBe('full');
    expect(serverIds(one)).toEqual(['a']);
  });

  test('should be given up when it hangs, so that it holds nothing up', async () => {
    const one = bench(Promise.resolve(slow().storage));
    one.client.record('job', note('a'));
    await settled();
    await one.timers.patience(8);
    expect(serverIds(one)).toEqual([]);
    await one.timers.patience(1);
    expect(serverIds(one)).toEqual(['a']);
    expect(one.state.store).toBe('refused');
  });

  test('should be believed again when it answers after all', async () => {
    const { storage, answer } = slow();
    const one = bench(Promise.resolve(storage));
    one.server.answer = () => ({ kind: 'away' });
    one.client.record('job', note('a'));
    await settled();
    await one.timers.patience(9);
    expect(one.state).toMatchObject({ store: 'refused', unsaved: 1 });
    answer();
    await settled();
    expect(one.state).toMatchObject({ store: 'kept', unsaved: 0 });
  });

  test('should not be given up because the clock was put on, or the machine slept', async () => {
    const { storage, answer } = slow();
    const one = bench(Promise.resolve(storage));
    one.client.record('job', note('a'));
    await settled();
    await one.timers.patience(1); // what is due goes once, however long the sleep
    answer();
    await settled();
    expect(one.state).toMatchObject({ store: 'kept', unsaved: 0 });
    expect(serverIds(one)).toEqual(['a']);
  });

  test('should be taken up when it opens late: it keeps what was entered, and shows what it had', async () => {
    const storage = memoryStorage();
    await storage.keep('job', note('left from before'));
    await storage.setAside([{ streamId: 'job', event: note('odd'), reason: { code: 'tooLarge' } }]);
    let open: (storage: StreamStorage) => void = () => undefined;
    const one = bench(new Promise((resolve) => (open = resolve)));
    one.server.answer = () => ({ kind: 'away' });
    await one.record('a');
    await one.timers.patience(10);
    expect(one.state).toMatchObject({ store: 'refused', unsaved: 1 });
    expect(one.ids('waiting')).toEqual(['a']);
    open(storage);
    await settled();
    expect(one.state).toMatchObject({ store: 'kept', unsaved: 0 });
    expect(one.ids('waiting')).toEqual(['left from before', 'a']);
    expect(one.state.aside.map(({ event }) => event.id)).toEqual(['odd']);
    const kept = await storage.load('job');
    expect(kept.waiting.map(({ id }) => id)).toEqual(['left from before', 'a']);
  });
});

describe('opening a log', () => {
  test('should show what the store has, then what the server has more', async () => {
    const storage = memoryStorage();
    await storage.confirm('job', [{ ...note('a'), seq: 1 }]);
    const one = bench(Promise.resolve(storage));
    one.server.stored.push({ ...note('a'), seq: 1 }, { ...note('b'), seq: 2 });
    one.client.open('job');
    await settled();
    expect(one.ids('confirmed')).toEqual(['a', 'b']);
    expect((await storage.load('job')).confirmed.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(one.state.logs['job']!.status).toBe('ready');
  });

  test('should tell a log that the server does not have from a server that cannot be reached', async () => {
    const missing = bench();
    missing.server.pullAnswer = { kind: 'noSuchLog' };
    missing.client.open('job');
    await settled();
    expect(missing.state.logs['job']!.status).toBe('missing');
    expect(missing.state).toMatchObject({ reach: 'online', trouble: null });
    const away = bench();
    away.server.pullAnswer = { kind: 'away' };
    away.client.open('job');
    await settled();
    expect(away.state.logs['job']!.status).toBe('unreachable');
    expect(away.state.reach).toBe('offline');
  });

  test('should look again only at logs that are open', async () => {
    const one = bench();
    const close = one.client.open('job');
    await settled();
    close();
    one.server.stored.push({ ...note('x'), seq: 1 });
    one.client.grown('job', 1);
    await settled();
    expect(one.ids('confirmed')).toEqual([]);
  });
});
