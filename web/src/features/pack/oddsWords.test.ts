import { judgeRun } from '@wendaxis/core/measure';
import { packOdds } from '@wendaxis/core/odds';
import type { SitePackQuestion } from '@wendaxis/core/plan';
import { proposePack } from '@wendaxis/core/shims';

import { oddsQuestion, percent, RAISER_WORDS, readingParts } from './oddsWords.ts';

const QUESTION: SitePackQuestion = {
  endPlay: { value: 0.3, uncertainty: 0.005, degreesOfFreedom: 4 },
  packInPlace: { thickness: 1, uncertainty: 0.001 },
  gain: 1,
  band: { lower: 0.1, upper: 0.2, target: null },
  stock: [{ id: 'a', thickness: 0.85, count: 1, uncertainty: 0.002 }],
  mostPieces: 2,
  learned: {
    gain: 1,
    gainUncertainty: 0.02,
    scatter: { value: 0.004, degreesOfFreedom: null },
    working: [],
    builds: 2,
    misfit: null,
    contradicted: false,
    limitsBy: 'play',
    band: { lower: 0.1, upper: 0.2, target: null },
    stated: { lower: 0.1, upper: 0.2, target: null },
  },
};

describe('odds in words', () => {
  test('should never claim certainty', () => {
    expect([1, 0.9996, 0.994, 0.52, 0.004, 0].map(percent)).toEqual([
      'over 99.9 %',
      'over 99.9 %',
      '99.4 %',
      '52 %',
      '0.4 %',
      'under 0.1 %',
    ]);
    for (const words of Object.values(RAISER_WORDS)) expect(words).toMatch(/^With /);
  });

  test('should ask for the very pack that is proposed', () => {
    const [pack] = proposePack(QUESTION).packs;
    const asked = oddsQuestion(QUESTION, pack!);
    expect(asked.newPack).toEqual({ thickness: 0.85, pieces: 1, pieceUncertainty: 0.002 });
    // What one assembly differs from the next by is what the builds have shown.
    expect(asked.seating).toEqual({ value: 0.004, degreesOfFreedom: null });
    expect(packOdds({ ...asked, draws: 2000 }).inBand).toBeGreaterThan(0.95);
  });

  test('should split the uncertainty of a run into what more cycles and a finer dial would change', () => {
    const verdict = judgeRun({
      instrument: {
        id: 'd',
        name: 'd',
        graduation: 0.01,
        calibrationUncertainty: 0.002,
        range: 10,
      },
      indicator: { contact: 'faceSquareToTravel', angle: 0 },
      band: QUESTION.band,
      shaftHeld: true,
      cycles: [0.3, 0.31, 0.3, 0.3].map((lift) => ({ zero: 0, lift, returned: 0, position: null })),
    });
    if (verdict.status !== 'judged') throw new Error(verdict.status);
    const { resolution, repeat, rest, cycles } = readingParts(verdict);
    expect(Math.hypot(resolution, repeat, rest)).toBeCloseTo(
      verdict.value.uncertainty.standard,
      12,
    );
    expect(cycles).toBe(4 - verdict.value.seating);
  });
});
