import fc from 'fast-check';
import highsLoader from 'highs';
import { rankPacks } from './rankPacks.ts';
import { EQUAL_SUMS } from './rankedPack.ts';
import { micrometres, packThickness, type ShimSize } from './stock.ts';
import { size, anyStock } from './tests/stockOf.ts';

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

/** Every total in limits by its best pack, in the order of the rule in words. */
function inOrder(
  stock: readonly ShimSize[],
  wanted: number,
  from: number,
  to: number,
  most: number,
): readonly { readonly sum: number; readonly pieces: number; readonly left: number }[] {
  const byTotal = new Map<number, { sum: number; pieces: number; left: number }>();
  for (const counts of everyPack(stock, most)) {
    const sum = counts.reduce((all, n, index) => all + n * micrometres(stock[index]!.thickness), 0);
    if (sum < from || sum > to) continue;
    const pieces = counts.reduce((a, b) => a + b, 0);
    const least = Math.min(
      ...counts.map((n, index) => (n > 0 ? stock[index]!.count - n : Infinity)),
    );
    const left = Number.isFinite(least) ? least : 0;
    const known = byTotal.get(sum);
    if (
      known === undefined ||
      pieces < known.pieces ||
      (pieces === known.pieces && left > known.left)
    )
      byTotal.set(sum, { sum, pieces, left });
  }
  const all = [...byTotal.values()];
  const off = ({ sum }: { sum: number }) => Math.abs(sum - wanted);
  const nearest = Math.min(...all.map(off));
  const step = (pack: { sum: number }) =>
    Math.max(0, Math.ceil((off(pack) - nearest) / EQUAL_SUMS - 1));
  return all.toSorted(
    (a, b) => step(a) - step(b) || a.pieces - b.pieces || b.left - a.left || off(a) - off(b),
  );
}

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

  test('should put packs of up to eight pieces in the order that plain enumeration puts them in', () => {
    fc.assert(
      fc.property(
        anyStock,
        fc.integer({ min: 1, max: 8 }),
        fc.double({ min: 0.02, max: 1.1, noNaN: true }),
        fc.integer({ min: 0, max: 400 }),
        (stock, most, share, half) => {
          const thickest = stock
            .flatMap(({ thickness, count }) =>
              Array.from({ length: count }, () => micrometres(thickness)),
            )
            .toSorted((a, b) => b - a)
            .slice(0, most)
            .reduce((sum, one) => sum + one, 0);
          // Half a micrometre beside the whole ones: no two totals are equally near.
          const wanted = Math.round(share * thickest) + 0.25;
          const [from, to] = [Math.ceil(wanted - half), Math.floor(wanted + half)];
          const { ranked } = rankPacks(stock, wanted / 1000, () => ({ from, to }), {
            mostPieces: most,
            keep: 5,
          });
          const reference = inOrder(stock, wanted, from, to, most).slice(0, 5);
          expect(
            ranked.map(({ thickness, pieceCount, fewestLeft }) => ({
              sum: micrometres(thickness),
              pieces: pieceCount,
              left: fewestLeft,
            })),
          ).toEqual(reference);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('should tell two sizes of one thickness apart by their ids, and skip numbers of pieces that are not allowed', () => {
    const twins = [
      { ...size(0.5, 2), id: 'b' },
      { ...size(0.5, 2), id: 'a' },
    ];
    const { ranked } = rankPacks(
      twins,
      1,
      (pieces) => (pieces === 2 ? { from: 900, to: 1100 } : null),
      { mostPieces: 2, keep: 1 },
    );
    // One of each leaves one of each: more of the scarcest than two of the same.
    expect(ranked[0]!.pieces.map(({ sizeId, quantity }) => [sizeId, quantity])).toEqual([
      ['a', 1],
      ['b', 1],
    ]);
    expect(rankPacks(twins, 1, () => null, { mostPieces: 2, keep: 1 }).ranked).toEqual([]);
    const missed = rankPacks(twins, 9, () => ({ from: 8900, to: 9100 }), {
      mostPieces: 6,
      keep: 1,
    });
    expect(missed.ranked).toEqual([]);
  });

  test('should find the deviation an integer-programming library proves to be the least (HiGHS)', async () => {
    const highs = await highsLoader();
    const stock = [51, 102, 149, 203, 252, 301, 404, 498, 804, 1003].map((um, index) =>
      size(um / 1000, 1 + (index % 4)),
    );
    for (const [wanted, most] of [
      [377, 4],
      [830, 4],
      [1234, 4],
      [1999, 4],
      [3911, 7],
      [4203, 8],
      [5377, 8],
    ] as const) {
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
        ` pieces: ${names.join(' + ')} <= ${most}`,
        'Bounds',
        ...stock.map(({ count }, index) => ` 0 <= x${index} <= ${count}`),
        'General',
        ` ${names.join(' ')}`,
        'End',
      ].join('\n');
      const optimum = Math.round(highs.solve(model).ObjectiveValue);
      const { ranked } = rankPacks(stock, wanted / 1000, () => ({ from: 0, to: 9000 }), {
        mostPieces: most,
        keep: 20,
      });
      const off = ranked.map(({ deviation }) => Math.abs(micrometres(deviation)));
      // Fewer pieces may come before the nearest of those that are as good as equal, never a nearer one left out.
      expect(Math.min(...off)).toBe(optimum);
      expect(off[0]!).toBeLessThanOrEqual(optimum + EQUAL_SUMS);
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
