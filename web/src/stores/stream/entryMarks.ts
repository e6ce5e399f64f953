import type { StreamEvent } from './streamTypes.ts';

/** What is known of entries that wait, beside their log: who sends them, and whether the browser's store has them. */
export class EntryMarks {
  /** Entries that another tab recorded: it sends them itself. */
  readonly #others = new Set<string>();
  /** Entries that the browser's store does not have yet, or does not take. */
  readonly #unkept = new Set<string>();
  /** Entries on their way into the browser's store. */
  readonly #keeping = new Set<string>();
  readonly #tell: (unkept: number) => void;

  /** @param tell hears how many entries the browser's store does not have */
  constructor(tell: (unkept: number) => void) {
    this.#tell = tell;
  }

  /** An entry of this tab, that is nowhere but on screen yet. */
  recorded({ id }: StreamEvent): void {
    this.#unkept.add(id);
    this.#tell(this.#unkept.size);
  }

  recordedElsewhere({ id }: StreamEvent): void {
    this.#others.add(id);
  }

  /** The browser's store is asked to keep an entry, and says whether it has it. */
  async keeping({ id }: StreamEvent, keep: (kept: () => void) => Promise<void>): Promise<void> {
    this.#keeping.add(id);
    await keep(() => {
      this.#unkept.delete(id);
      this.#tell(this.#unkept.size);
    });
    this.#keeping.delete(id);
  }

  isUnkept({ id }: StreamEvent): boolean {
    return this.#unkept.has(id);
  }

  /** Entries that wait no longer, and need not be kept here. */
  settled(events: readonly StreamEvent[]): void {
    for (const { id } of events) {
      this.#others.delete(id);
      this.#unkept.delete(id);
    }
    this.#tell(this.#unkept.size);
  }

  /** What may go up now: recorded here, and not still on its way into the store; in order, so that none overtakes. */
  ready(waiting: readonly StreamEvent[]): readonly StreamEvent[] {
    const own = waiting.filter(({ id }) => !this.#others.has(id));
    const onItsWay = own.findIndex(({ id }) => this.#keeping.has(id));
    return onItsWay === -1 ? own : own.slice(0, onItsWay);
  }
}
