import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** Below this share of the smaller hole the oil feed is choked. Common practice, no source. */
export const LEAST_OPENING = 0.8;

/** How much of an oil hole is open. */
export interface OilHoleOpening {
  /** Area common to both holes, mm². */
  readonly area: number;
  /** As a share of the smaller hole, 0 to 1. */
  readonly share: number;
  readonly working: readonly WorkingLine[];
}

/**
 * The area common to two round holes whose centres are `offset` apart, as a share of the smaller. Geometry:
 * two circular segments.
 *
 * @param first diameter, mm
 * @param second diameter, mm
 * @param offset mm, at least 0
 * @throws InputError naming the field
 * @example oilHoleOpening(5, 5, 0).share // 1
 */
export function oilHoleOpening(first: number, second: number, offset: number): OilHoleOpening {
  requireNumber('first', first, { above: 0, max: 100, unit: 'mm' });
  requireNumber('second', second, { above: 0, max: 100, unit: 'mm' });
  requireNumber('offset', offset, { min: 0, max: 200, unit: 'mm' });
  const [r, R] = [Math.min(first, second) / 2, Math.max(first, second) / 2];
  const area = common(r, R, offset);
  const share = area / (Math.PI * r * r);
  const working = line(
    'Open share of the smaller hole',
    'A / (π·d²/4)',
    [
      ['d₁', first, 'length'],
      ['d₂', second, 'length'],
      ['s', offset, 'length'],
    ],
    ['share', share, 'number'],
    'circleGeometry',
  );
  return { area, share, working: [working] };
}

function common(r: number, R: number, s: number): number {
  if (s >= r + R) return 0;
  if (s <= R - r) return Math.PI * r * r;
  const segment = (radius: number, distance: number) =>
    radius * radius * Math.acos(distance / radius) -
    distance * Math.sqrt(Math.max(0, radius * radius - distance * distance));
  const x = (s * s + r * r - R * R) / (2 * s);
  return segment(r, x) + segment(R, s - x);
}
