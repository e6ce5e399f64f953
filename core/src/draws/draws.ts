/** Draws for tests: the same seed gives the same draws. */
export interface Draws {
  /** From 0 to below 1. */
  readonly share: () => number;
  readonly whole: (least: number, most: number) => number;
  readonly one: <Item>(items: readonly Item[]) => Item;
  readonly chance: (share: number) => boolean;
}

/** A small generator (mulberry32): quick, seeded, good enough to scatter test data. */
export function drawsFrom(seed: number): Draws {
  let state = seed >>> 0;
  const share = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  const whole = (least: number, most: number) => least + Math.floor(share() * (most - least + 1));
  return {
    share,
    whole,
    one: (items) => items[whole(0, items.length - 1)]!,
    chance: (odds) => share() < odds,
  };
}
