import { jointOdds } from './jointOdds.ts';
import jstat from 'jstat';

import { orderSizes, type OrderQuestion } from './orderSizes.ts';
import { packOdds, whatRaisesOdds, type OddsQuestion } from './packOdds.ts';
import { drawsFrom } from './random.ts';

const QUESTION: OddsQuestion = {
  endPlay: { value: 0.3, uncertainty: 0.01, degreesOfFreedom: null },
  packInPlace: { thickness: 1, uncertainty: 0.003 },
  newPack: { thickness: 0.85, pieces: 2, pieceUncertainty: 0.002 },
  gain: 1,
  band: { lower: 0.13, upper: 0.17, target: null },
  seating: { value: 0.003, degreesOfFreedom: null },
  draws: 30_000,
  seed: 7,
};

describe('draws', () => {
  test('should be the same for the same seed, and have the moments of their kind', () => {
    expect(drawsFrom(3).normal()).toBe(drawsFrom(3).normal());
    const draws = drawsFrom(11);
    const values = Array.from({ length: 40_000 }, () => draws.normal());
    const mean = values.reduce((a, b) => a + b, 0) / values.length;
    expect(Math.abs(mean)).toBeLessThan(0.02);
    expect(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length).toBeCloseTo(
      1,
      1,
    );
  });

  test.each([1, 2, 3, 8])('should be Student’s for %d degrees of freedom', (degrees) => {
    // Reference: quantiles of the general library jstat.
    const { student } = drawsFrom(degrees);
    const values = Array.from({ length: 60_000 }, () => student(degrees)).toSorted((a, b) => a - b);
    for (const p of [0.1, 0.5, 0.9, 0.95]) {
      const below =
        values.findIndex((value) => value > jstat.studentt.inv(p, degrees)) / values.length;
      expect(Math.abs(below - p)).toBeLessThan(0.01);
    }
  });
});

describe('odds of a pack', () => {
  test('should be what the normal distribution says where nothing else is drawn', () => {
    // Independent: closed form Φ of the general library jstat.
    const spread = Math.hypot(0.01, 0.003, 0.002 * Math.SQRT2, 0.003);
    const expected = jstat.normal.cdf(0.02, 0, spread) - jstat.normal.cdf(-0.02, 0, spread);
    const odds = packOdds({ ...QUESTION, draws: 100_000 });
    expect(Math.abs(odds.inBand - expected)).toBeLessThan(4 * odds.uncertainty);
    expect(odds.tooLittle + odds.tooMuch + odds.inBand).toBeCloseTo(1, 12);
    expect(odds.bins.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });

  test('should be worse with few cycles behind the reading, and off the middle', () => {
    const few = packOdds({ ...QUESTION, endPlay: { ...QUESTION.endPlay, degreesOfFreedom: 2 } });
    expect(few.inBand).toBeLessThan(packOdds(QUESTION).inBand);
    const thin = packOdds({ ...QUESTION, newPack: { ...QUESTION.newPack, thickness: 0.83 } });
    expect(thin.tooLittle).toBeGreaterThan(thin.tooMuch);
    expect(packOdds({ ...QUESTION, gain: -1 }).inBand).toBeLessThan(0.01);
    expect(
      packOdds({ ...QUESTION, band: { lower: null, upper: 0.17, target: null } }).tooLittle,
    ).toBe(0);
  });

  test('should say what would raise them most', () => {
    const coarse = { resolution: 0.0095, repeat: 0.002, cycles: 3, rest: 0.001 };
    expect(whatRaisesOdds(QUESTION, coarse)[0]!.what).toBe('finerIndicator');
    const noisy = { resolution: 0.0005, repeat: 0.0098, cycles: 3, rest: 0.001 };
    const few = { ...QUESTION, endPlay: { ...QUESTION.endPlay, degreesOfFreedom: 2 } };
    expect(whatRaisesOdds(few, noisy)[0]!.what).toBe('twoMoreCycles');
    const old = { ...QUESTION, packInPlace: { thickness: 1, uncertainty: 0.02 } };
    expect(whatRaisesOdds(old, coarse)[0]!.what).toBe('measureOldPack');
  });

  test('should raise nothing by a finer indicator where it is not the reading that is unsure', () => {
    const fine = { resolution: 0.001, repeat: 0.001, cycles: 3, rest: 0.0005 };
    const { inBand } = packOdds(QUESTION);
    for (const { odds } of whatRaisesOdds(QUESTION, fine))
      expect(Math.abs(odds - inBand)).toBeLessThan(0.02);
  });

  test.each<[string, Partial<OddsQuestion>]>([
    ['endPlay.value', { endPlay: { ...QUESTION.endPlay, value: NaN } }],
    ['draws', { draws: 10 }],
    ['seating', { seating: { value: -1, degreesOfFreedom: null } }],
    ['newPack.pieces', { newPack: { ...QUESTION.newPack, pieces: 1.5 } }],
    ['band', { band: { lower: null, upper: null, target: null } }],
  ])('should name %s', (field, change) => {
    expect(() => packOdds({ ...QUESTION, ...change })).toThrow(field);
  });
});

describe('what to order before strip-down', () => {
  const graded = Array.from({ length: 21 }, (_, at) => ({
    id: `g${at}`,
    thickness: Number((0.8 + 0.05 * at).toFixed(2)),
    price: 2 + (at % 2),
  }));
  const ask = (change: Partial<OrderQuestion> = {}) =>
    orderSizes({
      endPlay: { value: 0.3, uncertainty: 0.01 },
      packInPlace: { thickness: 1.45, uncertainty: 0 },
      gain: 1,
      band: { lower: 0.1, upper: 0.2, target: null },
      changedParts: 0.06,
      stock: [],
      orderable: graded,
      mostPieces: 1,
      wantedOdds: 0.95,
      draws: 4000,
      seed: 5,
      ...change,
    });

  test('should reach the odds with as few graded spacers as the spread asks for', () => {
    const answer = ask();
    expect(answer).toMatchObject({ reached: true, oddsNow: 0, wanted: expect.closeTo(1.3, 9) });
    // ±1.96·0.0608 mm are 0.238 mm, sizes 0.1 mm apart cover it: three, of 21 on the list.
    expect(answer.order.length).toBe(3);
    expect(answer.order.map(({ thickness }) => thickness).toSorted()).toEqual([1.2, 1.3, 1.4]);
    expect(answer.oddsAfter.at(-1)!).toBeGreaterThanOrEqual(0.95);
    expect(answer.price).toBe(answer.order.reduce((sum, { price }) => sum + price!, 0));
  });

  test('should order nothing where the box does it, and say when no list is enough', () => {
    const stock = [0.05, 0.1, 0.2, 0.5].map((thickness) => ({
      id: `s${thickness}`,
      thickness,
      count: 4,
      uncertainty: 0.001,
    }));
    expect(ask({ stock, mostPieces: 8 })).toMatchObject({ order: [], reached: true });
    expect(ask({ orderable: graded.slice(0, 3) })).toMatchObject({ reached: false });
    expect(() => ask({ gain: 0 })).toThrow(/gain/);
    expect(() => ask({ orderable: [{ id: 'x', thickness: 0, price: null }] })).toThrow(
      /orderable\[0\].thickness/,
    );
  });
});

describe('odds of packs for several sites', () => {
  const SCATTER = { value: 0.004, degreesOfFreedom: null };
  const spec = (id: string, value: number, uncertainty: number) => ({
    id,
    scatter: SCATTER,
    value,
    uncertainty,
    degreesOfFreedom: null,
    band: { lower: 0.1, upper: 0.2, target: null },
  });
  const site = (id: string, gains: Readonly<Record<string, number>>) => ({
    id,
    thickness: 1,
    uncertainty: 0,
    gains,
  });
  const choice = (values: readonly number[]) => ({
    packs: ['a', 'b'].map((siteId) => ({ siteId, thickness: 1, pieces: [] })),
    expected: values.map((value, at) => ({
      specId: `s${at}`,
      value,
      expanded: 0,
      decision: { word: 'conforms' as const, guard: 0, provable: true, limit: null },
    })),
  });
  const question = (uncertainty: number) => ({
    specs: [spec('s0', 0.15, uncertainty), spec('s1', 0.15, uncertainty)],
    sites: [site('a', { s0: 1 }), site('b', { s1: 1 })],
    stock: [],
    mostPieces: 4,
  });

  test('should be the product of both where they do not hang together', () => {
    const spread = Math.hypot(0.03, SCATTER.value);
    const alone = jstat.normal.cdf(0.05, 0, spread) - jstat.normal.cdf(-0.05, 0, spread);
    expect(jointOdds(question(0.03), choice([0.15, 0.15]), 100_000)).toBeCloseTo(alone ** 2, 2);
  });

  test('should fall by what a gain is unsure by, the more the more its pack changes', () => {
    const unsure = (change: number) => {
      const asked = question(0.001);
      const sites = asked.sites.map((one) => ({
        ...one,
        gainUncertainties: { s0: 0.1, s1: 0.1 },
      }));
      const packs = ['a', 'b'].map((siteId) => ({ siteId, thickness: 1 + change, pieces: [] }));
      return jointOdds({ ...asked, sites }, { ...choice([0.15, 0.15]), packs }, 40_000);
    };
    // Two gains of 10 % over half a millimetre, each by its own pack: 0.05 mm about limits of ±0.05.
    const spread = Math.hypot(0.001, SCATTER.value, 0.05 * Math.SQRT2);
    const alone = jstat.normal.cdf(0.05, 0, spread) - jstat.normal.cdf(-0.05, 0, spread);
    expect(unsure(0.5)).toBeCloseTo(alone ** 2, 1);
    expect(unsure(0)).toBeGreaterThan(0.99);
    expect(unsure(0.2)).toBeGreaterThan(unsure(0.5));
  });

  test('should be a quarter where both aim at a limit, and nothing where one is far out', () => {
    expect(jointOdds(question(0.01), choice([0.2, 0.2]), 100_000)).toBeCloseTo(0.25, 2);
    expect(jointOdds(question(0.01), choice([0.15, 0.4]))).toBe(0);
  });
});
