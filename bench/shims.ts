import highsLoader from 'highs';
import { mersenne } from 'pure-rand/generator/mersenne';
import { uniformInt } from 'pure-rand/distribution/uniformInt';

import { micrometres, rankPacks, type ShimSize } from '@wendaxis/core/shims';

/**
 * Exact pack search against a general integer-programming library (HiGHS) on the same cases in one run: the ratio of the
 * median times, and whether ours is the proven optimum to the micrometre. Boxes as workshops have them (graded sizes,
 * each measured a few micrometres off), boxes of any sizes, and packs that no four pieces reach.
 */
const CASES = 20;
const WARM_UP = 400;
/** More totals than the first step of the order can hold. */
const WHOLE_STEP = 40;
const random = mersenne(20_260_101);
const draw = (from: number, to: number) => uniformInt(random, from, to);
const highs = await highsLoader();

interface Box {
  readonly words: string;
  readonly mostPieces: number;
  readonly stock: () => readonly ShimSize[];
  readonly wanted: (stock: readonly ShimSize[]) => number;
}

const anywhere = () => draw(500, 4000) / 1000;
/** Thicker than any four pieces of the box together, and within reach of eight. */
const beyondFour = (stock: readonly ShimSize[]): number => {
  const thickest = stock
    .flatMap(({ thickness, count }) => Array.from({ length: count }, () => micrometres(thickness)))
    .toSorted((a, b) => b - a);
  const sum = (most: number) => thickest.slice(0, most).reduce((all, one) => all + one, 0);
  return draw(sum(4) + 20, Math.max(sum(4) + 21, Math.round(0.92 * sum(7)))) / 1000;
};

const BOXES: readonly Box[] = [
  {
    words: 'graded in tenths, 20 sizes',
    mostPieces: 4,
    stock: () => graded(20, 100),
    wanted: anywhere,
  },
  {
    words: 'graded in fiftieths, 60 sizes',
    mostPieces: 4,
    stock: () => graded(60, 20),
    wanted: anywhere,
  },
  { words: 'any sizes, 20', mostPieces: 4, stock: () => scattered(20), wanted: anywhere },
  { words: 'any sizes, 60', mostPieces: 8, stock: () => scattered(60), wanted: anywhere },
  {
    words: 'graded in tenths, packs of 5 to 8 pieces',
    mostPieces: 8,
    stock: () => graded(20, 100),
    wanted: beyondFour,
  },
  {
    words: 'graded in fiftieths, packs of 5 to 8 pieces',
    mostPieces: 8,
    stock: () => graded(20, 20),
    wanted: beyondFour,
  },
  {
    words: 'any thin sizes, packs of 5 to 8 pieces',
    mostPieces: 8,
    stock: () => scattered(40, 400),
    wanted: beyondFour,
  },
];

for (const { words, mostPieces, stock: make, wanted: want } of BOXES) {
  const ask = (stock: readonly ShimSize[], wanted: number, keep = 4) =>
    rankPacks(stock, wanted, () => ({ from: 0, to: 60_000 }), { mostPieces, keep });
  for (let index = 0; index < WARM_UP; index += 1) {
    const stock = make();
    ask(stock, want(stock));
  }
  const ratios: number[] = [];
  const own: number[] = [];
  const pieces: number[] = [];
  let equal = 0;
  for (let index = 0; index < CASES; index += 1) {
    const stock = make();
    const wanted = want(stock);
    const ours = timed(() => ask(stock, wanted));
    const reference = timed(() => leastDeviation(stock, wanted, mostPieces));
    ratios.push(reference.ms / ours.ms);
    own.push(ours.ms);
    pieces.push(ours.result.ranked[0]?.pieceCount ?? 0);
    // Within 2 µm fewer pieces go before a nearer total: the nearest is among all that come first together.
    const first = ask(stock, wanted, WHOLE_STEP).ranked;
    const off = Math.min(...first.map(({ deviation }) => Math.abs(micrometres(deviation))));
    if (off === reference.result) equal += 1;
  }
  console.log(
    `${words}, up to ${mostPieces} in a pack: ` +
      `${median(ratios).toFixed(0)} × faster (held to ${want === beyondFour ? 50 : 200}; ` +
      `${Math.min(...ratios).toFixed(0)} to ${Math.max(...ratios).toFixed(0)}; ` +
      `ours ${median(own).toFixed(2)} ms; medians of ${CASES}), ` +
      `packs of ${Math.min(...pieces)} to ${Math.max(...pieces)} pieces, ` +
      `the very optimum in ${equal} of ${CASES}`,
  );
}

/** Sizes a step apart (µm), each measured a little off, one to five pieces of each. */
function graded(sizes: number, step: number): readonly ShimSize[] {
  return Array.from({ length: sizes }, (_, index) => ({
    id: `g${index}`,
    thickness: (50 + step * index + draw(-3, 3)) / 1000,
    count: draw(1, 5),
    uncertainty: 0.001,
  }));
}

function scattered(sizes: number, thickest = 1200): readonly ShimSize[] {
  return Array.from({ length: sizes }, (_, index) => ({
    id: `s${index}`,
    thickness: draw(50, thickest) / 1000,
    count: draw(1, 5),
    uncertainty: 0.001,
  }));
}

function leastDeviation(stock: readonly ShimSize[], wanted: number, mostPieces: number): number {
  const names = stock.map((_, index) => `x${index}`);
  const sum = stock
    .map(({ thickness }, index) => `${micrometres(thickness)} x${index}`)
    .join(' + ');
  const target = micrometres(wanted);
  const model = [
    'Minimize',
    ' d',
    'Subject To',
    ` above: ${sum} - d <= ${target}`,
    ` below: ${sum} + d >= ${target}`,
    ` pieces: ${names.join(' + ')} <= ${mostPieces}`,
    'Bounds',
    ...stock.map(({ count }, index) => ` 0 <= x${index} <= ${count}`),
    'General',
    ` ${names.join(' ')}`,
    'End',
  ].join('\n');
  return Math.round(highs.solve(model).ObjectiveValue);
}

function timed<T>(action: () => T): { readonly ms: number; readonly result: T } {
  const start = performance.now();
  const result = action();
  return { ms: performance.now() - start, result };
}

function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
}
