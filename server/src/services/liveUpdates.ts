import pg from 'pg';

import { GROWN_CHANNEL } from '../repositories/eventRepository.ts';

/** A stream that has grown, and to where. */
export interface Growth {
  readonly streamId: string;
  readonly lastSeq: number;
}

type Listener = (growth: Growth) => void;
const RETRY_AFTER = 1000; // ms between tries to reach the database again

/** Tells listeners when any server has added to a stream. Keeps its own connection and mends it. */
export class LiveUpdates {
  readonly #url: string;
  readonly #warn: (error: unknown) => void;
  readonly #listeners = new Set<Listener>();
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

  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.#url });
    client.on('error', (error) => this.#lost(client, error));
    client.on('end', () => this.#lost(client, null));
    client.on('notification', ({ payload }) => this.#tell(payload ?? '{}'));
    try {
      await client.connect();
      await client.query(`LISTEN ${GROWN_CHANNEL}`);
      this.#client = client;
    } catch (error) {
      this.#lost(client, error);
    }
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    if (this.#retry !== null) clearTimeout(this.#retry);
    await this.#client?.end();
  }

  #tell(payload: string): void {
    const growth = JSON.parse(payload) as Growth;
    for (const listener of this.#listeners) listener(growth);
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
