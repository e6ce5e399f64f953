import { inTime, LATE } from './patience.ts';
import type { StoreState, StreamStorage, Timers } from './streamTypes.ts';

/** Longest that the browser may take to open its store: another tab of an older shape may hold it (ms). */
const OPENING_PATIENCE = 5000;
/** Longest that one write into the browser's store may take before what it holds up goes on without it (ms). */
const WRITING_PATIENCE = 4500;

/** What a kept store is made from. */
export interface KeptStoreParts {
  /** Resolves with the browser's store; rejects where the browser refuses one. */
  readonly storage: Promise<StreamStorage>;
  readonly timers: Timers;
  /** What is to be said of the store now. */
  readonly tell: (state: StoreState) => void;
  /** The store has come after it was given up: what was entered meanwhile can be kept, what it holds can be read. */
  readonly cameLate: () => void;
}

/**
 * The browser's own store, which may be refused, full, or slow. It never holds anything up for long; one that is late
 * is given up for the moment only, and taken up again when it answers after all.
 */
export class KeptStore {
  readonly #parts: KeptStoreParts;
  #open: Promise<StreamStorage | null>;

  constructor(parts: KeptStoreParts) {
    this.#parts = parts;
    const { storage, timers, tell } = parts;
    this.#open = inTime(storage, OPENING_PATIENCE, timers).then(
      (opened) => {
        tell(opened === LATE ? 'refused' : 'kept');
        if (opened !== LATE) return opened;
        void this.#takeLate();
        return null;
      },
      () => {
        tell('refused');
        return null;
      },
    );
  }

  /** The store; null where there is none to be had now. */
  opened(): Promise<StreamStorage | null> {
    return this.#open;
  }

  /**
   * Write something.
   * @returns whether it was done in time; a write that fails or is late is told, and so is one that comes after all
   */
  async write(action: (storage: StreamStorage) => Promise<void>): Promise<boolean> {
    const storage = await this.#open;
    if (storage === null) return false;
    try {
      const work = action(storage);
      if ((await inTime(work, WRITING_PATIENCE, this.#parts.timers)) !== LATE) return true;
      this.#parts.tell('refused');
      void work.then(
        () => this.#parts.tell('kept'),
        (error) => this.#failed(error),
      );
    } catch (error) {
      this.#failed(error);
    }
    return false;
  }

  async #takeLate(): Promise<void> {
    const storage = await this.#parts.storage.catch(() => null);
    if (storage === null) return;
    this.#open = Promise.resolve(storage);
    this.#parts.tell('kept');
    this.#parts.cameLate();
  }

  #failed(error: unknown): void {
    const full = error instanceof DOMException && error.name === 'QuotaExceededError';
    this.#parts.tell(full ? 'full' : 'refused');
  }
}
