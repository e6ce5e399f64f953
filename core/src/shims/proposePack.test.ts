import fc from 'fast-check';
import highsLoader from 'highs';

import type { PackQuestion } from './packQuestion.ts';
import { proposePack } from './proposePack.ts';
import { rankPacks } from './rankPacks.ts';
import { EQUAL_SUMS, type RankedPack } from './rankedPack.ts';
import { micrometres, packThickness, type ShimSize } from './stock.ts';

const size = (thickness: number, count: number, uncertainty = 0): ShimSize => ({
  id: `s${thickness}`,
  thickness,
  count,
  uncertainty,
});

/** Every pack of the stock, by plain enumeration. */
function everyPack(stock: readonly ShimSize[], mostPieces: number): readonly (readonly number[])[] {
  return stock.reduce<readonly (readonly number[])[]>(
    (packs, { count }) =>
      packs.flatMap((pack) => {
        const used = pack.reduce((a, b) => a + b, 0);
        return Array.from({ length: Math.min(count, mostPieces - used) + 1 }, (_, n) => [
          ...pack,
          n,
        ]);
      }),
    [[]],
  );
}

/** The rule in words, applied to every pack there is. */
function bestByEnumeration(
  stock: readonly ShimSize[],
  wanted: number,
  from: number,
  to: number,
  most: number,
) {
  const packs = everyPack(stock, most)
    .map((counts) => ({
      sum: counts.reduce((sum, n, index) => sum + n * micrometres(stock[index]!.thickness), 0),
      pieces: counts.reduce((a, b) => a + b, 0),
      left: Math.min(...counts.map((n, index) => (n > 0 ? stock[index]!.count - n : Infinity))),
    }))
    .filter(({ sum }) => sum >= from && sum <= to);
  if (packs.length === 0) return null;
  const off = ({ sum }: { sum: number }) => Math.abs(sum - wanted);
  const nearest = Math.min(...packs.map(off));
  const equal = packs.filter((pack) => off(pack) <= nearest + EQUAL_SUMS);
  const fewest = Math.min(...equal.map(({ pieces }) => pieces));
  const few = equal.filter(({ pieces }) => pieces === fewest);
  const mostLeft = Math.max(...few.map(({ left }) => left));
  return { nearest, fewest, mostLeft: Number.isFinite(mostLeft) ? mostLeft : 0 };
}

const anyStock = fc
  .uniqueArray(fc.integer({ min: 40, max: 900 }), { minLength: 1, maxLength: 6 })
  .chain((sizes) =>
    fc.tuple(
      ...sizes.map((um) => fc.integer({ min: 0, max: 3 }).map((count) => size(um / 1000, count))),
    ),
  );

describe('searching packs', () => {
  test('should find what plain enumeration finds, over random stocks', () => {
    fc.assert(
      fc.property(
        anyStock,
        fc.integer({ min: 0, max: 2500 }),
        fc.integer({ min: 0, max: 60 }),
        (stock, wanted, half) => {
          const [from, to] = [Math.max(0, wanted - half), wanted + half];
          const { ranked } = rankPacks(stock, wanted / 1000, () => ({ from, to }), {
            mostPieces: 4,
            keep: 4,
          });
          const reference = bestByEnumeration(stock, wanted, from, to, 4);
          if (reference === null) return ranked.length === 0;
          const best = ranked[0]!;
          expect(Math.abs(micrometres(best.deviation))).toBeLessThanOrEqual(
            reference.nearest + EQUAL_SUMS,
          );
          expect(best.pieceCount).toBe(reference.fewest);
          expect(best.fewestLeft).toBe(reference.mostLeft);
          return true;
        },
      ),
      { numRuns: 400 },
    );
  });

  test('should find the deviation an integer-programming library proves to be the least (HiGHS)', async () => {
    const highs = await highsLoader();
    const stock = [51, 102, 149, 203, 252, 301, 404, 498, 804, 1003].map((um, index) =>
      size(um / 1000, 1 + (index % 4)),
    );
    for (const wanted of [377, 830, 1234, 1999]) {
      const names = stock.map((_, index) => `x${index}`);
      const sum = stock
        .map(({ thickness }, index) => `${micrometres(thickness)} x${index}`)
        .join(' + ');
      const model = [
        'Minimize',
        ' d',
        'Subject To',
        ` above: ${sum} - d <= ${wanted}`,
        ` below: ${sum} + d >= ${wanted}`,
        ` pieces: ${names.join(' + ')} <= 4`,
        'Bounds',
        ...stock.map(({ count }, index) => ` 0 <= x${index} <= ${count}`),
        'General',
        ` ${names.join(' ')}`,
        'End',
      ].join('\n');
      const optimum = Math.round(highs.solve(model).ObjectiveValue);
      const { ranked } = rankPacks(stock, wanted / 1000, () => ({ from: 0, to: 4000 }), {
        mostPieces: 4,
        keep: 1,
      });
      const off = Math.abs(micrometres(ranked[0]!.deviation));
      expect(off).toBeGreaterThanOrEqual(optimum);
      expect(off).toBeLessThanOrEqual(optimum + EQUAL_SUMS);
    }
  });

  test('should prefer fewer pieces among sums within two micrometres', () => {
    const stock = [size(0.5, 2), size(0.3, 2), size(0.202, 2)];
    const { ranked } = rankPacks(stock, 0.5, () => ({ from: 0, to: 900 }), {
      mostPieces: 4,
      keep: 1,
    });
    expect(ranked[0]!.pieces).toEqual([{ sizeId: 's0.5', thickness: 0.5, quantity: 1 }]);
    const far = rankPacks(
      [size(0.503, 2), size(0.3, 2), size(0.2, 2)],
      0.5,
      () => ({ from: 0, to: 900 }),
      { mostPieces: 4, keep: 1 },
    );
    expect(far.ranked[0]!.pieceCount).toBe(2);
  });

  test('should keep scarce sizes when the pieces are as many', () => {
    const stock = [size(0.4, 1), size(0.1, 5), size(0.3, 5), size(0.2, 5)];
    const { ranked } = rankPacks(stock, 0.5, () => ({ from: 490, to: 510 }), {
      mostPieces: 2,
      keep: 1,
    });
    expect(ranked[0]!.pieces.map(({ thickness }) => thickness)).toEqual([0.3, 0.2]);
    expect(ranked[0]!.fewestLeft).toBe(4);
  });

  test('should offer other totals next, in order, each made of what is there', () => {
    const stock = [size(0.1, 3), size(0.15, 2), size(0.33, 1)];
    const { ranked } = rankPacks(stock, 0.4, () => ({ from: 0, to: 1000 }), {
      mostPieces: 4,
      keep: 4,
    });
    expect(ranked).toHaveLength(4);
    expect(new Set(ranked.map(({ thickness }) => thickness)).size).toBe(4);
    const deviations = ranked.map(({ deviation }) => Math.abs(deviation));
    deviations
      .slice(1)
      .forEach((off, index) =>
        expect(off).toBeGreaterThanOrEqual(deviations[index]! - EQUAL_SUMS / 1000 - 1e-9),
      );
    for (const pack of ranked) {
      expect(packThickness(pack.pieces)).toBeCloseTo(pack.thickness, 9);
      for (const { sizeId, quantity } of pack.pieces)
        expect(quantity).toBeLessThanOrEqual(stock.find(({ id }) => id === sizeId)!.count);
    }
  });

  test('should count the packs it covered as enumeration does', () => {
    const stock = [size(0.1, 3), size(0.15, 2), size(0.33, 1)];
    const { packsCovered } = rankPacks(stock, 0.4, () => ({ from: 0, to: 10 }), {
      mostPieces: 4,
      keep: 1,
    });
    expect(packsCovered).toBe(everyPack(stock, 4).length);
  });
});

const QUESTION: PackQuestion = {
  endPlay: { value: 0.31, uncertainty: 0.005, degreesOfFreedom: null },
  packInPlace: { thickness: 1, uncertainty: 0.001 },
  gain: 1,
  band: { lower: 0.1, upper: 0.18, target: null },
  stock: [size(0.1, 3, 0.001), size(0.5, 2, 0.001), size(0.23, 2, 0.001)],
  mostPieces: 4,
};

describe('proposing a pack', () => {
  test('should give the thickness worked by hand, and the play it leads to', () => {
    const answer = proposePack(QUESTION);
    // t* = 1 + (0.14 − 0.31)/1 = 0.83: 0.5 + 0.23 + 0.1
    expect(answer.wanted).toBeCloseTo(0.83, 12);
    expect(answer.status).toBe('found');
    const best = answer.packs[0] as RankedPack & { expectedPlay: number };
    expect(best.thickness).toBe(0.83);
    expect(best.expectedPlay).toBeCloseTo(0.14, 12);
  });

  test('should turn the ends round for a negative gain', () => {
    const answer = proposePack({ ...QUESTION, gain: -1 });
    expect(answer.wanted).toBeCloseTo(1.17, 12);
    // thinner gives more play: 1 + (0.18 − g − 0.31)/−1 … 1 + (0.10 + g − 0.31)/−1
    expect(answer.interval!.from).toBeCloseTo(1.13 + answer.guard, 9);
    expect(answer.interval!.to).toBeCloseTo(1.21 - answer.guard, 9);
  });

  test('should shrink the band by k·√(u² + u_t² + n·u_p²), each piece counting', () => {
    const { guard, packs } = proposePack(QUESTION);
    expect(guard).toBeCloseTo(1.64485 * Math.sqrt(0.005 ** 2 + 0.001 ** 2 + 0.001 ** 2), 6);
    expect(packs[0]!.expandedUncertainty).toBeCloseTo(
      1.64485 * Math.sqrt(0.005 ** 2 + 4 * 0.001 ** 2),
      6,
    );
  });

  test('should never propose a pack that the decision rule would not pass on the expected play', () => {
    fc.assert(
      fc.property(
        anyStock,
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        fc.constantFrom(1, -1),
        (stock, value, gain) => {
          const answer = proposePack({
            ...QUESTION,
            stock,
            gain,
            endPlay: { ...QUESTION.endPlay, value },
          });
          if (answer.status !== 'found') return true;
          return answer.packs.every(
            ({ expectedPlay, expandedUncertainty }) =>
              expectedPlay - expandedUncertainty >= 0.1 - 1e-6 &&
              expectedPlay + expandedUncertainty <= 0.18 + 1e-6,
          );
        },
      ),
      { numRuns: 200 },
    );
  });

  test('should say that a pack is unproven when the band is narrower than two guards', () => {
    const answer = proposePack({ ...QUESTION, band: { lower: 0.135, upper: 0.145, target: null } });
    expect(answer).toMatchObject({ status: 'unproven', interval: null });
    expect(answer.packs[0]!.thickness).toBe(0.83);
  });

  test('should say what to buy or take off when nothing fits', () => {
    const answer = proposePack({ ...QUESTION, stock: [size(0.4, 1), size(1, 1)] });
    if (answer.status !== 'nothingFits') throw new Error(answer.status);
    expect(answer.instead.buy).toEqual({ thickness: 0.43, with: 0.4 });
    expect(answer.instead.grind).toEqual({ from: 1, amount: 0.17 });
    expect(answer.instead.nearest.map(({ thickness }) => thickness)).toEqual([0.4, 1]);
    expect(answer.instead.nearest[0]!.expectedPlay).toBeCloseTo(-0.29, 9);
  });

  test('should answer for an empty box, and for an axis that wants no shims', () => {
    const empty = proposePack({ ...QUESTION, stock: [] });
    expect(empty).toMatchObject({
      status: 'nothingFits',
      instead: { buy: { thickness: 0.83, with: 0 }, grind: null },
    });
    const none = proposePack({ ...QUESTION, packInPlace: { thickness: 0.17, uncertainty: 0 } });
    expect(none.packs[0]).toMatchObject({ pieces: [], thickness: 0 });
    const impossible = proposePack({ ...QUESTION, packInPlace: { thickness: 0, uncertainty: 0 } });
    expect(impossible).toMatchObject({
      status: 'nothingFits',
      instead: { buy: null, grind: null },
    });
  });

  test('should take an open limit as far as the box reaches', () => {
    const answer = proposePack({ ...QUESTION, band: { lower: 0.1, upper: null, target: 0.14 } });
    expect(answer.packs[0]!.thickness).toBe(0.83);
  });

  test.each([
    ['gain', { gain: 0 }],
    ['mostPieces', { mostPieces: 9 }],
    ['stock[1].thickness', { stock: [size(0.1, 1), size(0.12345, 1)] }],
    ['stock[0].thickness', { stock: [size(0, 1)] }],
    ['stock[0].count', { stock: [size(0.1, -1)] }],
    ['stock[1].id', { stock: [size(0.1, 1), size(0.1, 2)] }],
    ['stock is 450', { stock: [size(0.1, 300), size(0.2, 150)] }],
    ['endPlay.value', { endPlay: { ...QUESTION.endPlay, value: NaN } }],
    ['endPlay.degreesOfFreedom', { endPlay: { ...QUESTION.endPlay, degreesOfFreedom: 0 } }],
    ['packInPlace.thickness', { packInPlace: { thickness: -1, uncertainty: 0 } }],
    ['band.upper', { band: { lower: 1, upper: 0, target: null } }],
  ])('should name %s when it cannot be used', (field, rest) => {
    expect(() => proposePack({ ...QUESTION, ...rest })).toThrow(field);
  });
});
