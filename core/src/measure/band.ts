import { refuse, requireNumber, type Bounds } from '../faults/index.ts';

/** What is allowed. A limit that is null is open. For end play: > 0 free travel, < 0 preload. mm. */
export interface Band {
  readonly lower: number | null;
  readonly upper: number | null;
  /** Where to aim; the middle when null. */
  readonly target: number | null;
}

/**
 * Check a band: at least one limit, lower below upper, target inside.
 * @param bounds of the limits; those of an end play when not given
 * @throws InputError naming `band.lower`, `band.upper` or `band.target`
 */
export function requireBand(
  band: Band,
  bounds: Bounds = { min: -100, max: 100, unit: 'mm' },
): Band {
  const { lower, upper, target } = band;
  if (lower !== null) requireNumber('band.lower', lower, bounds);
  if (upper !== null) requireNumber('band.upper', upper, bounds);
  if (lower === null && upper === null) refuse('missing', 'band', band, { id: 'aLimit' });
  if (lower !== null && upper !== null && lower >= upper)
    refuse('contradiction', 'band.upper', upper, {
      id: 'aboveLowerLimit',
      lower: { value: lower, unit: bounds.unit ?? '' },
    });
  if (target === null) return band;
  requireNumber('band.target', target);
  if ((lower !== null && target < lower) || (upper !== null && target > upper))
    refuse('contradiction', 'band.target', target, { id: 'insideBand' });
  return band;
}

/** Width of the band, infinite when a limit is open. */
export function bandWidth({ lower, upper }: Band): number {
  return lower === null || upper === null ? Infinity : upper - lower;
}

/** Where to aim: the stated target, else the middle, else the only limit. */
export function bandTarget({ lower, upper, target }: Band): number {
  if (target !== null) return target;
  if (lower !== null && upper !== null) return (lower + upper) / 2;
  return lower ?? upper ?? 0;
}
