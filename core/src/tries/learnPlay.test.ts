import fc from 'fast-check';

import { scatterBefore, USUAL_RANGE } from '../measure/index.ts';
import { drawsFrom } from '../odds/index.ts';
import { learnPlay, type BeforeTries, type PlayTry } from './learnPlay.ts';

const BEFORE: BeforeTries = { gain: 1, gainUncertainty: 0.02, scatter: USUAL_RANGE };
const built = (thickness: number, play: number, uncertainty = 0.004): PlayTry => ({
  thickness,
  play,
  uncertainty,
  shared: 0,
});

/** Mean of the posterior by adding it up over a grid in space, with nothing integrated by hand. */
function byGrid(tries: readonly PlayTry[], { gain, gainUncertainty, scatter }: BeforeTries) {
  const about = tries.at(-1)!.thickness;
  const steps = (from: number, to: number, count: number) =>
    Array.from({ length: count }, (_, at) => from + ((to - from) * (at + 0.5)) / count);
  const around = tries.at(-1)!.play;
  let [weight, values, squares, gains, scatters] = [0, 0, 0, 0, 0];
  const logs = [scatter.least, scatter.most].map((one) => Math.log(one / Math.SQRT2)) as [
    number,
    number,
  ];
  // Uniform in the logarithm: every step weighs the same.
  for (const s of steps(...logs, 50).map(Math.exp)) {
    for (const g of steps(gain - 6 * gainUncertainty, gain + 6 * gainUncertainty, 60))
      for (const a of steps(around - 0.06, around + 0.06, 120)) {
        let log = -0.5 * ((g - gain) / gainUncertainty) ** 2;
        for (const { thickness, play, uncertainty } of tries) {
          const spread = uncertainty ** 2 + s * s;
          log -= 0.5 * ((play - a - g * (thickness - about)) ** 2 / spread + Math.log(spread));
        }
        const here = Math.exp(log - 11 * tries.length);
        weight += here;
        values += here * a;
        squares += here * (a - around) ** 2;
        gains += here * g;
        scatters += here * s * s;
      }
  }
  return {
    value: values / weight,
    gain: gains / weight,
    next: Math.sqrt(squares / weight - (values / weight - around) ** 2 + scatters / weight),
  };
}

describe('what the builds of a place say', () => {
  test('should be nothing new by one build', () => {
    const { working, ...learned } = learnPlay([{ ...built(1, 0.3), shared: 0.003 }], BEFORE);
    expect(learned).toEqual({
      value: 0.3,
      uncertainty: 0.005,
      ...BEFORE,
      scatter: scatterBefore(USUAL_RANGE),
    });
    expect(working).toEqual([]);
  });

  test.each([
    ['as the packs say', [built(1, 0.3), built(0.84, 0.141)]],
    ['a place that gives', [built(1, 0.35), built(0.8, 0.162), built(0.78, 0.14)]],
    ['assemblies that scatter', [built(1, 0.3), built(0.85, 0.17), built(0.83, 0.125)]],
  ])('should be the mean over everything it can be: %s', (_, tries) => {
    // Independent: the posterior added up over a grid of play, gain and scatter.
    const learned = learnPlay(tries, BEFORE);
    const grid = byGrid(tries, BEFORE);
    expect(learned.value).toBeCloseTo(grid.value, 4);
    expect(learned.gain).toBeCloseTo(grid.gain, 3);
    // How far the next assembly may be from it: what the play is unsure by, and its own rest.
    const next = Math.hypot(learned.uncertainty, learned.scatter.value);
    expect(Math.abs(next / grid.next - 1)).toBeLessThan(0.02);
  });

  test.each([
    ['as assumed', { scatter: 0.003, off: 0, within: 0.93 }],
    [
      'that scatter twice as much and give up to a twentieth',
      { scatter: 0.006, off: 0.05, within: 0.77 },
    ],
  ])('should foresee the next build about as well as it says, in units %s', (_, world) => {
    const { normal, uniform } = drawsFrom(5);
    const units = 600;
    let [within, nearer] = [0, 0];
    for (let unit = 0; unit < units; unit += 1) {
      const gain = 1 + world.off * (2 * uniform() - 1);
      const play = (thickness: number) =>
        0.3 + gain * (thickness - 1) + Math.hypot(world.scatter / Math.SQRT2, 0.003) * normal();
      const thicknesses = [1, 0.82, 0.86, 0.83];
      const tries = thicknesses.map((thickness) => built(thickness, play(thickness), 0.003));
      const { value, uncertainty, scatter } = learnPlay(tries, BEFORE);
      const middle = 0.3 + gain * (0.83 - 1);
      const next = middle + (world.scatter / Math.SQRT2) * normal();
      if (Math.abs(value - next) <= 2 * Math.hypot(uncertainty, scatter.value)) within += 1;
      if (Math.abs(value - middle) < Math.abs(tries.at(-1)!.play - middle)) nearer += 1;
    }
    expect(within / units).toBeGreaterThan(world.within);
    // All builds together say more than the last one alone.
    expect(nearer / units).toBeGreaterThan(0.6);
  });

  test('should scatter more where the builds do, and hold the gain to its geometry', () => {
    const calm = learnPlay([built(1, 0.3), built(0.9, 0.2), built(0.95, 0.25)], BEFORE);
    const wild = learnPlay([built(1, 0.3), built(0.9, 0.24), built(0.95, 0.21)], BEFORE);
    expect(wild.scatter.value).toBeGreaterThan(1.4 * calm.scatter.value);
    expect(wild.gain).toBeGreaterThan(0.93);
    expect(calm.gainUncertainty).toBeLessThan(BEFORE.gainUncertainty);
    expect(wild.working.map(({ source }) => source)).toContain('learnedPlay');
  });

  test('should not depend on where zero is, nor on the order of the builds before the last', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 500, max: 1500 }), fc.integer({ min: 0, max: 500 })), {
          minLength: 3,
          maxLength: 5,
        }),
        fc.integer({ min: -100, max: 100 }),
        (rows, shift) => {
          const tries = rows.map(([thickness, play]) => built(thickness / 1000, play / 1000));
          const here = learnPlay(tries, BEFORE);
          const moved = learnPlay(
            [...tries.slice(0, -1).toReversed(), tries.at(-1)!].map((one) => ({
              ...one,
              play: one.play + shift / 100,
              thickness: one.thickness + 1,
            })),
            BEFORE,
          );
          expect(moved.value - shift / 100).toBeCloseTo(here.value, 8);
          expect(moved.gain).toBeCloseTo(here.gain, 8);
        },
      ),
    );
  });

  test('should refuse no build, and what is no length', () => {
    expect(() => learnPlay([], BEFORE)).toThrow(/tries/);
    expect(() => learnPlay([built(1, NaN)], BEFORE)).toThrow(/play/);
    expect(() =>
      learnPlay([built(1, 0.3)], { ...BEFORE, scatter: { least: 0, most: 0.01 } }),
    ).toThrow(/scatter/);
  });
});
