import { requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand, type Band, type Scatter } from '../measure/index.ts';
import { drawsFrom, scattered } from '../odds/index.ts';
import { UNKNOWN_PINION, type Known } from './backlashFactor.ts';

/** A figure of the pair as it stands. mm; degrees of freedom null where infinite. */
export interface PairFigure extends Known {
  readonly degreesOfFreedom: number | null;
  readonly band: Band;
}

/** What is to be moved, and what is known of what it does. mm. */
export interface PairMove {
  /** Each null where it is not set, or not read. */
  readonly depth: PairFigure | null;
  readonly play: PairFigure | null;
  readonly backlash: PairFigure | null;
  /** Pinion away from the ring gear, ring gear away from the pinion, and what the sum of the side shims grows by. */
  readonly pinion: number;
  readonly ring: number;
  readonly total: number;
  /** ∂(backlash)/∂ of both. */
  readonly perRing: Known;
  readonly perPinion: Known | null;
  /** Standard uncertainty of what the shims come to, and of how the build comes to rest. */
  readonly shims: number;
  readonly seating: Scatter;
}

/** What a move is to come to. */
export interface PairForecast {
  readonly depth: Known | null;
  readonly play: Known | null;
  readonly backlash: Known | null;
}

/**
 * What a change in one does to the others: the depth by the pinion's shim, the play by the sum of the side shims, the backlash by
 * both gears.
 */
export function pairForecast(move: PairMove): PairForecast {
  const rest = Math.hypot(move.shims, move.seating.value);
  const moved = (figure: PairFigure | null, by: number, spread: number): Known | null =>
    figure === null
      ? null
      : { value: figure.value + by, uncertainty: Math.hypot(figure.uncertainty, spread) };
  const pinion = move.perPinion ?? UNKNOWN_PINION;
  return {
    depth: moved(move.depth, move.pinion, move.pinion === 0 ? move.seating.value : rest),
    play: moved(move.play, -move.total, rest),
    backlash: moved(
      move.backlash,
      move.perRing.value * move.ring + pinion.value * move.pinion,
      Math.hypot(
        move.perRing.uncertainty * move.ring,
        pinion.uncertainty * move.pinion,
        move.perRing.value * rest,
      ),
    ),
  };
}

/**
 * Odds that everything that is set comes into its limits at this go, by Monte Carlo over readings (Student), factor, shims and
 * seating.
 *
 * @throws InputError naming the field
 */
export function pairOdds(move: PairMove, draws = 20_000, seed = 5): number {
  requireInteger('draws', draws, { min: 100, max: 1_000_000 });
  const figures = [move.depth, move.play, move.backlash];
  for (const figure of figures) if (figure !== null) requireBand(figure.band);
  requireNumber('perRing', move.perRing.value, { min: 0.05, max: 4 });
  const from = drawsFrom(seed);
  const { normal, student } = from;
  const rest = scattered(move.seating, from);
  const read = (figure: PairFigure | null): number =>
    figure === null
      ? 0
      : figure.value + figure.uncertainty * student(figure.degreesOfFreedom ?? Infinity);
  const pinion = move.perPinion ?? UNKNOWN_PINION;
  let inside = 0;
  for (let draw = 0; draw < draws; draw += 1) {
    const seated = rest();
    const byPinion = move.pinion + (move.pinion === 0 ? 0 : move.shims * normal());
    const values = [
      read(move.depth) + byPinion + rest(),
      read(move.play) - move.total + move.shims * normal() + seated,
      read(move.backlash) +
        (move.perRing.value + move.perRing.uncertainty * normal()) *
          (move.ring + move.shims * normal() + seated) +
        (pinion.value + pinion.uncertainty * normal()) * byPinion,
    ];
    if (figures.every((figure, at) => figure === null || isInside(values[at]!, figure.band)))
      inside += 1;
  }
  return inside / draws;
}

const isInside = (value: number, { lower, upper }: Band): boolean =>
  value >= (lower ?? -Infinity) && value <= (upper ?? Infinity);
