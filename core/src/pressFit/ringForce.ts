import type { Interference } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import type { WorkingLine } from '../working/index.ts';
import { pressFit } from './pressFit.ts';

/** Outside of a boss as a share of its bore, where it is not described. A rule of this program. */
export const BOSS = 1.6;

/** Thickness of a bearing ring as a share of the bearing's section. A rule of this program. */
export const RING_SHARE = 0.27;

/**
 * Friction of a seat: as it is pressed home oiled, and as it lets go after years of standing. Least, usual and most.
 * Common practice, no source.
 */
export const SEAT_FRICTION = {
  in: { least: 0.08, usual: 0.12, most: 0.16 },
  out: { least: 0.1, usual: 0.15, most: 0.2 },
} as const;

/** A ring or bush and its seat. Lengths in mm. */
export interface SeatedRing {
  /** `outer`: what goes into a bore; `inner`: what goes on a shaft. */
  readonly ring: 'outer' | 'inner';
  /** Seat diameter. */
  readonly diameter: number;
  /** The bearing's other diameter. */
  readonly other: number;
  readonly width: number;
  /** Outside of the boss, or bore of the hollow shaft; the usual boss and a solid shaft where it is absent. */
  readonly partSize?: number;
  /** Of the part with the seat. */
  readonly material: MaterialChoice;
  /** A bush is solid and of its own material; null for a bearing. */
  readonly bush: MaterialChoice | null;
}

/** What it takes to move a ring on its seat. N; MPa. */
export interface RingForce {
  readonly least: number;
  readonly usual: number;
  readonly most: number;
  /** Largest hoop stress at the bore of what lies outside, with the tightest pair. */
  readonly stress: number;
  readonly working: readonly WorkingLine[];
}

/**
 * Force to move a ring over its whole seat, by Lamé: the usual one from the middle of the fit, and from the loosest pair with
 * the least friction to the tightest with the most. A fit that is loose takes none.
 *
 * @param way `in`, or `out` after it has stood
 * @throws InputError naming the field
 */
export function ringForce(
  { ring, diameter, other, width, material, bush, partSize }: SeatedRing,
  fit: Pick<Interference, 'least' | 'mean' | 'most'>,
  way: keyof typeof SEAT_FRICTION,
): RingForce {
  requireNumber('other', other, { above: 0, max: 1000, unit: 'mm' });
  // Twice the wall: on the diameter.
  const wall = RING_SHARE * Math.abs(diameter - other);
  const pressed = (interference: number, friction: number) =>
    pressFit({
      interference: Math.max(0, interference),
      diameter,
      length: width,
      friction,
      ...(ring === 'outer'
        ? {
            innerBore: bush === null ? diameter - wall : other,
            outerOutside: partSize ?? BOSS * diameter,
            innerMaterial: bush ?? 'bearingSteel',
            outerMaterial: material,
          }
        : {
            innerBore: partSize ?? 0,
            outerOutside: diameter + wall,
            innerMaterial: material,
            outerMaterial: 'bearingSteel',
          }),
    });
  const { least, usual, most } = SEAT_FRICTION[way];
  const tightest = pressed(fit.most, most);
  const middle = pressed(fit.mean, usual);
  return {
    least: pressed(fit.least, least).force,
    usual: middle.force,
    most: tightest.force,
    stress: tightest.outerStress,
    working: middle.working,
  };
}
