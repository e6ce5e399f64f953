import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';

import type { AsideEvent, StreamEvent, StreamStorage } from './streamTypes.ts';

/** Confirmed events lie together: a log of ten thousand is a few reads, not ten thousand. */
interface Chunk {
  readonly streamId: string;
  readonly from: number;
  readonly events: readonly StreamEvent[];
}

interface WaitingRow {
  /** Given by the store, one higher each time: the order in which things were written, whatever the clock says. */
  readonly order?: number;
  readonly id: string;
  readonly streamId: string;
  readonly event: StreamEvent;
}

/** A row of the first shape of this store: one an event. */
interface OldRow {
  readonly id: string;
  readonly streamId: string;
  readonly event: StreamEvent;
  readonly order: number;
}

interface Schema extends DBSchema {
  events: { key: string; value: OldRow };
  confirmed: { key: [string, number]; value: Chunk };
  waiting: {
    key: number;
    value: WaitingRow;
    indexes: { byStream: string; byId: string };
  };
  aside: { key: string; value: AsideEvent & { readonly id: string } };
}

/** Chunks of a log are put together when there are this many, so that a reading a second does not leave thousands. */
const MOST_CHUNKS = 40;

/**
 * Open the store in IndexedDB.
 * @param name of the database; tests use their own
 * @throws what the browser says when it refuses
 */
export async function openIndexedStorage(name = 'wendaxis'): Promise<StreamStorage> {
  const db = await openDB<Schema>(name, 2, {
    upgrade: (fresh, oldVersion, _newVersion, change) => void upgrade(fresh, oldVersion, change),
    // Another tab wants a newer shape: let it, and read no further.
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase | null)?.close(),
  });
  return {
    load: (streamId) => load(db, streamId),
    keep: (streamId, event) => keep(db, streamId, event),
    confirm: (streamId, events) => confirm(db, streamId, events),
    setAside: (rows) => setAside(db, rows),
    aside: async () => (await db.getAll('aside')).map(({ id: _, ...row }) => row),
    async forget(ids) {
      const write = db.transaction('aside', 'readwrite');
      await Promise.all([...ids.map((id) => write.store.delete(id)), write.done]);
    },
    async waitingStreams() {
      const rows = await db.getAll('waiting');
      return [...new Set(rows.map(({ streamId }) => streamId))];
    },
  };
}

/** Bring the store to today's shape. */
async function upgrade(
  fresh: IDBPDatabase<Schema>,
  oldVersion: number,
  change: IDBPTransaction<
    Schema,
    ('events' | 'confirmed' | 'waiting' | 'aside')[],
    'versionchange'
  >,
): Promise<void> {
  fresh.createObjectStore('confirmed', { keyPath: ['streamId', 'from'] });
  const waiting = fresh.createObjectStore('waiting', { keyPath: 'order', autoIncrement: true });
  waiting.createIndex('byStream', 'streamId');
  waiting.createIndex('byId', 'id');
  fresh.createObjectStore('aside', { keyPath: 'id' });
  if (oldVersion === 0) return;
  // What the first shape had confirmed is fetched again; what it had not sent goes on, in its order.
  const rows = await change.objectStore('events').getAll();
  const unsent = rows.filter(({ event }) => event.seq === null);
  for (const { id, streamId, event } of unsent.toSorted((a, b) => a.order - b.order))
    await waiting.add({ id, streamId, event });
  fresh.deleteObjectStore('events');
}

/** All chunks of a log: its places begin at 1. */
function chunksOf(streamId: string): IDBKeyRange {
  return IDBKeyRange.bound([streamId, 0], [streamId, Number.MAX_SAFE_INTEGER]);
}

/** The events of some chunks, each once, as far as their places follow each other: what is missing is fetched again. */
function withoutGaps(chunks: readonly Chunk[]): readonly StreamEvent[] {
  const all: StreamEvent[] = [];
  for (const event of chunks.flatMap(({ events }) => events))
    if (event.seq === all.length + 1) all.push(event);
  return all;
}

async function load(db: IDBPDatabase<Schema>, streamId: string) {
  const [chunks, waiting] = await Promise.all([
    db.getAll('confirmed', chunksOf(streamId)),
    db.getAllFromIndex('waiting', 'byStream', streamId),
  ]);
  const confirmed = withoutGaps(chunks);
  const ids = new Set(confirmed.map(({ id }) => id));
  const ordered = waiting.toSorted((a, b) => a.order! - b.order!);
  // One that was written after the server had it already waits for nothing.
  await Promise.all(
    ordered.filter(({ id }) => ids.has(id)).map(({ order }) => db.delete('waiting', order!)),
  );
  return {
    confirmed,
    waiting: ordered.filter(({ id }) => !ids.has(id)).map(({ event }) => event),
  };
}

/** An entry that is there already, because two tabs found it, is kept once. */
async function keep(db: IDBPDatabase<Schema>, streamId: string, event: StreamEvent): Promise<void> {
  const write = db.transaction('waiting', 'readwrite');
  if ((await write.store.index('byId').count(event.id)) === 0)
    await write.store.add({ id: event.id, streamId, event });
  await write.done;
}

async function confirm(
  db: IDBPDatabase<Schema>,
  streamId: string,
  events: readonly StreamEvent[],
): Promise<void> {
  if (events.length === 0) return;
  const write = db.transaction(['confirmed', 'waiting'], 'readwrite');
  const [confirmed, waiting] = [write.objectStore('confirmed'), write.objectStore('waiting')];
  const ids = new Set(events.map(({ id }) => id));
  for (const row of await waiting.index('byStream').getAll(streamId))
    if (ids.has(row.id)) await waiting.delete(row.order!);
  if ((await confirmed.count(chunksOf(streamId))) >= MOST_CHUNKS) {
    const all = withoutGaps(await confirmed.getAll(chunksOf(streamId)));
    await confirmed.delete(chunksOf(streamId));
    if (all.length > 0) await confirmed.put({ streamId, from: 1, events: all });
  }
  await confirmed.put({ streamId, from: events[0]!.seq!, events });
  await write.done;
}

async function setAside(db: IDBPDatabase<Schema>, rows: readonly AsideEvent[]): Promise<void> {
  const write = db.transaction(['waiting', 'aside'], 'readwrite');
  const [waiting, aside] = [write.objectStore('waiting'), write.objectStore('aside')];
  for (const row of rows) {
    for (const order of await waiting.index('byId').getAllKeys(row.event.id))
      await waiting.delete(order);
    await aside.put({ ...row, id: row.event.id });
  }
  await write.done;
}
