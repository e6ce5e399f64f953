import { batchOf, MOST_IN_BATCH } from './batchOf.ts';
import type { ShownLogs } from './shownLogs.ts';
import type { AsideReason, PushAnswer, StreamEvent, Transport, Trouble } from './streamTypes.ts';

/** What stands in the way of sending or fetching; null where nothing does. */
export type InTheWay = Trouble | 'away' | null;

/** How much goes up at once. */
export interface Pace {
  /** Most events in the next batch: smaller after a refusal that names none. */
  most: number;
}

/** What an exchange is wired from. */
export interface ExchangeParts {
  readonly transport: Transport;
  readonly logs: ShownLogs;
  /** What may go up now, in order. */
  readonly ready: (streamId: string) => readonly StreamEvent[];
  /** A page of a log has come, and there is more: all that has come so far. */
  readonly came: (streamId: string, events: readonly StreamEvent[]) => Promise<void>;
  /** The server has these, with their places. */
  readonly confirmed: (streamId: string, events: readonly StreamEvent[]) => Promise<void>;
  /** These need not be sent again. */
  readonly settled: (streamId: string, events: readonly StreamEvent[]) => void;
  readonly setAside: (
    streamId: string,
    events: readonly StreamEvent[],
    reason: AsideReason,
  ) => Promise<void>;
}

/** What goes back and forth between this browser and the server about one log, and what each answer wants. */
export class Exchange {
  readonly #parts: ExchangeParts;

  constructor(parts: ExchangeParts) {
    this.#parts = parts;
  }

  /** Send everything that waits. @returns what stands in the way, if anything does */
  async pushAll(streamId: string, pace: Pace): Promise<InTheWay> {
    for (;;) {
      const batch = batchOf(this.#parts.ready(streamId), pace.most);
      if (batch.length === 0) return null;
      const trouble = await this.#take(
        streamId,
        pace,
        batch,
        await this.#parts.transport.push(streamId, batch),
      );
      if (trouble !== null) return trouble;
    }
  }

  /** Do what an answer wants. @returns what stands in the way, if anything does */
  async #take(
    streamId: string,
    pace: Pace,
    batch: readonly StreamEvent[],
    answer: PushAnswer,
  ): Promise<InTheWay> {
    switch (answer.kind) {
      case 'accepted':
        pace.most = MOST_IN_BATCH;
        return this.#accepted(streamId, batch, answer.accepted);
      case 'refused': {
        const named = answer.places.flatMap((place) => batch[place] ?? []);
        if (named.length === 0) return 'notOurServer';
        const { message, faults } = answer;
        await this.#parts.setAside(streamId, named, { code: 'refused', message, faults });
        return null;
      }
      case 'tooLarge':
        if (batch.length > 1) pace.most = Math.floor(batch.length / 2);
        else await this.#parts.setAside(streamId, batch, { code: 'tooLarge' });
        return null;
      case 'failed':
        // It says nothing of what was sent: everything waits, and goes up when it is well.
        return 'serverFails';
      case 'noSuchLog':
      case 'notOurServer':
        return answer.kind;
      case 'away':
        return 'away';
    }
  }

  /** Entries have their places. Where nothing of others lies between, they need not be fetched. */
  async #accepted(
    streamId: string,
    batch: readonly StreamEvent[],
    accepted: readonly { readonly id: string; readonly seq: number }[],
  ): Promise<InTheWay> {
    const places = new Map(accepted.map(({ id, seq }) => [id, seq]));
    const last = this.#parts.logs.lastSeq(streamId);
    const follow = batch.every(({ id }, at) => places.get(id) === last + at + 1);
    if (!follow) return this.#fetchAccepted(streamId, batch, places);
    const placed = batch.map((event) => ({ ...event, seq: places.get(event.id)! }));
    await this.#parts.confirmed(streamId, placed);
    return null;
  }

  /** Others have added to the log as well: fetch it, so that everything stands in its place. */
  async #fetchAccepted(
    streamId: string,
    batch: readonly StreamEvent[],
    places: ReadonlyMap<string, number>,
  ): Promise<InTheWay> {
    const trouble = await this.pullAll(streamId);
    if (trouble !== null) return trouble;
    const last = this.#parts.logs.lastSeq(streamId);
    const there = (id: string) => (places.get(id) ?? Infinity) <= last;
    // What the server says that it has is not sent again; an answer that says nothing of what was sent is not ours.
    this.#parts.settled(
      streamId,
      batch.filter(({ id }) => there(id)),
    );
    return batch.every(({ id }) => there(id)) ? null : 'notOurServer';
  }

  /**
   * Fetch what the server has beyond what we hold, and show it when all of it is there.
   * @returns what stands in the way, if anything does
   */
  async pullAll(streamId: string): Promise<InTheWay> {
    const come: StreamEvent[] = [];
    let asked = this.#parts.transport.pull(streamId, this.#parts.logs.lastSeq(streamId));
    for (;;) {
      const answer = await asked;
      if (answer.kind !== 'page') {
        await this.#parts.confirmed(streamId, come);
        return answer.kind === 'failed' ? 'serverFails' : answer.kind;
      }
      for (const event of answer.events) come.push(event);
      const last = answer.events.at(-1)?.seq ?? answer.lastSeq;
      if (last >= answer.lastSeq) {
        await this.#parts.confirmed(streamId, come);
        this.#parts.logs.change(streamId, () => ({ status: 'ready' }));
        return null;
      }
      // The next page is on its way while this one is looked at.
      asked = this.#parts.transport.pull(streamId, last);
      await this.#parts.came(streamId, [...come]);
    }
  }
}
