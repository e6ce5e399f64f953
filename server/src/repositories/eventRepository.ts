import { eq, inArray } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';

import type { AppendAnswer, NewEvent, StreamKind } from '@wendaxis/contract';

import type { Database } from '../db/database.ts';
import type { events } from '../db/schema.ts';
import { streams } from '../db/schema.ts';
import { ServerError } from '../errors.ts';
import { AppendQueue, type Batch } from './appendQueue.ts';

/** Most events read at once: a log of any length is read in pages, so that none fills the memory twice. */
const PAGE = 5000;
/** One page of a log, each event as the JSON that goes out: it is neither read nor written on its way through here. */
const PAGE_AS_JSON = {
  name: 'page_as_json',
  text: `SELECT row_to_json(event)::text AS event FROM (
    SELECT id, seq, type, version, at, "by", data FROM events
    WHERE stream_id = $1 AND seq > $2 ORDER BY seq LIMIT ${PAGE}) AS event`,
} as const;
/** Full pages that are held, in characters: those that were asked for last. */
const MOST_HELD = 48_000_000;
/** Named, so that the database prepares it once for each connection. */
const APPEND = { name: 'append', text: 'SELECT append_batches($1::jsonb) AS answers' } as const;

/**
 * What the database answers to a batch: the first place where it was new as a whole, else each event with its own, or
 * why it is refused.
 */
interface Appended {
  readonly lastSeq: number;
  readonly first?: number;
  readonly accepted?: AppendAnswer['accepted'];
  readonly code?: string;
  readonly detail?: string | null;
}

/** An event as it is stored. */
type StoredEvent = Omit<typeof events.$inferSelect, 'streamId' | 'receivedAt'>;

/** The log in the database. */
export class EventRepository {
  readonly #db: Database;
  readonly #queue: AppendQueue<Appended>;
  /** A log only grows, so a page that is full never changes. By stream and place. */
  readonly #fullPages = new LRUCache<string, string>({
    maxSize: MOST_HELD,
    sizeCalculation: ({ length }) => length,
  });

  constructor(db: Database) {
    this.#db = db;
    this.#queue = new AppendQueue((batches) => this.#store(batches));
  }

  /**
   * Append events to a stream, in order, once each, in one round trip (the functions `append_events` and
   * `append_batches` of the database). An id that is stored already is acknowledged with its old place.
   *
   * @throws ServerError `noSuchStream` when a job is not opened by the first event, `idTaken` when an id is
   *   stored with other contents or in another stream
   */
  async append(
    kind: StreamKind,
    streamId: string,
    batch: readonly NewEvent[],
  ): Promise<AppendAnswer> {
    const opens = kind === 'workshop' || batch[0]?.type === 'JobOpened';
    const events = batch.map(({ id, type, version, at, by, data }) => ({
      id,
      type,
      version,
      at,
      by,
      data,
    }));
    const { lastSeq, first, accepted, code, detail } = await this.#queue.append({
      kind,
      streamId,
      opens,
      events,
    });
    if (code !== undefined) throw refusal(code, detail ?? null, streamId, batch);
    return { lastSeq, accepted: accepted ?? batch.map(({ id }, at) => ({ id, seq: first! + at })) };
  }

  async #store(batches: readonly Batch[]): Promise<readonly Appended[]> {
    const { rows } = await this.#db.$client.query<{ answers: readonly Appended[] }>({
      ...APPEND,
      values: [JSON.stringify(batches)],
    });
    return rows[0]!.answers;
  }

  /** Events of a stream after a place, in order: one page of them, as a JSON list. */
  async pageAsJson(streamId: string, after: number): Promise<string> {
    const key = `${streamId} ${after}`;
    const held = this.#fullPages.get(key);
    if (held !== undefined) return held;
    const { rows } = await this.#db.$client.query<{ event: string }>({
      ...PAGE_AS_JSON,
      values: [streamId, after],
    });
    const page = `[${rows.map(({ event }) => event).join(',')}]`;
    if (rows.length === PAGE) this.#fullPages.set(key, page);
    return page;
  }

  async #page(streamId: string, after: number): Promise<StoredEvent[]> {
    return JSON.parse(await this.pageAsJson(streamId, after)) as StoredEvent[];
  }

  /** All events of a stream after a place, in order, however many there are. */
  async after(streamId: string, place: number): Promise<readonly StoredEvent[]> {
    const all = await this.#page(streamId, place);
    let page = all;
    while (page.length === PAGE) {
      page = await this.#page(streamId, page.at(-1)!.seq);
      all.push(...page);
    }
    return all;
  }

  /** Place of the newest event of a stream; null when there is no such stream. */
  async lastSeq(streamId: string): Promise<number | null> {
    const [row] = await this.#db
      .select({ lastSeq: streams.lastSeq })
      .from(streams)
      .where(eq(streams.id, streamId));
    return row?.lastSeq ?? null;
  }

  /** Place of the newest event of each of these streams. */
  async lastSeqs(streamIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
    const rows = await this.#db
      .select({ id: streams.id, lastSeq: streams.lastSeq })
      .from(streams)
      .where(inArray(streams.id, [...streamIds]));
    return new Map(rows.map(({ id, lastSeq }) => [id, lastSeq]));
  }
}

/** What the database refused, as an error of ours. */
function refusal(
  code: string,
  detail: string | null,
  streamId: string,
  batch: readonly NewEvent[],
): ServerError {
  if (code === 'WX404') return new ServerError('noSuchStream', 'streamId', streamId);
  if (code === 'WX409') {
    const place = Number(detail ?? 0);
    return new ServerError('idTaken', `events[${place}].id`, batch[place]?.id ?? null);
  }
  // Two requests stored the same id at the same moment in different streams.
  if (code === '23505') return new ServerError('idTaken', 'events');
  // Another call holds the log's row: this log waits, the others have gone in.
  if (code === '55P03') return new ServerError('unavailable');
  return new ServerError('notStorable', batch.length === 1 ? 'events[0]' : null);
}
