import type { Timers } from './streamTypes.ts';

/** A device that a tab wants to hear, on what it is held. */
export interface Watch {
  readonly key: string;
  readonly deviceId: string;
  readonly jobId: string;
  readonly partId?: string;
  readonly clock?: number;
  readonly axisId?: string;
  readonly angle?: number;
}

/** What the live connection brings, to every tab. */
export type LiveNews =
  | { readonly kind: 'grown'; readonly streamId: string; readonly lastSeq: number }
  /** Connected anew, or the server may have missed something: look at everything that is open. */
  | { readonly kind: 'missed' }
  | { readonly kind: 'line'; readonly key: string; readonly line: string }
  /** A device that cannot be had. */
  | { readonly kind: 'refused'; readonly key: string; readonly code: string }
  | { readonly kind: 'lost' };

/** Between tabs: news of the one that leads, and what the others watch. */
type TabMessage =
  | { readonly to: 'all'; readonly news: LiveNews }
  | { readonly to: 'leader'; readonly tab: string; readonly watches: readonly Watch[] }
  | { readonly to: 'all'; readonly whatDoYouWatch: true };

/** An open stream of events from the server. */
export interface LiveSource {
  close(): void;
}

/** What a hub is wired from: everything of the browser that it needs. */
export interface HubParts {
  readonly tab: string;
  /** Run the action in one tab of this browser at a time; another tab's turn comes when this one is closed. */
  readonly lead: (action: () => Promise<never>) => void;
  readonly channel: {
    post(message: unknown): void;
    listen(listener: (message: unknown) => void): void;
  };
  /** Open the stream; each message by its name and data. A name `closed` when it breaks. */
  readonly openSource: (onMessage: (name: string, data: string) => void) => LiveSource;
  /** Tell the server what this connection watches. Resolves to whether it knows the connection. */
  readonly sendWatches: (connectionId: string, watches: readonly Watch[]) => Promise<boolean>;
  readonly timers: Timers;
}

const RECONNECT_AFTER = 1500; // ms
/** Tabs say again what they watch this often (ms); one that has not for three times has gone. */
const SAY_EVERY = 4000;

/**
 * One live connection for all tabs of a browser. A browser has few connections to a server: one for each tab would use
 * them up. The tabs agree on one that leads; it holds the connection and hands its news on.
 */
export class LiveHub {
  readonly #parts: HubParts;
  readonly #listeners = new Set<(news: LiveNews) => void>();
  readonly #mine = new Map<string, Watch>();
  readonly #theirs = new Map<string, { readonly watches: readonly Watch[]; missed: number }>();
  #sending = false;
  #sendAgain = false;
  #leading: { source: LiveSource | null; id: string | null } | null = null;

  constructor(parts: HubParts) {
    this.#parts = parts;
    parts.channel.listen((message) => this.#hear(message as TabMessage));
    parts.lead(() => this.#lead());
    this.#sayAgain();
  }

  /** Be told of news; returns the way to stop. */
  subscribe(listener: (news: LiveNews) => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** Hear a device; returns the way to stop. Its lines come as news under the key. */
  watch(watch: Watch): () => void {
    this.#mine.set(watch.key, watch);
    this.#say();
    return () => {
      this.#mine.delete(watch.key);
      this.#say();
    };
  }

  #lead(): Promise<never> {
    this.#leading = { source: null, id: null };
    this.#connect();
    this.#parts.channel.post({ to: 'all', whatDoYouWatch: true } satisfies TabMessage);
    return new Promise<never>(() => undefined); // until the tab is closed
  }

  #connect(): void {
    const leading = this.#leading!;
    leading.source = this.#parts.openSource((name, data) => this.#message(name, data));
  }

  #message(name: string, data: string): void {
    const leading = this.#leading!;
    if (name === 'closed') {
      leading.source?.close();
      leading.source = null;
      leading.id = null;
      this.#tell({ kind: 'lost' });
      this.#parts.timers.set(() => this.#connect(), RECONNECT_AFTER);
      return;
    }
    if (name === 'hello') {
      leading.id = (JSON.parse(data) as { id: string }).id;
      this.#sendWatches();
      return this.#tell({ kind: 'missed' });
    }
    const news = newsOf(name, data);
    if (news !== null) this.#tell(news);
  }

  /** Tell the server what all tabs watch. One request at a time: the last must be the one that holds. */
  #sendWatches(): void {
    if (this.#sending) {
      this.#sendAgain = true;
      return;
    }
    this.#sending = true;
    void this.#sendOnce().finally(() => {
      this.#sending = false;
      if (!this.#sendAgain) return;
      this.#sendAgain = false;
      this.#sendWatches();
    });
  }

  async #sendOnce(): Promise<void> {
    const { id } = this.#leading ?? { id: null };
    if (id === null) return;
    const theirs = [...this.#theirs.values()].flatMap(({ watches }) => watches);
    const all = new Map([...theirs, ...this.#mine.values()].map((one) => [one.key, one]));
    // A server that no longer knows the connection has begun anew: so do we.
    if (!(await this.#parts.sendWatches(id, [...all.values()])) && this.#leading?.id === id)
      this.#message('closed', '');
  }

  #say(): void {
    if (this.#leading !== null) return this.#sendWatches();
    const watches = [...this.#mine.values()];
    this.#parts.channel.post({ to: 'leader', tab: this.#parts.tab, watches } satisfies TabMessage);
  }

  #sayAgain(): void {
    this.#parts.timers.set(() => {
      if (this.#leading === null) this.#say();
      else this.#countSilent();
      this.#sayAgain();
    }, SAY_EVERY);
  }

  /** Tabs that have not been heard of for a while watch nothing any more. */
  #countSilent(): void {
    let changed = false;
    for (const [tab, row] of this.#theirs) {
      row.missed += 1;
      if (row.missed <= 3) continue;
      this.#theirs.delete(tab);
      changed = changed || row.watches.length > 0;
    }
    if (changed) this.#sendWatches();
  }

  #hear(message: TabMessage): void {
    if (message.to === 'all') {
      if ('news' in message) this.#hand(message.news);
      else this.#say();
      return;
    }
    if (this.#leading === null) return;
    const before = JSON.stringify(this.#theirs.get(message.tab)?.watches ?? []);
    this.#theirs.set(message.tab, { watches: message.watches, missed: 0 });
    if (before !== JSON.stringify(message.watches)) this.#sendWatches();
  }

  /** Here, and to the other tabs. */
  #tell(news: LiveNews): void {
    this.#hand(news);
    this.#parts.channel.post({ to: 'all', news } satisfies TabMessage);
  }

  #hand(news: LiveNews): void {
    for (const listener of this.#listeners) listener(news);
  }
}

function newsOf(name: string, data: string): LiveNews | null {
  if (name === 'grown') {
    const { streamId, lastSeq } = JSON.parse(data) as { streamId: string; lastSeq: number };
    return { kind: 'grown', streamId, lastSeq };
  }
  if (name === 'missed') return { kind: 'missed' };
  if (name === 'line')
    return { kind: 'line', ...(JSON.parse(data) as { key: string; line: string }) };
  if (name === 'refused')
    return { kind: 'refused', ...(JSON.parse(data) as { key: string; code: string }) };
  return null;
}
