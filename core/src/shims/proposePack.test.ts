import fc from 'fast-check';
import type { PackQuestion } from './packQuestion.ts';
import { proposePack } from './proposePack.ts';
import { type RankedPack } from './rankedPack.ts';
import { size, anyStock } from './tests/stockOf.ts';

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
