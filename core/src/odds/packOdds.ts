import { requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand, requireScatter, type Band, type Scatter } from '../measure/index.ts';
import { drawsFrom } from './random.ts';
import { scattered } from './scattered.ts';

/** A pack that is to go in, and what is known of the build it goes into. mm. */
export interface OddsQuestion {
  readonly endPlay: {
    readonly value: number;
    readonly uncertainty: number;
    /** Null when infinite. */
    readonly degreesOfFreedom: number | null;
  };
  readonly packInPlace: { readonly thickness: number; readonly uncertainty: number };
  readonly newPack: {
    readonly thickness: number;
    readonly pieces: number;
    readonly pieceUncertainty: number;
  };
  readonly gain: number;
  readonly band: Band;
  /** How much the play scatters from one assembly to the next. */
  readonly seating: Scatter;
  readonly draws: number;
  readonly seed: number;
}

/** Odds that the play is truly in band once the pack is in. */
export interface PackOdds {
  /** Share of the draws, 0 to 1, and its standard uncertainty by the number of draws. */
  readonly inBand: number;
  readonly uncertainty: number;
  readonly tooLittle: number;
  readonly tooMuch: number;
  /** Play of the draws in bins of equal width, for the drawing. */
  readonly bins: readonly { readonly from: number; readonly to: number; readonly share: number }[];
}

/** Draws for a screen. */
export const USUAL_DRAWS = 100_000;
const BINS = 40;

/**
 * Odds of being in band at the first go, by Monte Carlo over reading (Student), old pack, new pieces and seating (Student):
 * `play = e + gain·(t_new − t_old) + seating`.
 *
 * @throws InputError naming the field
 */
export function packOdds(question: OddsQuestion): PackOdds {
  const q = requireOdds(question);
  const draws = drawsFrom(q.seed);
  const { normal, student } = draws;
  const seated = scattered(q.seating, draws);
  const lower = q.band.lower ?? -Infinity;
  const upper = q.band.upper ?? Infinity;
  const expected = q.endPlay.value + q.gain * (q.newPack.thickness - q.packInPlace.thickness);
  const shims =
    Math.abs(q.gain) *
    Math.hypot(q.packInPlace.uncertainty, q.newPack.pieceUncertainty * Math.sqrt(q.newPack.pieces));
  const degrees = q.endPlay.degreesOfFreedom ?? Infinity;
  const reach = 4 * Math.hypot(q.endPlay.uncertainty, shims, q.seating.value) || 0.001;
  const counts = new Int32Array(BINS);
  let [little, much] = [0, 0];
  for (let draw = 0; draw < q.draws; draw += 1) {
    const play = expected + q.endPlay.uncertainty * student(degrees) + shims * normal() + seated();
    if (play < lower) little += 1;
    else if (play > upper) much += 1;
    const bin = Math.floor(((play - expected + reach) / (2 * reach)) * BINS);
    counts[Math.min(BINS - 1, Math.max(0, bin))]! += 1;
  }
  const inBand = 1 - (little + much) / q.draws;
  const width = (2 * reach) / BINS;
  return {
    inBand,
    uncertainty: Math.sqrt((inBand * (1 - inBand)) / q.draws),
    tooLittle: little / q.draws,
    tooMuch: much / q.draws,
    bins: Array.from(counts, (count, at) => ({
      from: expected - reach + at * width,
      to: expected - reach + (at + 1) * width,
      share: count / q.draws,
    })),
  };
}

/** What could be done before the pack goes in, and the odds with it. */
export interface OddsRaiser {
  readonly what: 'finerIndicator' | 'twoMoreCycles' | 'measureOldPack';
  readonly odds: number;
}

/** How the reading's uncertainty is made up, mm: what more cycles and a finer indicator would change. */
export interface ReadingParts {
  readonly resolution: number;
  readonly repeat: number;
  readonly cycles: number;
  readonly rest: number;
}

/**
 * What would raise the odds most, best first: an indicator ten times as fine, two more cycles of the same scatter, or
 * the old pack measured as well as the new pieces. What the play is unsure by beyond its reading stays: a gain, say.
 */
export function whatRaisesOdds(question: OddsQuestion, parts: ReadingParts): readonly OddsRaiser[] {
  requireInteger('parts.cycles', parts.cycles, { min: 1, max: 100 });
  const degrees = question.endPlay.degreesOfFreedom;
  const more = parts.cycles + 2;
  const with_ = (endPlay: Partial<OddsQuestion['endPlay']>) =>
    packOdds({ ...question, endPlay: { ...question.endPlay, ...endPlay } }).inBand;
  const read = Math.hypot(parts.resolution, parts.repeat, parts.rest);
  const beyond = Math.sqrt(Math.max(0, question.endPlay.uncertainty ** 2 - read ** 2));
  const rows: readonly OddsRaiser[] = [
    {
      what: 'finerIndicator',
      odds: with_({
        uncertainty: Math.hypot(parts.resolution / 10, parts.repeat, parts.rest, beyond),
      }),
    },
    {
      what: 'twoMoreCycles',
      odds: with_({
        uncertainty: Math.hypot(
          parts.resolution,
          parts.repeat * Math.sqrt(parts.cycles / more),
          parts.rest,
          beyond,
        ),
        degreesOfFreedom:
          degrees === null ? null : degrees * ((more - 1) / Math.max(1, parts.cycles - 1)),
      }),
    },
    {
      what: 'measureOldPack',
      odds: packOdds({
        ...question,
        packInPlace: {
          ...question.packInPlace,
          uncertainty: Math.min(
            question.packInPlace.uncertainty,
            question.newPack.pieceUncertainty,
          ),
        },
      }).inBand,
    },
  ];
  return rows.toSorted((a, b) => b.odds - a.odds);
}

function requireOdds(q: OddsQuestion): OddsQuestion {
  const length = { min: -100, max: 100, unit: 'mm' };
  const spread = { min: 0, max: 5, unit: 'mm' };
  requireNumber('endPlay.value', q.endPlay.value, length);
  requireNumber('endPlay.uncertainty', q.endPlay.uncertainty, spread);
  if (q.endPlay.degreesOfFreedom !== null)
    requireNumber('endPlay.degreesOfFreedom', q.endPlay.degreesOfFreedom, { min: 1 });
  requireNumber('packInPlace.thickness', q.packInPlace.thickness, { min: 0, max: 100, unit: 'mm' });
  requireNumber('packInPlace.uncertainty', q.packInPlace.uncertainty, spread);
  requireNumber('newPack.thickness', q.newPack.thickness, { min: 0, max: 100, unit: 'mm' });
  requireInteger('newPack.pieces', q.newPack.pieces, { min: 0, max: 40 });
  requireNumber('newPack.pieceUncertainty', q.newPack.pieceUncertainty, spread);
  requireNumber('gain', q.gain, { min: -10, max: 10 });
  requireBand(q.band);
  requireScatter('seating', q.seating);
  requireInteger('draws', q.draws, { min: 100, max: 2_000_000 });
  requireInteger('seed', q.seed, { min: -2_147_483_648, max: 2_147_483_647 });
  return q;
}
