import highsLoader from 'highs';
import { mersenne } from 'pure-rand/generator/mersenne';
import { uniformInt } from 'pure-rand/distribution/uniformInt';

import { EQUAL_SUMS, micrometres, rankPacks, type ShimSize } from '@wendaxis/core/shims';

/**
 * Exact pack search against a general integer-programming library (HiGHS) on the same cases in one run:
 * the ratio of the median times, and whether ours is as near as the proven optimum.
 */
const CASES = 30;
const WARM_UP = 1500;
const random = mersenne(20_260_101);
const draw = (from: number, to: number) => uniformInt(random, from, to);
const highs = await highsLoader();

for (const [sizes, mostPieces] of [
  [20, 4],
  [40, 6],
  [60, 8],
] as const) {
  const ask = (stock: readonly ShimSize[], wanted: number) =>
    rankPacks(stock, wanted, () => ({ from: 0, to: 6000 }), { mostPieces, keep: 4 });
  for (let index = 0; index < WARM_UP; index += 1) ask(randomStock(sizes), draw(500, 4000) / 1000);
  const ratios: number[] = [];
  let equal = 0;
  for (let index = 0; index < CASES; index += 1) {
    const stock = randomStock(sizes);
    const wanted = draw(500, 4000) / 1000;
    const ours = timed(() => ask(stock, wanted));
    const reference = timed(() => leastDeviation(stock, wanted, mostPieces));
    ratios.push(reference.ms / ours.ms);
    const off = Math.min(
      ...ours.result.ranked.map(({ deviation }) => Math.abs(micrometres(deviation))),
    );
    if (off <= reference.result + EQUAL_SUMS) equal += 1;
  }
  ratios.sort((a, b) => a - b);
  const pieces = `${sizes} sizes (about ${sizes * 3} pieces), up to ${mostPieces} in a pack`;
  console.log(
    `${pieces}: ${ratios[CASES / 2]!.toFixed(0)} × faster (median of ${CASES}), as near as the optimum (2 µm count as equal) in ${equal} of ${CASES}`,
  );
}

function randomStock(sizes: number): readonly ShimSize[] {
  return Array.from({ length: sizes }, (_, index) => ({
    id: `s${index}`,
    thickness: draw(50, 1200) / 1000,
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
    'Minimize', ' d', 'Subject To',
    ` above: ${sum} - d <= ${target}`, ` below: ${sum} + d >= ${target}`, ` pieces: ${names.join(' + ')} <= ${mostPieces}`,
    'Bounds', ...stock.map(({ count }, index) => ` 0 <= x${index} <= ${count}`),
    'General', ` ${names.join(' ')}`, 'End',
  ].join('\n'); // prettier-ignore
  return Math.round(highs.solve(model).ObjectiveValue);
}

function timed<T>(action: () => T): { readonly ms: number; readonly result: T } {
  const start = performance.now();
  const result = action();
  return { ms: performance.now() - start, result };
}
