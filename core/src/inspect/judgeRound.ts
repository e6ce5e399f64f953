import { standardTolerance } from '../fits/index.ts';
import { refuse, requireNumber } from '../faults/index.ts';
import { decide, NORMAL_FACTOR, type Decision } from '../measure/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import type { Plane } from './sizePlaces.ts';

/** One diameter as measured. mm; `uncertainty` standard. */
export interface PlacedSize {
  readonly plane: Plane;
  readonly value: number;
  readonly uncertainty: number;
}

/** A bore or journal from its diameters. mm. */
export interface RoundVerdict {
  readonly mean: number;
  /** One-sided 95 % uncertainty of the mean. */
  readonly expanded: number;
  readonly ovality: number;
  /** Null where it was measured at one end only: nothing is known of it then. */
  readonly taper: number | null;
  readonly limit: number;
  readonly ovalityDecision: Decision;
  readonly taperDecision: Decision | null;
  readonly working: readonly WorkingLine[];
}

/** A seat may be out of round, or taper, by this share of IT7 of its size. A rule of this program. */
export const SHARE_OF_IT7 = 0.5;

/**
 * Judge a bore or journal: ovality is the largest difference of diameters in one plane, taper the difference of
 * the planes' means. Both are held against half of IT7 of the nominal size (rule of this program) and decided by
 * ISO 14253-1 with the guard band of a difference, `k·u·√2`.
 *
 * @param sizes at least two diameters in one plane
 * @param nominal mm, over 3 up to 500
 * @returns null while one plane has fewer than two diameters and the other none
 * @throws InputError naming `nominal` or `sizes[n].value`
 */
export function judgeRound(sizes: readonly PlacedSize[], nominal: number): RoundVerdict | null {
  requireNumber('nominal', nominal, { above: 3, max: 500, unit: 'mm' });
  sizes.forEach(({ value }, at) =>
    Math.abs(value - nominal) > 0.05 * nominal
      ? refuse('outOfRange', `sizes[${at}].value`, value, { id: 'nearNominal', nominal })
      : value,
  );
  const planes = (['outer', 'inner'] as const).map((plane) =>
    sizes.filter((size) => size.plane === plane).map(({ value }) => value),
  );
  const filled = planes.filter((values) => values.length > 0);
  if (!planes.some((values) => values.length >= 2)) return null;
  const means = filled.map(average);
  const ovality = Math.max(...filled.map((values) => Math.max(...values) - Math.min(...values)));
  const taper = means.length < 2 ? null : Math.abs(means[0]! - means[1]!);
  const mean = average(means);
  const u = Math.max(...sizes.map(({ uncertainty }) => uncertainty));
  const limit = SHARE_OF_IT7 * standardTolerance(nominal, 'IT7');
  const band = { lower: null, upper: limit, target: null };
  const guard = NORMAL_FACTOR * u * Math.SQRT2;
  return {
    mean,
    expanded: NORMAL_FACTOR * u,
    ovality,
    taper,
    limit,
    ovalityDecision: decide(ovality, ovality, band, guard),
    taperDecision: taper === null ? null : decide(taper, taper, band, guard),
    working: workingOf({ means, mean, ovality, taper, nominal, limit, u, guard }),
  };
}

/** The mean, how far it is from round, and what that is held to. */
function workingOf({
  means,
  mean,
  ovality,
  taper,
  nominal,
  limit,
  u,
  guard,
}: {
  readonly means: number[];
  readonly mean: number;
  readonly ovality: number;
  readonly taper: number | null;
  readonly nominal: number;
  readonly limit: number;
  readonly u: number;
  readonly guard: number;
}): readonly WorkingLine[] {
  return [
    line(
      'Mean diameter',
      'mean of the planes’ means',
      means.map((value, at) => [`plane ${at + 1}`, value, 'length'] as const),
      ['mean', mean, 'length'],
      'asMeasured',
    ),
    line(
      'Ovality',
      'largest − smallest in one plane',
      [],
      ['ovality', ovality, 'length'],
      'asMeasured',
    ),
    ...(taper === null
      ? []
      : [line('Taper', '|plane 1 − plane 2|', [], ['taper', taper, 'length'], 'asMeasured')]),
    line(
      'Limit',
      '½·IT7',
      [['nominal', nominal, 'length']],
      ['limit', limit, 'length'],
      'roundnessRule',
    ),
    line('Guard band', 'g = 1.645·u·√2', [['u', u, 'length']], ['g', guard, 'length'], 'iso14253'),
  ];
}

function average(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
