import type { NewEvent, StreamKind } from '@wendaxis/contract';

/** Events on their way into one stream. */
export interface Batch {
  readonly kind: StreamKind;
  readonly streamId: string;
  /** Whether the stream may be made by it. */
  readonly opens: boolean;
  readonly events: readonly Pick<NewEvent, 'id' | 'type' | 'version' | 'at' | 'by' | 'data'>[];
}

interface Waiting<Answer> {
  readonly batch: Batch;
  readonly resolve: (answer: Answer) => void;
  readonly reject: (error: unknown) => void;
}

/** Calls of the database that are under way at once (one: the commit is the bottleneck), and batches in one. */
const MOST_CALLS = 1;
const MOST_TOGETHER = 50;

/**
 * Lets batches that come while the database is busy go in together: one round trip and one commit for all of them. Each
 * is still answered for itself, and nothing is answered before it is stored.
 */
export class AppendQueue<Answer> {
  readonly #store: (batches: readonly Batch[]) => Promise<readonly Answer[]>;
  #waiting: Waiting<Answer>[] = [];
  #calls = 0;
  #asked = false;

  /** @param store stores batches of different streams or the same, in their order; an answer for each */
  constructor(store: (batches: readonly Batch[]) => Promise<readonly Answer[]>) {
    this.#store = store;
  }

  /** Store a batch. @throws what the store throws */
  append(batch: Batch): Promise<Answer> {
    return new Promise((resolve, reject) => {
      this.#waiting.push({ batch, resolve, reject });
      this.#soon();
    });
  }

  /** Not at once: what has come in the same turn goes in together, not one first and the others behind it. */
  #soon(): void {
    if (this.#asked) return;
    this.#asked = true;
    setImmediate(() => {
      this.#asked = false;
      this.#next();
    });
  }

  #next(): void {
    if (this.#calls >= MOST_CALLS || this.#waiting.length === 0) return;
    // By stream, so that two calls lock them in one order; within a stream as they came.
    const together = this.#waiting
      .splice(0, MOST_TOGETHER)
      .toSorted((a, b) =>
        a.batch.streamId < b.batch.streamId ? -1 : a.batch.streamId > b.batch.streamId ? 1 : 0,
      );
    this.#calls += 1;
    void this.#storeAll(together).finally(() => {
      this.#calls -= 1;
      this.#soon();
    });
  }

  async #storeAll(together: readonly Waiting<Answer>[]): Promise<void> {
    try {
      const answers = await this.#store(together.map(({ batch }) => batch));
      together.forEach(({ resolve }, at) => resolve(answers[at]!));
    } catch (error) {
      for (const { reject } of together) reject(error);
    }
  }
}
