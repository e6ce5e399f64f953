import { randomUUID } from 'node:crypto';

import pg from 'pg';

/** Channel on which servers tell each other that streams have grown. */
const GROWN_CHANNEL = 'wendaxis_grown';

/** A stream that has grown, and to where. */
export interface Growth {
  readonly streamId: string;
  readonly lastSeq: number;
}

/** What a listener is told: a stream has grown, or news may have been missed and everything has to be looked at. */
export type News =
  | { readonly kind: 'grown'; readonly growth: Growth }
  | { readonly kind: 'missed' };

type Listener = (news: News) => void;
const RETRY_AFTER = 1000; // ms between tries to reach the database again
/** Other servers are told of what has grown this often (ms): a notification in each commit would queue the commits. */
const TELL_EVERY = 20;
/** Streams told in one notification: a payload holds 8000 bytes. */
const IN_ONE = 60;

/**
 * Tells listeners when any server has added to a stream: its own at once, other servers by the database. It keeps a
 * connection of its own and mends it; whoever listened meanwhile is told that news may have been missed.
 */
export class LiveUpdates {
  readonly #url: string;
  readonly #warn: (error: unknown) => void;
  readonly #listeners = new Set<Listener>();
  readonly #origin = randomUUID();
  #untold = new Map<string, number>();
  #telling: NodeJS.Timeout | null = null;
  #told: Promise<void> = Promise.resolve();
  #client: pg.Client | null = null;
  #retry: NodeJS.Timeout | null = null;
  #stopped = false;

  constructor(url: string, warn: (error: unknown) => void) {
    this.#url = url;
    this.#warn = warn;
  }

  /** Be told of growth; returns the way to stop. */
  subscribe(listener: Listener): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** This server has added to a stream. */
  grown(growth: Growth): void {
    this.#tell({ kind: 'grown', growth });
    this.#untold.set(growth.streamId, growth.lastSeq);
    this.#telling ??= setTimeout(() => void this.#tellOthers(), TELL_EVERY);
  }

  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.#url });
    client.on('error', (error) => this.#lost(client, error));
    client.on('end', () => this.#lost(client, null));
    client.on('notification', ({ payload }) => this.#hear(payload ?? ''));
    try {
      await client.connect();
      await client.query(`LISTEN ${GROWN_CHANNEL}`);
      if (this.#stopped) return void (await client.end());
      this.#client = client;
      this.#tell({ kind: 'missed' });
      if (this.#untold.size > 0) await this.#tellOthers();
    } catch (error) {
      this.#lost(client, error);
    }
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    if (this.#retry !== null) clearTimeout(this.#retry);
    if (this.#telling !== null) clearTimeout(this.#telling);
    await this.#tellOthers();
    await this.#client?.end();
  }

  /** One notification after the other: the connection takes one at a time. */
  #tellOthers(): Promise<void> {
    this.#telling = null;
    return (this.#told = this.#told.then(() => this.#tellUntold()));
  }

  async #tellUntold(): Promise<void> {
    const rows = [...this.#untold];
    if (rows.length === 0 || this.#client === null) return; // told once the connection stands again
    this.#untold = new Map();
    try {
      for (let at = 0; at < rows.length; at += IN_ONE) {
        const payload = JSON.stringify({ origin: this.#origin, rows: rows.slice(at, at + IN_ONE) });
        await this.#client.query('SELECT pg_notify($1, $2)', [GROWN_CHANNEL, payload]);
      }
    } catch (error) {
      for (const [id, seq] of rows) if (!this.#untold.has(id)) this.#untold.set(id, seq);
      this.#warn(error);
    }
  }

  #hear(payload: string): void {
    const { origin, rows } = JSON.parse(payload) as { origin: string; rows: [string, number][] };
    if (origin === this.#origin) return;
    for (const [streamId, lastSeq] of rows)
      this.#tell({ kind: 'grown', growth: { streamId, lastSeq } });
  }

  #tell(news: News): void {
    for (const listener of this.#listeners) listener(news);
  }

  #lost(client: pg.Client, error: unknown): void {
    if (error !== null) this.#warn(error);
    if (this.#client === client) this.#client = null;
    if (this.#stopped || this.#retry !== null) return;
    this.#retry = setTimeout(() => {
      this.#retry = null;
      void this.start();
    }, RETRY_AFTER);
  }
}
