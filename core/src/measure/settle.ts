import { agreeWithin, type JudgedCycle } from './cycle.ts';

/** Fewest cycles that must agree before a run says anything. Source: common practice. */
export const CYCLES_NEEDED = 3;

/** What the counted cycles say when they are laid side by side. */
export type Settling =
  | { readonly kind: 'tooFew'; readonly missing: number }
  /** The last cycles agree; those before them seated the rollers. */
  | { readonly kind: 'agreed'; readonly used: readonly JudgedCycle[]; readonly seating: number }
  /** Each marked position repeats, but the positions differ: face runout or tilt. */
  | { readonly kind: 'followsAngle'; readonly positions: readonly PositionGroup[] }
  | { readonly kind: 'unsettled'; readonly trend: 'falling' | 'rising' | 'none' };

/** The cycles taken at one mark of the shaft. */
export interface PositionGroup {
  readonly position: number;
  readonly travels: readonly number[];
  readonly mean: number;
}

/**
 * Decide which cycles speak for the assembly.
 *
 * The used cycles are the longest run of *last* counted cycles that agree within the tolerance (so no
 * cycle can be picked out of the middle because it suits). Positions marked on the shaft that each repeat
 * but differ among themselves by more than it are reported as following the angle.
 */
export function settle(counted: readonly JudgedCycle[], tolerance: number): Settling {
  const used = agreeingTail(counted, tolerance);
  const positions = groupByPosition(counted, tolerance);
  if (
    positions !== null &&
    !agreeWithin(
      positions.map(({ mean }) => mean),
      tolerance,
    )
  )
    return { kind: 'followsAngle', positions };
  if (used.length >= CYCLES_NEEDED)
    return { kind: 'agreed', used, seating: counted.length - used.length };
  if (counted.length < CYCLES_NEEDED)
    return { kind: 'tooFew', missing: CYCLES_NEEDED - counted.length };
  if (used.length > 1) return { kind: 'tooFew', missing: CYCLES_NEEDED - used.length };
  return { kind: 'unsettled', trend: trendOf(counted.slice(-CYCLES_NEEDED)) };
}

function agreeingTail(counted: readonly JudgedCycle[], tolerance: number): readonly JudgedCycle[] {
  let start = counted.length;
  while (start > 0 && agreeWithin(travels(counted.slice(start - 1)), tolerance)) start -= 1;
  return counted.slice(start);
}

/** Groups of at least two cycles that repeat at each of at least two marks; null when the marks do not allow it. */
function groupByPosition(
  counted: readonly JudgedCycle[],
  tolerance: number,
): readonly PositionGroup[] | null {
  const marks = [...new Set(counted.map(({ position }) => position))].filter(
    (mark) => mark !== null,
  );
  const groups = marks.map((position) => {
    const at = agreeingTail(
      counted.filter((cycle) => cycle.position === position),
      tolerance,
    );
    const values = travels(at);
    return { position, travels: values, mean: values.reduce((a, b) => a + b, 0) / values.length };
  });
  const enough = groups.length >= 2 && groups.every((group) => group.travels.length >= 2);
  return enough ? groups : null;
}

function travels(cycles: readonly JudgedCycle[]): readonly number[] {
  return cycles.map(({ travel }) => travel);
}

function trendOf(cycles: readonly JudgedCycle[]): 'falling' | 'rising' | 'none' {
  const steps = cycles.slice(1).map((cycle, index) => cycle.travel - cycles[index]!.travel);
  if (steps.every((step) => step < 0)) return 'falling';
  return steps.every((step) => step > 0) ? 'rising' : 'none';
}
