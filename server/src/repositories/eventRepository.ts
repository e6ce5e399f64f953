import { isDeepStrictEqual } from 'node:util';

import { and, asc, eq, gt, inArray, sql } from 'drizzle-orm';

import type { AppendAnswer, NewEvent, StreamKind } from '@wendaxis/contract';

import type { Database } from '../db/database.ts';
import { events, streams } from '../db/schema.ts';
import { ServerError } from '../errors.ts';

/** Channel on which the database tells that a stream has grown. */
export const GROWN_CHANNEL = 'wendaxis_grown';

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];
type StoredEvent = typeof events.$inferSelect;

/** The log in the database. */
export class EventRepository {
  readonly #db: Database;

  constructor(db: Database) {
    this.#db = db;
  }

  /**
   * Append events to a stream, in order, once each.
   *
   * The stream's row is locked for the length of the transaction, so that places are given without gaps
   * and in the order of arrival. An id that is stored already is acknowledged with its old place.
   *
   * @throws ServerError `noSuchStream` when a job is not opened by the first event, `idTaken` when an id is
   *   stored with other contents or in another stream
   */
  async append(
    kind: StreamKind,
    streamId: string,
    batch: readonly NewEvent[],
  ): Promise<AppendAnswer> {
    return this.#db.transaction(async (tx) => {
      const lastSeq = await lockStream(tx, kind, streamId, batch[0]!);
      const known = await storedById(tx, batch);
      const fresh = freshOf(batch, known, streamId);
      const rows = fresh.map((event, index) => ({ ...event, streamId, seq: lastSeq + index + 1 }));
      if (rows.length > 0) await store(tx, streamId, rows);
      const seqs = new Map([...known.values(), ...rows].map(({ id, seq }) => [id, seq]));
      return {
        accepted: batch.map(({ id }) => ({ id, seq: seqs.get(id)! })),
        lastSeq: lastSeq + rows.length,
      };
    });
  }

  /** Events of a stream after a place, in order; at most `limit`. */
  async read(streamId: string, after: number, limit: number) {
    return this.#db
      .select({
        id: events.id,
        seq: events.seq,
        type: events.type,
        version: events.version,
        at: events.at,
        by: events.by,
        data: events.data,
      })
      .from(events)
      .where(and(eq(events.streamId, streamId), gt(events.seq, after)))
      .orderBy(asc(events.seq))
      .limit(limit);
  }

  /** Place of the newest event of a stream; null when there is no such stream. */
  async lastSeq(streamId: string): Promise<number | null> {
    const [row] = await this.#db
      .select({ lastSeq: streams.lastSeq })
      .from(streams)
      .where(eq(streams.id, streamId));
    return row?.lastSeq ?? null;
  }
}

/** Lock the stream's row, making it when this batch opens it; its last place. */
async function lockStream(
  tx: Transaction,
  kind: StreamKind,
  streamId: string,
  first: NewEvent,
): Promise<number> {
  if (kind === 'workshop' || first.type === 'JobOpened')
    await tx.insert(streams).values({ id: streamId, kind }).onConflictDoNothing();
  const [row] = await tx
    .select({ kind: streams.kind, lastSeq: streams.lastSeq })
    .from(streams)
    .where(eq(streams.id, streamId))
    .for('update');
  if (row === undefined || row.kind !== kind)
    throw new ServerError('noSuchStream', 'streamId', streamId);
  return row.lastSeq;
}

async function storedById(
  tx: Transaction,
  batch: readonly NewEvent[],
): Promise<ReadonlyMap<string, StoredEvent>> {
  const ids = batch.map(({ id }) => id);
  const rows = await tx.select().from(events).where(inArray(events.id, ids));
  return new Map(rows.map((row) => [row.id, row]));
}

/** The events not stored yet, each once. */
function freshOf(
  batch: readonly NewEvent[],
  known: ReadonlyMap<string, StoredEvent>,
  streamId: string,
): readonly NewEvent[] {
  const fresh = new Map<string, NewEvent>();
  batch.forEach((event, index) => {
    const stored = known.get(event.id);
    const other = stored ?? fresh.get(event.id);
    if (other === undefined) fresh.set(event.id, event);
    else if (!sameEvent(event, other) || (stored !== undefined && stored.streamId !== streamId))
      throw new ServerError('idTaken', `events[${index}].id`, event.id);
  });
  return [...fresh.values()];
}

function sameEvent(a: NewEvent, b: NewEvent): boolean {
  const plain = ({ type, version, at, by, data }: NewEvent): unknown =>
    JSON.parse(JSON.stringify({ type, version, at, by, data }));
  return isDeepStrictEqual(plain(a), plain(b));
}

async function store(
  tx: Transaction,
  streamId: string,
  rows: readonly (typeof events.$inferInsert)[],
): Promise<void> {
  const lastSeq = rows.at(-1)!.seq;
  await tx.insert(events).values([...rows]);
  await tx.update(streams).set({ lastSeq }).where(eq(streams.id, streamId));
  const news = JSON.stringify({ streamId, lastSeq });
  await tx.execute(sql`SELECT pg_notify(${GROWN_CHANNEL}, ${news})`);
}
