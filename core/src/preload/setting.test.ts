import fc from 'fast-check';

import { adjusterTurn } from './adjusterTurn.ts';
import { closingPlay } from './closingPlay.ts';
import { turnWords } from './turnWords.ts';

describe('the turn of an adjuster', () => {
  const base = {
    play: 0.2,
    guard: 0.01,
    band: { lower: 0.06, upper: 0.14, target: null },
    lead: 1.5,
    notches: null,
    hand: 'right',
  } as const;

  test('should take lead × turn out of the play', () => {
    // 0.1 mm of a lead of 1.5 mm is 24°.
    expect(adjusterTurn(base)).toMatchObject({
      angle: expect.closeTo(24, 9),
      notches: null,
      perNotch: null,
      direction: 'clockwise',
      inwards: true,
    });
    expect(adjusterTurn({ ...base, hand: 'left' }).direction).toBe('anticlockwise');
    expect(adjusterTurn({ ...base, play: 0.05 })).toMatchObject({
      inwards: false,
      direction: 'anticlockwise',
    });
  });

  test('should stop at the nearest notch, and judge the play it gives there', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom('right' as const, 'left' as const),
        (play, notches, hand) => {
          const turn = adjusterTurn({ ...base, play, notches, hand });
          expect((turn.set * notches) / 360).toBeCloseTo(turn.notches!, 9);
          expect(turn.expectedPlay).toBeCloseTo(play - turn.notches! * (1.5 / notches), 9);
          expect(Math.abs(turn.expectedPlay - 0.1)).toBeLessThanOrEqual(0.75 / notches + 1e-9);
        },
      ),
    );
    expect(adjusterTurn({ ...base, notches: 36 }).decision.word).toBe('conforms');
    expect(adjusterTurn({ ...base, notches: 4 }).decision.word).toBe('doesNotConform');
  });

  test('should be no surer than an angle is set by eye, and less where the thread has to give its slack', () => {
    const of = (play: number, notches: number | null) =>
      adjusterTurn({
        play,
        guard: 0.003,
        band: { lower: 0.05, upper: 0.15, target: 0.1 },
        lead: 1.5,
        notches,
        hand: 'right',
      });
    // 3° of a lead of 1.5 mm are 0.0125 mm to each side, 0.9 of it at 95 % (rectangular, JCGM 100).
    const inwards = of(0.2, null);
    expect(inwards.setWithin).toBeCloseTo(0.0125, 9);
    expect(inwards.decision.guard).toBeCloseTo(Math.hypot(0.003, 0.9 * 0.0125), 9);
    expect(of(0.2, 60).setWithin).toBeLessThan(inwards.setWithin);
    expect(of(0.02, null).setWithin).toBeGreaterThan(inwards.setWithin);
  });

  test('should name what it cannot use', () => {
    expect(() => adjusterTurn({ ...base, lead: 0 })).toThrow(/lead/);
    expect(() => adjusterTurn({ ...base, notches: 0.5 })).toThrow(/notches/);
  });
});

describe('closing the play of a hub without preload', () => {
  const BAND = { lower: 0, upper: 0.03, target: null };
  /** No hub of the property closes more than this a turn, mm. */
  const LEAD = 1.5;

  test('should go no further in the first step than the play and the lead allow', () => {
    const first = (lead: number | null) =>
      closingPlay([{ angle: 0, play: 0.12 }], BAND, { uncertainty: 0.004, lead }).step;
    // 0.12 − 0.03 to the limits, less two uncertainties: 0.082 mm, 19.7° of a lead of 1.5, of which 0.95.
    expect(first(LEAD)).toBeCloseTo((0.95 * 0.082 * 360) / 1.5, 6);
    expect(first(null)).toBe(3);
  });

  test('should go on in free steps, then forecast, then stop before the play is gone', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.0015, max: 0.004, noNaN: true }),
        fc.double({ min: 0.1, max: 0.4, noNaN: true }),
        (slope, start) => {
          const points = [{ angle: 0, play: start }];
          for (let step = 0; step < 60; step += 1) {
            const answer = closingPlay(points, BAND, { uncertainty: 0.004, lead: LEAD });
            if (answer.status === 'inBand') break;
            expect(answer.status).not.toBe('gone');
            const angle = answer.now + answer.step;
            points.push({ angle, play: Math.max(0, start - slope * angle) });
          }
          // It ends within the limits with play that can still be read: the shaft is not preloaded.
          expect(points.at(-1)!.play).toBeGreaterThan(0);
          expect(points.at(-1)!.play).toBeLessThanOrEqual(0.03);
        },
      ),
    );
  });

  test('should say where the play enters its band, and widen with the readings', () => {
    const points = [
      { angle: 0, play: 0.2 },
      { angle: 20, play: 0.16 },
      { angle: 40, play: 0.12 },
    ];
    const sure = closingPlay(points, BAND, { uncertainty: 0.001, lead: null });
    const unsure = closingPlay(points, BAND, { uncertainty: 0.006, lead: null });
    if (sure.status !== 'forecast' || unsure.status !== 'forecast') throw new Error(sure.status);
    expect(sure.toUpper.likely).toBeCloseTo(92.5, 6);
    expect(sure.toZero.likely).toBeCloseTo(100, 6);
    expect(unsure.toZero.most - unsure.toZero.least).toBeGreaterThan(
      4 * (sure.toZero.most - sure.toZero.least),
    );
  });

  test('should call a play below the band gone, and never back off', () => {
    expect(
      closingPlay(
        [{ angle: 90, play: 0 }],
        { lower: 0.02, upper: 0.05, target: null },
        { uncertainty: 0.004, lead: LEAD },
      ).status,
    ).toBe('gone');
    expect(
      closingPlay(
        [
          { angle: 0, play: 0.2 },
          { angle: 20, play: 0.25 },
        ],
        BAND,
        { uncertainty: 0.004, lead: null },
      ),
    ).toMatchObject({ status: 'closing', step: 3 });
    expect(() =>
      closingPlay(
        [
          { angle: 30, play: 0.1 },
          { angle: 20, play: 0.1 },
        ],
        BAND,
        { uncertainty: 0.004, lead: null },
      ),
    ).toThrow(/never backed off/);
  });
});

const BASE = {
  play: 0.2,
  guard: 0.01,
  band: { lower: 0.06, upper: 0.14, target: null },
  lead: 1.5,
  notches: 30,
  hand: 'right',
} as const;

describe('a turn in words', () => {
  test('should be in notches where there are any, else in degrees', () => {
    expect(turnWords(adjusterTurn(BASE))).toBe('2 notches clockwise');
    expect(turnWords(adjusterTurn({ ...BASE, play: 0.15 }))).toBe('1 notch clockwise');
    expect(turnWords(adjusterTurn({ ...BASE, play: 0.03 }))).toBe('1 notch anticlockwise');
    expect(turnWords(adjusterTurn({ ...BASE, notches: null }))).toBe('24° clockwise');
    expect(turnWords(adjusterTurn({ ...BASE, play: 0.1 }))).toBe('Leave it where it is');
  });
});
