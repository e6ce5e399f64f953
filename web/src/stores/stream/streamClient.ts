import { batchOf, MOST_IN_BATCH } from './batchOf.ts';
import { KeptStore } from './keptStore.ts';
import { NO_LOG, type StateBox, type StreamState } from './streamStore.ts';
import type {
  AsideEvent,
  AsideReason,
  PushAnswer,
  StreamEvent,
  StreamLog,
  StreamStorage,
  Timers,
  Transport,
  Trouble,
} from './streamTypes.ts';

/** Waits between tries while nothing goes up (ms); the last one again and again. */
const RETRY_AFTER = [1000, 2000, 4000, 8000, 15_000] as const;
/** So often the server may fail on the same entries before they are tried one by one, and one is set aside. */
const FAILURES_BORNE = 3;

/** What a client is wired from. */
export interface StreamParts {
  readonly state: StateBox<StreamState>;
  /** Resolves with the browser's store; rejects where the browser refuses one. */
  readonly storage: Promise<StreamStorage>;
  readonly transport: Transport;
  readonly timers: Timers;
  /** Other tabs are told of what is recorded here. */
  readonly tellTabs: (streamId: string, event: StreamEvent) => void;
}

/** How sending a log goes on. */
interface Line {
  /** Its stored events are on screen. */
  loaded: Promise<void> | null;
  running: Promise<void> | null;
  again: boolean;
  /** Most events in the next batch: smaller after a refusal that names none. */
  most: number;
  failures: number;
  tries: number;
  timer: unknown;
  opened: number;
}

/**
 * The logs of this browser: what is recorded is on screen and in the browser's own store at once, and goes up to the
 * server in the order in which it was recorded, when it can be reached. One machine for the jobs and the workshop.
 *
 * Only a refusal that names an entry sets that entry aside. Whatever else is answered, everything waits, says so, and
 * goes on by itself.
 */
export class StreamClient {
  readonly #parts: StreamParts;
  readonly #store: KeptStore;
  readonly #lines = new Map<string, Line>();
  /** Entries that another tab recorded: it sends them itself. */
  readonly #others = new Set<string>();
  /** Entries that the browser's store does not have yet, or does not take. */
  readonly #unkept = new Set<string>();
  /** Entries on their way into the browser's store. */
  readonly #keeping = new Set<string>();

  constructor(parts: StreamParts) {
    this.#parts = parts;
    this.#store = new KeptStore({
      storage: parts.storage,
      timers: parts.timers,
      tell: (store) => this.#set({ store }),
      cameLate: () => this.#storeCameLate(),
    });
    void this.#loadAside();
  }

  /** Record an event: on screen now, kept as soon as the browser's store has it, sent as soon as it can be. */
  record(streamId: string, event: StreamEvent): void {
    this.#change(streamId, ({ waiting }) => ({ waiting: [...waiting, event] }));
    this.#parts.tellTabs(streamId, event);
    this.#unkept.add(event.id);
    this.#countUnkept();
    void this.#keep(streamId, event).then(() => this.sync(streamId));
  }

  /** Another tab has recorded something: show it. That tab keeps and sends it. */
  recordedElsewhere(streamId: string, event: StreamEvent): void {
    if (this.#parts.state.getState().logs[streamId] === undefined) return;
    this.#others.add(event.id);
    this.#change(streamId, ({ confirmed, waiting }) =>
      [...confirmed, ...waiting].some(({ id }) => id === event.id)
        ? {}
        : { waiting: [...waiting, event] },
    );
  }

  /** Open a log: first from the browser's store, then from the server. Returns the way to close it. */
  open(streamId: string): () => void {
    const line = this.#line(streamId);
    line.opened += 1;
    void this.sync(streamId);
    return () => {
      line.opened -= 1;
    };
  }

  /** Send what an earlier visit left waiting, for every log. */
  async sendLeftovers(): Promise<void> {
    const storage = await this.#store.opened();
    const ids = await storage?.waitingStreams().catch(() => []);
    await Promise.all((ids ?? []).map((id) => this.sync(id)));
  }

  /** The server has more of a log than a place. */
  grown(streamId: string, lastSeq: number): void {
    const log = this.#log(streamId);
    const isOpen = (this.#lines.get(streamId)?.opened ?? 0) > 0;
    if (isOpen && lastSeq > (log.confirmed.at(-1)?.seq ?? 0)) void this.sync(streamId);
  }

  /** News may have been missed: look at every log that is open. */
  syncOpen(): void {
    for (const [id, { opened }] of this.#lines)
      if (opened > 0 || this.#log(id).waiting.length > 0) void this.sync(id);
  }

  /** Try an entry that was set aside once more, behind everything that waits. */
  async sendAgain(id: string): Promise<void> {
    const row = this.#parts.state.getState().aside.find(({ event }) => event.id === id);
    if (row === undefined) return;
    await this.forget([id]);
    this.record(row.streamId, row.event);
  }

  /** Forget entries that were set aside. */
  async forget(ids: readonly string[]): Promise<void> {
    this.#parts.state.setState(({ aside }) => ({
      aside: aside.filter(({ event }) => !ids.includes(event.id)),
    }));
    await this.#store.write((storage) => storage.forget(ids));
  }

  /** Send and fetch until both sides have the same; one at a time for each log. */
  sync(streamId: string): Promise<void> {
    const line = this.#line(streamId);
    if (line.running !== null) {
      line.again = true;
      return line.running;
    }
    this.#parts.timers.clear(line.timer);
    line.running = this.#syncOnce(streamId, line).finally(() => {
      line.running = null;
      if (!line.again) return;
      line.again = false;
      void this.sync(streamId);
    });
    return line.running;
  }

  async #syncOnce(streamId: string, line: Line): Promise<void> {
    line.loaded ??= this.#loadStored(streamId);
    await line.loaded;
    const trouble = (await this.#pushAll(streamId, line)) ?? (await this.#pullAll(streamId));
    if (trouble === null) {
      line.tries = 0;
      return this.#set({ reach: 'online', trouble: null });
    }
    this.#tell(streamId, trouble);
    const wait = RETRY_AFTER[Math.min(line.tries, RETRY_AFTER.length - 1)]!;
    line.tries += 1;
    line.timer = this.#parts.timers.set(() => void this.sync(streamId), wait);
  }

  /** What stands in the way, on screen. A server that cannot be reached is one thing, one that answers wrongly another. */
  #tell(streamId: string, trouble: Trouble | 'away'): void {
    const unknown = trouble === 'noSuchLog' ? 'missing' : 'unreachable';
    this.#change(streamId, ({ status, waiting }) =>
      status === 'loading' && waiting.length === 0 ? { status: unknown } : {},
    );
    // A log that the server does not have is nothing amiss while nothing waits to go up to it.
    const amiss = trouble !== 'noSuchLog' || this.#log(streamId).waiting.length > 0;
    const reached = trouble === 'noSuchLog' || trouble === 'serverFails';
    this.#set({
      reach: reached ? 'online' : 'offline',
      trouble: trouble === 'away' || !amiss ? null : trouble,
    });
  }

  async #loadStored(streamId: string): Promise<void> {
    const storage = await this.#store.opened();
    const stored = await storage?.load(streamId).catch(() => null);
    if (stored == null) return;
    this.#confirm(streamId, stored.confirmed);
    this.#change(streamId, ({ confirmed, waiting, status }) => {
      const known = new Set([...confirmed, ...waiting].map(({ id }) => id));
      const left = stored.waiting.filter(({ id }) => !known.has(id));
      const some = confirmed.length + left.length > 0;
      return {
        waiting: [...left, ...waiting],
        status: status === 'loading' && some ? 'ready' : status,
      };
    });
  }

  /** Send everything that waits. @returns what stands in the way, if anything does */
  async #pushAll(streamId: string, line: Line): Promise<Trouble | 'away' | null> {
    for (;;) {
      const batch = batchOf(this.#ready(streamId), line.most);
      if (batch.length === 0) return null;
      const trouble = await this.#take(
        streamId,
        line,
        batch,
        await this.#parts.transport.push(streamId, batch),
      );
      if (trouble !== null) return trouble;
    }
  }

  /** What may go up now: recorded here, and not still on its way into the browser's store; in order, so none overtakes. */
  #ready(streamId: string): readonly StreamEvent[] {
    const own = this.#log(streamId).waiting.filter(({ id }) => !this.#others.has(id));
    const onItsWay = own.findIndex(({ id }) => this.#keeping.has(id));
    return onItsWay === -1 ? own : own.slice(0, onItsWay);
  }

  /** Do what an answer wants. @returns what stands in the way, if anything does */
  async #take(
    streamId: string,
    line: Line,
    batch: readonly StreamEvent[],
    answer: PushAnswer,
  ): Promise<Trouble | 'away' | null> {
    switch (answer.kind) {
      case 'accepted':
        line.most = MOST_IN_BATCH;
        line.failures = 0;
        return this.#accepted(streamId, batch, answer.accepted);
      case 'refused': {
        const named = answer.places.flatMap((place) => batch[place] ?? []);
        if (named.length === 0) return 'notOurServer';
        const { message, faults } = answer;
        await this.#setAside(streamId, named, { code: 'refused', message, faults });
        return null;
      }
      case 'tooLarge':
        if (batch.length > 1) line.most = Math.floor(batch.length / 2);
        else await this.#setAside(streamId, batch, { code: 'tooLarge' });
        return null;
      case 'failed':
        return this.#failed(streamId, line, batch);
      case 'noSuchLog':
      case 'notOurServer':
        return answer.kind;
      case 'away':
        return 'away';
    }
  }

  /** The server fails on some entries: smaller batches, until the one it fails on is found; the others go on. */
  async #failed(
    streamId: string,
    line: Line,
    batch: readonly StreamEvent[],
  ): Promise<Trouble | null> {
    line.failures += 1;
    if (line.failures < FAILURES_BORNE) return 'serverFails';
    if (batch.length > 1) {
      line.most = Math.floor(batch.length / 2);
      return null;
    }
    line.failures = 0;
    await this.#setAside(streamId, batch, { code: 'serverFailed' });
    return null;
  }

  /** Entries have their places. Where nothing of others lies between, they need not be fetched. */
  async #accepted(
    streamId: string,
    batch: readonly StreamEvent[],
    accepted: readonly { readonly id: string; readonly seq: number }[],
  ): Promise<Trouble | 'away' | null> {
    const places = new Map(accepted.map(({ id, seq }) => [id, seq]));
    const last = this.#log(streamId).confirmed.at(-1)?.seq ?? 0;
    const follow = batch.every(({ id }, at) => places.get(id) === last + at + 1);
    if (!follow) return this.#fetchAccepted(streamId, batch, places);
    await this.#confirmed(
      streamId,
      batch.map((event) => ({ ...event, seq: places.get(event.id)! })),
    );
    return null;
  }

  /** Others have added to the log as well: fetch it, so that everything stands in its place. */
  async #fetchAccepted(
    streamId: string,
    batch: readonly StreamEvent[],
    places: ReadonlyMap<string, number>,
  ): Promise<Trouble | 'away' | null> {
    const trouble = await this.#pullAll(streamId);
    if (trouble !== null) return trouble;
    const last = this.#log(streamId).confirmed.at(-1)?.seq ?? 0;
    const there = (id: string) => (places.get(id) ?? Infinity) <= last;
    // What the server says that it has is not sent again; an answer that says nothing of what was sent is not ours.
    this.#change(streamId, ({ waiting }) => ({ waiting: waiting.filter(({ id }) => !there(id)) }));
    this.#settled(batch.filter(({ id }) => there(id)));
    return batch.every(({ id }) => there(id)) ? null : 'notOurServer';
  }

  /** Fetch what the server has beyond what we hold. @returns what stands in the way, if anything does */
  async #pullAll(streamId: string): Promise<Trouble | 'away' | null> {
    for (;;) {
      const after = this.#log(streamId).confirmed.at(-1)?.seq ?? 0;
      const answer = await this.#parts.transport.pull(streamId, after);
      if (answer.kind === 'failed') return 'serverFails';
      if (answer.kind !== 'page') return answer.kind;
      await this.#confirmed(streamId, answer.events);
      this.#change(streamId, () => ({ status: 'ready' }));
      const last = answer.events.at(-1)?.seq ?? after;
      if (last >= answer.lastSeq || answer.events.length === 0) return null;
    }
  }

  /** The server has these: each once, in order; what waited for it waits no longer. */
  async #confirmed(streamId: string, events: readonly StreamEvent[]): Promise<void> {
    if (events.length === 0) return;
    this.#confirm(streamId, events);
    await this.#store.write((storage) => storage.confirm(streamId, events));
  }

  #confirm(streamId: string, events: readonly StreamEvent[]): void {
    this.#change(streamId, ({ confirmed, waiting }) => {
      const last = confirmed.at(-1)?.seq ?? 0;
      const fresh = events.filter(({ seq }) => (seq ?? 0) > last);
      const ids = new Set(events.map(({ id }) => id));
      return {
        confirmed: fresh.length === 0 ? confirmed : [...confirmed, ...fresh],
        waiting: waiting.filter(({ id }) => !ids.has(id)),
      };
    });
    this.#settled(events);
  }

  /** Entries that wait no longer, and need not be kept here. */
  #settled(events: readonly StreamEvent[]): void {
    for (const { id } of events) {
      this.#others.delete(id);
      this.#unkept.delete(id);
    }
    this.#countUnkept();
  }

  async #setAside(
    streamId: string,
    events: readonly StreamEvent[],
    reason: AsideReason,
  ): Promise<void> {
    const ids = new Set(events.map(({ id }) => id));
    const rows = events.map((event): AsideEvent => ({ streamId, event, reason }));
    this.#change(streamId, ({ waiting }) => ({
      waiting: waiting.filter(({ id }) => !ids.has(id)),
    }));
    this.#parts.state.setState(({ aside }) => ({ aside: merged(aside, rows) }));
    this.#settled(events);
    await this.#store.write((storage) => storage.setAside(rows));
  }

  /** Keep an entry in the browser's store; where that fails it stays on screen, is sent all the same, and it is told. */
  async #keep(streamId: string, event: StreamEvent): Promise<void> {
    this.#keeping.add(event.id);
    await this.#store.write(async (storage) => {
      await storage.keep(streamId, event);
      this.#unkept.delete(event.id);
      this.#countUnkept();
    });
    this.#keeping.delete(event.id);
  }

  /** The store was given up and has come after all: it keeps what was entered meanwhile, and shows what it holds. */
  #storeCameLate(): void {
    void this.#loadAside();
    const { logs } = this.#parts.state.getState();
    for (const [streamId, { waiting }] of Object.entries(logs))
      for (const event of waiting) if (this.#unkept.has(event.id)) void this.#keep(streamId, event);
    for (const [streamId, line] of this.#lines) {
      line.loaded = null;
      void this.sync(streamId);
    }
  }

  async #loadAside(): Promise<void> {
    const storage = await this.#store.opened();
    const rows = await storage?.aside().catch(() => []);
    this.#parts.state.setState(({ aside }) => ({ aside: merged(rows ?? [], aside) }));
  }

  #countUnkept(): void {
    this.#set({ unsaved: this.#unkept.size });
  }

  #log(streamId: string): StreamLog {
    return this.#parts.state.getState().logs[streamId] ?? NO_LOG;
  }

  #line(streamId: string): Line {
    const known = this.#lines.get(streamId);
    if (known !== undefined) return known;
    const line: Line = {
      loaded: null,
      running: null,
      again: false,
      most: MOST_IN_BATCH,
      failures: 0,
      tries: 0,
      timer: null,
      opened: 0,
    };
    this.#lines.set(streamId, line);
    return line;
  }

  #change(streamId: string, change: (log: StreamLog) => Partial<StreamLog>): void {
    this.#parts.state.setState(({ logs }) => {
      const log = logs[streamId] ?? NO_LOG;
      return { logs: { ...logs, [streamId]: { ...log, ...change(log) } } };
    });
  }

  #set(change: Partial<StreamState>): void {
    const now = this.#parts.state.getState();
    const differs = Object.entries(change).some(
      ([name, value]) => now[name as keyof StreamState] !== value,
    );
    if (differs) this.#parts.state.setState(() => change);
  }
}

/** Entries set aside, each once. */
function merged(rows: readonly AsideEvent[], more: readonly AsideEvent[]): readonly AsideEvent[] {
  const ids = new Set(more.map(({ event }) => event.id));
  return [...rows.filter(({ event }) => !ids.has(event.id)), ...more];
}
