import { stillFor, stillReading, type AwaitedReading, type SeenReading } from './stillReading.ts';

/** Readings every 200 ms: each value for as many of them. */
const seen = (...spells: readonly (readonly [value: number, count: number])[]): SeenReading[] =>
  spells
    .flatMap(([value, count]) => Array.from({ length: count }, () => value))
    .map((value, index) => ({ at: index * 200, value }));

const zero: AwaitedReading = {
  phase: 'zero',
  graduation: 0.01,
  zero: null,
  lift: null,
  isTurned: false,
};
const lift: AwaitedReading = { ...zero, phase: 'lift', zero: 0.01 };
const back: AwaitedReading = { ...lift, phase: 'return', lift: 0.25 };
const LONG = Math.ceil(stillFor('zero', false) / 200) + 1;
const SHORT = Math.ceil(stillFor('lift', false) / 200) + 1;

describe('a reading that is taken when the needle stands still', () => {
  test('should be a zero only at zero, and only when there was time to turn the shaft', () => {
    expect(stillReading(seen([0, LONG]), zero)).toBe(0);
    expect(stillReading(seen([0, LONG - 2]), zero)).toBeNull();
    expect(stillReading(seen([0.37, LONG]), zero)).toBeNull();
    expect(stillReading(seen([0, LONG], [0.05, 1], [0, SHORT]), zero)).toBeNull();
  });

  test('should be a lift once the needle has risen from its zero, to either side', () => {
    expect(stillReading(seen([0.01, 30]), lift)).toBeNull();
    expect(stillReading(seen([0.02, 30]), lift)).toBeNull();
    expect(stillReading(seen([0.01, 9], [0.24, 3], [0.26, SHORT]), lift)).toBe(0.26);
    expect(stillReading(seen([-0.25, SHORT]), lift)).toBe(-0.25);
    expect(stillReading(seen([0.26, SHORT - 2]), lift)).toBeNull();
  });

  test('should leave time to turn the shaft at its other stop, where that is done', () => {
    const turned = { ...lift, isTurned: true };
    expect(stillReading(seen([0.26, SHORT]), turned)).toBeNull();
    expect(stillReading(seen([0.26, LONG]), turned)).toBe(0.26);
  });

  test('should bear the flicker of one graduation and no more', () => {
    const flicker = (step: number) =>
      seen(...Array.from({ length: 20 }, (_, index) => [0.25 + (index % 2) * step, 1] as const));
    expect(stillReading(flicker(0.01), lift)).not.toBeNull();
    expect(stillReading(flicker(0.02), lift)).toBeNull();
  });

  test('should be a return where the shaft went home, whatever it then shows, and not half way', () => {
    expect(stillReading(seen([0.03, SHORT]), back)).toBe(0.03);
    expect(stillReading(seen([0.2, SHORT]), back)).toBeNull();
  });

  test('should not be taken over a time in which nothing was heard', () => {
    const parts = seen([0.25, SHORT]);
    const gap = parts.map((reading, index) => ({
      ...reading,
      at: reading.at + (index > 4 ? 1001 : 0),
    }));
    expect(stillReading(parts, lift)).toBe(0.25);
    expect(stillReading(gap, lift)).toBeNull();
    expect(stillReading([], lift)).toBeNull();
  });
});
