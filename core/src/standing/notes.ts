import { noteKey, type ActId } from '../course/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';

/** A look at something that takes several. */
interface Look {
  readonly check: SeatingCheckId;
  readonly good: boolean;
  readonly all: readonly SeatingCheckId[];
}

/** What was looked at, read and done that moves nothing, as far as a log was read. */
export class Notes {
  readonly noted: Set<string>;
  /** Of what was noted: what is to be done again. */
  readonly again = new Set<string>();
  /** By note: which of the looks that go together were good since it was last asked. */
  readonly #seen = new Map<string, ReadonlySet<SeatingCheckId>>();

  constructor(noted: Iterable<string>) {
    this.noted = new Set(noted);
  }

  has(act: ActId, on: string): boolean {
    return this.noted.has(noteKey(act, on));
  }

  add(act: ActId, on: string, figure?: FigureKind): void {
    this.noted.add(noteKey(act, on, figure));
    this.again.delete(noteKey(act, on, figure));
  }

  /** One of several looks that go together: noted once all of them are good. */
  look(act: ActId, on: string, { check, good, all }: Look): void {
    const key = noteKey(act, on);
    const seen = new Set(this.#seen.get(key));
    if (good) seen.add(check);
    else seen.delete(check);
    if (!good && this.noted.has(key)) this.reopen(act, on);
    this.#seen.set(key, seen);
    if (all.every((one) => seen.has(one))) this.add(act, on);
  }

  /** What was noted does not hold any more. */
  reopen(act: ActId, on: string): void {
    const key = noteKey(act, on);
    this.#seen.delete(key);
    this.noted.delete(key);
    this.again.add(key);
  }
}
