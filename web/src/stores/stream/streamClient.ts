import { AsideShelf } from './asideShelf.ts';
import { EntryMarks } from './entryMarks.ts';
import { Exchange } from './exchange.ts';
import type { Journal } from './journal.ts';
import { KeptStore } from './keptStore.ts';
import { newLine, retryAfter, type Line } from './line.ts';
import { ShownLogs } from './shownLogs.ts';
import type { StateBox, StreamState } from './streamStore.ts';
import type { StreamEvent, StreamStorage, Timers, Transport } from './streamTypes.ts';

/** Most events that the browser's store takes at once, so that the page is not busy with them for long. */
const MOST_KEPT_AT_ONCE = 2000;

/** What a client is wired from. */
export interface StreamParts {
  readonly state: StateBox<StreamState>;
  /** Resolves with the browser's store; rejects where the browser refuses one. */
  readonly storage: Promise<StreamStorage>;
  readonly journal: Journal;
  readonly transport: Transport;
  readonly timers: Timers;
  /** Other tabs are told of what is recorded here. */
  readonly tellTabs: (streamId: string, event: StreamEvent) => void;
  /** Looks at the events of a log, some of them new, before they are shown. */
  readonly readAhead: (streamId: string, events: readonly StreamEvent[]) => Promise<void>;
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
  readonly #logs: ShownLogs;
  readonly #exchange: Exchange;
  readonly #lines = new Map<string, Line>();
  readonly #marks: EntryMarks;
  readonly #aside: AsideShelf;

  constructor(parts: StreamParts) {
    this.#parts = parts;
    this.#logs = new ShownLogs(parts.state);
    this.#marks = new EntryMarks({
      tell: (unsaved) => this.#logs.set({ unsaved }),
      safe: (ids) => parts.journal.drop(ids),
    });
    this.#exchange = new Exchange({
      transport: parts.transport,
      logs: this.#logs,
      ready: (streamId) => this.#marks.ready(this.#logs.log(streamId).waiting),
      came: (streamId, events) => this.#readAhead(streamId, events),
      confirmed: (streamId, events) => this.#confirmed(streamId, events),
      settled: (streamId, events) => {
        this.#logs.stopWaiting(streamId, events);
        this.#marks.settled(events);
      },
      setAside: (streamId, events, reason) => this.#aside.put(streamId, events, reason),
    });
    this.#store = new KeptStore({
      storage: parts.storage,
      timers: parts.timers,
      tell: (store) => this.#logs.set({ store }),
      cameLate: () => this.#storeCameLate(),
    });
    this.#aside = new AsideShelf(this.#logs, this.#store, this.#marks);
    void this.#aside.load();
    const left = parts.journal.left();
    for (const streamId of new Set(left.map((row) => row.streamId)))
      this.#goOnWith(
        streamId,
        left.filter((row) => row.streamId === streamId).map(({ event }) => event),
      );
  }

  /** What a page that was left had not handed over stands behind what the store has of its log. */
  #goOnWith(streamId: string, events: readonly StreamEvent[]): void {
    this.#line(streamId).loaded = this.#loadStored(streamId).then(() => {
      for (const event of events) this.#take(streamId, event, true);
    });
    void this.sync(streamId);
  }

  /** Record an event: on screen and written down now, kept as soon as the store has it, sent as soon as it can be. */
  record(streamId: string, event: StreamEvent): void {
    const written = this.#parts.journal.write(streamId, event);
    this.#parts.tellTabs(streamId, event);
    this.#take(streamId, event, written);
  }

  #take(streamId: string, event: StreamEvent, written: boolean): void {
    this.#logs.addWaiting(streamId, event);
    this.#marks.recorded(event, written);
    void this.#keep(streamId, event).then(() => this.sync(streamId));
  }

  /** Another tab has recorded something: show it. That tab keeps and sends it. */
  recordedElsewhere(streamId: string, event: StreamEvent): void {
    if (this.#logs.all[streamId] === undefined) return;
    this.#marks.recordedElsewhere(event);
    this.#logs.addWaiting(streamId, event);
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
    const isOpen = (this.#lines.get(streamId)?.opened ?? 0) > 0;
    if (isOpen && lastSeq > this.#logs.lastSeq(streamId)) void this.sync(streamId);
  }

  /** News may have been missed: look at every log that is open. */
  syncOpen(): void {
    for (const [id, { opened }] of this.#lines)
      if (opened > 0 || this.#logs.log(id).waiting.length > 0) void this.sync(id);
  }

  /** Try an entry that was set aside once more, behind everything that waits. */
  async sendAgain(id: string): Promise<void> {
    const row = await this.#aside.take(id);
    if (row !== undefined) this.record(row.streamId, row.event);
  }

  /** Forget entries that were set aside. */
  forget(ids: readonly string[]): Promise<void> {
    return this.#aside.forget(ids);
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
    const trouble =
      (await this.#exchange.pushAll(streamId, line)) ?? (await this.#exchange.pullAll(streamId));
    if (trouble === null) {
      line.tries = 0;
      return this.#logs.set({ reach: 'online', trouble: null });
    }
    this.#logs.tell(streamId, trouble);
    line.timer = this.#parts.timers.set(() => void this.sync(streamId), retryAfter(line.tries));
    line.tries += 1;
  }

  async #loadStored(streamId: string): Promise<void> {
    const storage = await this.#store.opened();
    const stored = await storage?.load(streamId).catch(() => null);
    if (stored == null) return;
    const held = [...stored.confirmed, ...stored.waiting];
    if (held.length > 0) await this.#parts.readAhead(streamId, held);
    this.#logs.confirm(streamId, stored.confirmed);
    this.#marks.settled(stored.confirmed);
    this.#logs.change(streamId, ({ confirmed, waiting, status }) => {
      const known = new Set([...confirmed, ...waiting].map(({ id }) => id));
      const left = stored.waiting.filter(({ id }) => !known.has(id));
      const some = confirmed.length + left.length > 0;
      return {
        waiting: [...left, ...waiting],
        status: status === 'loading' && some ? 'ready' : status,
      };
    });
  }

  /** The server has these: each once, in order; what waited for it waits no longer. */
  async #confirmed(streamId: string, events: readonly StreamEvent[]): Promise<void> {
    if (events.length === 0) return;
    await this.#readAhead(streamId, events);
    this.#logs.confirm(streamId, events);
    this.#marks.settled(events);
    for (let at = 0; at < events.length; at += MOST_KEPT_AT_ONCE)
      await this.#store.write((storage) =>
        storage.confirm(streamId, events.slice(at, at + MOST_KEPT_AT_ONCE)),
      );
  }

  /** A log is read with more events at its end, before they are shown. */
  #readAhead(streamId: string, events: readonly StreamEvent[]): Promise<void> {
    const { confirmed, waiting } = this.#logs.log(streamId);
    const known = new Set(events.map(({ id }) => id));
    const left = waiting.filter(({ id }) => !known.has(id));
    return this.#parts.readAhead(streamId, [...confirmed, ...events, ...left]);
  }

  /** Keep an entry in the browser's store; where that fails it stays on screen, is sent all the same, and it is told. */
  async #keep(streamId: string, event: StreamEvent): Promise<void> {
    await this.#marks.keeping(event, async (kept) => {
      await this.#store.write((storage) => storage.keep(streamId, event).then(kept));
    });
  }

  /** The store was given up and has come after all: it keeps what was entered meanwhile, and shows what it holds. */
  #storeCameLate(): void {
    void this.#aside.load();
    for (const [streamId, { waiting }] of Object.entries(this.#logs.all))
      for (const event of waiting)
        if (this.#marks.isUnkept(event)) void this.#keep(streamId, event);
    for (const [streamId, line] of this.#lines) {
      line.loaded = null;
      void this.sync(streamId);
    }
  }

  #line(streamId: string): Line {
    const known = this.#lines.get(streamId);
    if (known !== undefined) return known;
    const line = newLine();
    this.#lines.set(streamId, line);
    return line;
  }
}
