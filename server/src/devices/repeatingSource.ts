import type { LineSource } from './lineSource.ts';

/**
 * A stand-in that sends a line at once and then every so often. A line that cannot be had (the database is away) is
 * left out; the next comes in its turn.
 */
export class RepeatingSource implements LineSource {
  readonly #every: number;
  readonly #begin: () => RepeatingLines;
  readonly #timers = new Set<NodeJS.Timeout>();

  /**
   * @param every ms from one line to the next
   * @param begin called for each listener, so that its lines begin anew
   */
  constructor(every: number, begin: () => RepeatingLines) {
    this.#every = every;
    this.#begin = begin;
  }

  subscribe(listener: (line: string) => void): () => void {
    const { hello, next } = this.#begin();
    listener(hello);
    const tick = (): void =>
      void next()
        .then(listener)
        .catch(() => undefined);
    tick();
    const timer = setInterval(tick, this.#every);
    this.#timers.add(timer);
    return () => {
      clearInterval(timer);
      this.#timers.delete(timer);
    };
  }

  close(): void {
    for (const timer of this.#timers) clearInterval(timer);
    this.#timers.clear();
  }
}

/** The first line, and what comes after it. */
export interface RepeatingLines {
  readonly hello: string;
  readonly next: () => Promise<string>;
}
