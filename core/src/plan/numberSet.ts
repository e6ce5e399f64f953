/** A set of whole numbers from zero up to a bound, one bit each: a plan asks thousands of times what comes before what. */
export class NumberSet {
  readonly #words: Uint32Array;

  /** @param bound no number is as large as this */
  constructor(bound: number) {
    this.#words = new Uint32Array((bound + 31) >>> 5);
  }

  add(value: number): void {
    this.#words[value >>> 5]! |= 1 << (value & 31);
  }

  delete(value: number): void {
    this.#words[value >>> 5]! &= ~(1 << (value & 31));
  }

  has(value: number): boolean {
    return (this.#words[value >>> 5]! & (1 << (value & 31))) !== 0;
  }

  /** Take in another set of the same bound. */
  addAll(other: NumberSet): void {
    for (let at = 0; at < this.#words.length; at += 1) this.#words[at]! |= other.#words[at]!;
  }

  /** Whether it has a number in common with another set of the same bound. */
  meets(other: NumberSet): boolean {
    return this.#words.some((word, at) => (word & other.#words[at]!) !== 0);
  }

  /** All of it, lowest first. */
  values(): number[] {
    const values: number[] = [];
    this.#words.forEach((word, at) => {
      for (let left = word; left !== 0; left &= left - 1)
        values.push(at * 32 + 31 - Math.clz32(left & -left));
    });
    return values;
  }
}
