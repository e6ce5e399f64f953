import { USUAL_RANGE } from '../measure/index.ts';
import { drawsFrom, packOdds } from '../odds/index.ts';
import { learnPlay, type PlayTry } from './learnPlay.ts';

/** How a pack that is told as likely turns out, in units whose assemblies scatter as bolted covers with sealant and clamped rings do. */
const READING = 0.002;
/** Common practice, no source: standard, mm, from one assembly to the next. */
const SCATTERS = [0.002, 0.005, 0.01] as const;
const TOLD = { from: 0.86, to: 0.94 };
/** `npm run trials` draws more, and holds them the closer: all kinds together, and each kind once eight builds were read. */
const SHORT = process.env['WENDAXIS_TRIALS'] === undefined;
const UNITS = SHORT ? 120 : 2000;
const TOGETHER = SHORT ? { from: 0.83, to: 0.96 } : { from: 0.87, to: 0.95 };
const EACH = SHORT ? { from: 0.8, to: 0.99 } : { from: 0.85, to: 0.965 };

/** Share of the packs told as about nine in ten that come within limits, after so many builds. */
function heldOf(scatter: number, builds: number, seed: number): number {
  const draws = drawsFrom(seed);
  const assembly = () => (scatter / Math.SQRT2) * draws.normal();
  let [told, held] = [0, 0];
  for (let unit = 0; told < UNITS; unit += 1) {
    const gain = 1 + 0.02 * draws.normal();
    const thicknesses = Array.from({ length: builds }, (_, at) => (at === 0 ? 1 : 0.8 + at / 50));
    let stands = 0;
    const tries = thicknesses.map((thickness): PlayTry => {
      stands = 0.3 + gain * (thickness - 1) + assembly();
      return {
        thickness,
        play: stands + READING * draws.normal(),
        uncertainty: READING,
        shared: 0,
      };
    });
    const next = 0.75;
    const learned = learnPlay(tries, { gain: 1, gainUncertainty: 0.02, scatter: USUAL_RANGE });
    const truth = 0.3 + gain * (next - 1) + assembly();
    const aim = learned.value + learned.gain * (next - thicknesses.at(-1)!);
    const change = next - thicknesses.at(-1)!;
    // As a pack is asked for: what the gain is unsure by counts the more, the more is changed.
    const uncertainty = Math.hypot(learned.uncertainty, learned.gainUncertainty * change);
    const half = (1.4 + 0.5 * draws.uniform()) * Math.hypot(uncertainty, learned.scatter.value);
    const { inBand } = packOdds({
      endPlay: { value: learned.value, uncertainty, degreesOfFreedom: null },
      packInPlace: { thickness: thicknesses.at(-1)!, uncertainty: 0 },
      newPack: { thickness: next, pieces: 1, pieceUncertainty: 0 },
      gain: learned.gain,
      band: { lower: aim - half, upper: aim + half, target: null },
      seating: learned.scatter,
      draws: 400,
      seed: unit,
    });
    if (inBand < TOLD.from || inBand > TOLD.to) continue;
    told += 1;
    if (Math.abs(truth - aim) <= half) held += 1;
  }
  return held / told;
}

describe('packs that are told as nine in ten', () => {
  test.each([1, 2, 4])(
    'should hold so often over all kinds of joint, after %p builds',
    (builds) => {
      const shares = SCATTERS.map((scatter, at) => heldOf(scatter, builds, 7 + at));
      const mean = shares.reduce((sum, one) => sum + one, 0) / shares.length;
      expect(mean).toBeGreaterThan(TOGETHER.from);
      expect(mean).toBeLessThan(TOGETHER.to);
    },
  );

  test.each(SCATTERS)(
    'should hold so often in each once eight builds were read: %p mm',
    (scatter) => {
      const share = heldOf(scatter, 8, 11);
      expect(share).toBeGreaterThan(EACH.from);
      expect(share).toBeLessThan(EACH.to);
    },
  );
});
