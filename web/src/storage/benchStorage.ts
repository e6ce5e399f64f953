import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

import type { JobEvent } from '@wendaxis/core/job';

interface Row {
  readonly id: string;
  readonly streamId: string;
  readonly event: JobEvent;
  /** 1 while it waits to be sent. */
  readonly waiting: 0 | 1;
  /** Order in which this browser wrote it. */
  readonly order: number;
}

interface Schema extends DBSchema {
  events: {
    key: string;
    value: Row;
    indexes: { byStream: string; byWaiting: number };
  };
}

/** The browser's own store of events: what it has seen, and what it has not sent yet. */
export interface BenchStorage {
  load(streamId: string): Promise<readonly JobEvent[]>;
  save(streamId: string, events: readonly JobEvent[]): Promise<void>;
  drop(ids: readonly string[]): Promise<void>;
  /** Streams with events that wait to be sent. */
  waitingStreams(): Promise<readonly string[]>;
}

/** Open the store in IndexedDB. */
export async function openBenchStorage(): Promise<BenchStorage> {
  const db: IDBPDatabase<Schema> = await openDB<Schema>('wendaxis', 1, {
    upgrade(fresh) {
      const store = fresh.createObjectStore('events', { keyPath: 'id' });
      store.createIndex('byStream', 'streamId');
      store.createIndex('byWaiting', 'waiting');
    },
  });
  let order = Date.now() * 1000;
  return {
    async load(streamId) {
      const rows = await db.getAllFromIndex('events', 'byStream', streamId);
      const place = ({ event, order: written }: Row) => event.seq ?? 1e9 + written;
      return rows.toSorted((a, b) => place(a) - place(b)).map(({ event }) => event);
    },
    async save(streamId, events) {
      const write = db.transaction('events', 'readwrite');
      for (const event of events) {
        const waiting = event.seq === null ? 1 : 0;
        void write.store.put({ id: event.id, streamId, event, waiting, order: order++ });
      }
      await write.done;
    },
    async drop(ids) {
      const write = db.transaction('events', 'readwrite');
      for (const id of ids) void write.store.delete(id);
      await write.done;
    },
    async waitingStreams() {
      const rows = await db.getAllFromIndex('events', 'byWaiting', 1);
      return [...new Set(rows.map(({ streamId }) => streamId))];
    },
  };
}
