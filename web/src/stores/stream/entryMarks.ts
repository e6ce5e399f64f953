import type { StreamEvent } from './streamTypes.ts';

/** Who hears of entries. */
export interface EntryMarksParts {
  /** How many entries are nowhere but on this page. */
  readonly tell: (unsaved: number) => void;
  /** Entries that are in the browser's store now, or wait no longer. */
  readonly safe: (ids: readonly string[]) => void;
}

/** What is known of entries that wait, beside their log: who sends them, and whether the browser's store has them. */
export class EntryMarks {
  /** Entries that another tab recorded: it sends them itself. */
  readonly #others = new Set<string>();
  /** Entries that the browser's store does not have yet, or does not take. */
  readonly #unkept = new Set<string>();
  /** Of these, entries that are not written down elsewhere either: gone with the page. */
  readonly #unsaved = new Set<string>();
  /** Entries on their way into the browser's store. */
  readonly #keeping = new Set<string>();
  readonly #parts: EntryMarksParts;

  constructor(parts: EntryMarksParts) {
    this.#parts = parts;
  }

  /** An entry of this tab, that the store does not have yet; `written`: in the journal. */
  recorded({ id }: StreamEvent, written: boolean): void {
    this.#unkept.add(id);
    if (!written) this.#unsaved.add(id);
    this.#parts.tell(this.#unsaved.size);
  }

  recordedElsewhere({ id }: StreamEvent): void {
    this.#others.add(id);
  }

  /** The browser's store is asked to keep an entry, and says whether it has it. */
  async keeping({ id }: StreamEvent, keep: (kept: () => void) => Promise<void>): Promise<void> {
    this.#keeping.add(id);
    await keep(() => {
      this.#safe([id]);
    });
    this.#keeping.delete(id);
  }

  isUnkept({ id }: StreamEvent): boolean {
    return this.#unkept.has(id);
  }

  /** Entries that wait no longer, and need not be kept here. */
  settled(events: readonly StreamEvent[]): void {
    for (const { id } of events) this.#others.delete(id);
    this.#safe(events.map(({ id }) => id));
  }

  #safe(ids: readonly string[]): void {
    for (const id of ids) {
      this.#unkept.delete(id);
      this.#unsaved.delete(id);
    }
    this.#parts.safe(ids);
    this.#parts.tell(this.#unsaved.size);
  }

  /** What may go up now: recorded here, and not still on its way into the store; in order, so that none overtakes. */
  ready(waiting: readonly StreamEvent[]): readonly StreamEvent[] {
    const own = waiting.filter(({ id }) => !this.#others.has(id));
    const onItsWay = own.findIndex(({ id }) => this.#keeping.has(id));
    return onItsWay === -1 ? own : own.slice(0, onItsWay);
  }
}
