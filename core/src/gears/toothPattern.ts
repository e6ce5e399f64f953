import { line, type WorkingLine } from '../working/index.ts';
import type { Known } from './backlashFactor.ts';
import type { ToothCut } from './gearPair.ts';
import {
  BY_EYE,
  misfit,
  PATTERN_IDEAL,
  PATTERN_LIMIT,
  RESPONSE_SPREAD,
  rowsOf,
  solve,
  type ContactMark,
  type ContactPattern,
  type Flank,
} from './patternResponse.ts';

/** The most that is moved at one go, mm. */
const MOST_MOVE = 0.25;

/** What marks say. Moves in mm. */
export interface PatternVerdict {
  /** `contradictory`: no move of either gear explains both marks. `oneFlank`: judged by one alone. */
  readonly status: 'judged' | 'contradictory' | 'oneFlank' | 'noMarks';
  /** Whether every mark that was placed is within limits; null without marks. */
  readonly good: boolean | null;
  /** What each mark is, off its middle. */
  readonly off: Readonly<Record<Flank, readonly MarkOff[]>>;
  /** What to move next: the pinion towards the ring gear, and the ring gear towards the pinion; null where nothing is said. */
  readonly move: { readonly pinion: Known; readonly ring: Known } | null;
  /** How far the marks are from being explained by the move, against what the eye misses by: above 1 is not. */
  readonly contradiction: number;
  readonly working: readonly WorkingLine[];
}

/** A way in which a mark is off. */
export type MarkOff = 'toe' | 'heel' | 'face' | 'root';

/**
 * Judge the marks of a pair and say what to move next. With `y` the marks off their middle and `R` how they move, the errors `e`
 * of both gears are the ridge solution of `y = −R·e`: `(Rᵀ·W·R + P)·e = −Rᵀ·W·y`, `P` what was to be expected before.
 *
 * @param cut null where it is not known: both are taken, half and half, and the sizes are less sure
 * @param scale by how much the marks of this pair move more than usual, as its tries say; 1 before
 * @throws InputError naming `drive.length`, `drive.height`, `coast.length` or `coast.height`
 */
export function judgePattern(
  pattern: ContactPattern,
  cut: ToothCut | null,
  scale: Known = { value: 1, uncertainty: RESPONSE_SPREAD },
): PatternVerdict {
  const rows = rowsOf(pattern, cut, scale.value);
  const off = {
    drive: offOf(pattern.drive),
    coast: offOf(pattern.coast),
  };
  if (rows.length === 0)
    return { status: 'noMarks', good: null, off, move: null, contradiction: 0, working: [] };
  const one = pattern.drive === null || pattern.coast === null;
  const both = solve(rows);
  // Marks placed by eye do not tell so little: the ring gear alone explains them.
  const solved = Math.abs(both.pinion) < LEAST_MOVE ? solve(rows, 'ring') : both;
  const { pinion, ring } = solved;
  const contradiction = one ? 0 : misfit(rows, solved, scale.uncertainty);
  const contradictory = contradiction > 1;
  const good = off.drive.length === 0 && off.coast.length === 0;
  const move = {
    pinion: bounded(pinion, solved.spread.pinion),
    ring: bounded(ring, solved.spread.ring),
  };
  return {
    status: contradictory ? 'contradictory' : one ? 'oneFlank' : 'judged',
    good: contradictory ? false : good,
    off,
    move: contradictory ? null : move,
    contradiction,
    working: [
      line(
        'Pinion towards the ring gear',
        'least squares over the marks, e = −(RᵀWR + P)⁻¹RᵀW·y',
        rows.map(({ name, off: y }) => [name, y, 'number'] as const),
        ['pinion', move.pinion.value, 'length'],
        'patternRules',
      ),
      line(
        'Ring gear towards the pinion',
        'by the same',
        [],
        ['ring', move.ring.value, 'length'],
        'patternRules',
      ),
    ],
  };
}

/** Less than that a pinion is not moved for its marks, mm: the thinnest depth shims, and less than marks tell. A rule of this program. */
const LEAST_MOVE = 0.025;

/** A try of the pattern: the marks, and where the gears stood when they were made. mm. */
export interface PatternTry {
  readonly pattern: ContactPattern;
  /** Pinion towards the ring gear, ring gear towards the pinion, from any fixed place. */
  readonly pinion: number;
  readonly ring: number;
}

/**
 * By how much the marks of this pair move more than usual: each change between two tries against the change to be expected from
 * what was moved, weighed with what was known before.
 */
export function learnResponse(tries: readonly PatternTry[], cut: ToothCut | null): Known {
  const prior = 1 / RESPONSE_SPREAD ** 2;
  let [weight, sum] = [prior, prior];
  tries.slice(1).forEach((next, at) => {
    const last = tries[at]!;
    const [before, after] = [last, next].map(({ pattern }) => rowsOf(pattern, cut, 1));
    for (const row of after!) {
      const same = before!.find(({ name }) => name === row.name);
      if (same === undefined) continue;
      const expected =
        row.of[0] * (next.pinion - last.pinion) + row.of[1] * (next.ring - last.ring);
      // A mark at the end of its tooth cannot go further: it says nothing of how far it would have gone.
      if (isAtEnd(row.at) || isAtEnd(same.at)) continue;
      const spread = Math.SQRT2 * BY_EYE;
      weight += (expected / spread) ** 2;
      sum += (expected * (row.off - same.off)) / spread ** 2;
    }
  });
  return {
    value: Math.min(3, Math.max(0.3, sum / weight)),
    uncertainty: 1 / Math.sqrt(weight),
  };
}

/** How far the marks of a try are off their middle, as one number: what has to fall from try to try. */
export function patternMiss(pattern: ContactPattern): number | null {
  const rows = rowsOf(pattern, null, 1);
  return rows.length === 0
    ? null
    : Math.hypot(...rows.map(({ off }) => off)) / Math.sqrt(rows.length);
}

const isAtEnd = (at: number): boolean => Math.abs(at) > 0.9;

const bounded = (value: number, uncertainty: number): Known => ({
  value: Math.max(-MOST_MOVE, Math.min(MOST_MOVE, value)),
  uncertainty,
});

function offOf(mark: ContactMark | null): readonly MarkOff[] {
  if (mark === null) return [];
  const [length, height] = [mark.length - PATTERN_IDEAL.length, mark.height - PATTERN_IDEAL.height];
  return [
    ...(length < -PATTERN_LIMIT.length ? (['toe'] as const) : []),
    ...(length > PATTERN_LIMIT.length ? (['heel'] as const) : []),
    ...(height > PATTERN_LIMIT.height ? (['face'] as const) : []),
    ...(height < -PATTERN_LIMIT.height ? (['root'] as const) : []),
  ];
}
