import { line, type WorkingLine } from '../working/index.ts';
import { pinionOf, type BacklashPerMove } from './backlashFactor.ts';

/** A build of the pair whose backlash was read. mm. */
export interface PairTry {
  /** Where the ring gear stood, away from the pinion, from any fixed place. */
  readonly ring: number;
  /** Where the pinion stood, away from the ring gear. */
  readonly pinion: number;
  readonly backlash: number;
  /** Standard, of the backlash as it is read and as the build scatters. */
  readonly uncertainty: number;
}

/**
 * What the tries of the pair itself say of its factor: each change from a try to the next is a straight line through the
 * movement it was made by, weighed against what was known before by least squares. Tries that were not moved say nothing.
 *
 * @param ratio turns of the pinion for one of the ring gear; null where it is not known: tries between which the pinion
 *   was moved are left out then
 * @example learnFactor(usual, [{ ring: 0, pinion: 0, backlash: 0.3, uncertainty: 0.006 }, …], 3.7)
 */
export function learnFactor(
  before: BacklashPerMove,
  tries: readonly PairTry[],
  ratio: number | null,
): BacklashPerMove {
  const moves = tries.slice(1).flatMap((next, at) => {
    const last = tries[at]!;
    const pinion = next.pinion - last.pinion;
    if (ratio === null && Math.abs(pinion) > 1e-9) return [];
    // Both gears by the one factor: the pinion's is the ring gear's over the ratio.
    const by = next.ring - last.ring + (ratio === null ? 0 : pinion / ratio);
    if (Math.abs(by) < LEAST_MOVE) return [];
    const spread = Math.hypot(next.uncertainty, last.uncertainty);
    return [{ by, backlash: next.backlash - last.backlash, spread }];
  });
  if (moves.length === 0) return before;
  const prior = 1 / before.ring.uncertainty ** 2;
  const weight = moves.reduce((sum, { by, spread }) => sum + (by / spread) ** 2, prior);
  const value =
    moves.reduce(
      (sum, { by, backlash, spread }) => sum + (by * backlash) / spread ** 2,
      before.ring.value * prior,
    ) / weight;
  // A pair whose backlash does not follow its shims is no pair: what is not home is told by the spread, not learned.
  const ring = {
    value: Math.min(2, Math.max(0.2, value)),
    uncertainty: 1 / Math.sqrt(weight),
  };
  return {
    ring,
    pinion: ratio === null ? before.pinion : pinionOf(ring, ratio),
    by: 'tries',
    working: [...before.working, ...workingOf(moves, ring.value)],
  };
}

/** Gears that were moved by less say nothing of the factor, mm. */
const LEAST_MOVE = 0.02;

function workingOf(
  moves: readonly { readonly by: number; readonly backlash: number }[],
  value: number,
): readonly WorkingLine[] {
  return moves.map(({ by, backlash }) =>
    line(
      'By a try of the pair, weighed with what was known before',
      'f ≈ Δb/Δx',
      [
        ['Δb', backlash, 'length'],
        ['Δx', by, 'length'],
      ],
      ['f', value, 'number'],
      'twoTrials',
    ),
  );
}
