import { refuse, requireInteger, requireNumber } from '../faults/index.ts';

/** How the teeth of a bevel pair were cut: deeper at the heel than at the toe, or of one depth along the tooth. */
export const TOOTH_CUTS = ['faceMilled', 'faceHobbed'] as const;
export type ToothCut = (typeof TOOTH_CUTS)[number];

/** How a backlash is read: the plunger square to the flank, or along the circle of the gear. */
export const BACKLASH_CONTACTS = ['squareToFlank', 'alongCircle'] as const;
export type BacklashContact = (typeof BACKLASH_CONTACTS)[number];

/** A bevel pair as it is known; null is not known. Degrees. */
export interface GearPair {
  /** Teeth of the pinion, 4 to 100. */
  readonly driverTeeth: number | null;
  /** Teeth of the ring gear, 8 to 300. */
  readonly drivenTeeth: number | null;
  /** Normal pressure angle φn, 10 to 30°. */
  readonly pressureAngle: number | null;
  /** Mean spiral angle ψ of the ring gear, 0 (straight) to 50°. */
  readonly spiralAngle: number | null;
  readonly cut: ToothCut | null;
}

/** Ratios that a bevel pair can have. */
export const PAIR_RATIO = { min: 0.9, max: 15 };

/**
 * Check a pair.
 * @param path put before the fields named, ending with a point
 * @throws InputError naming `driverTeeth`, `drivenTeeth`, `pressureAngle` or `spiralAngle`; `contradiction` where the
 *   teeth give a ratio that a bevel pair does not have
 */
export function requirePair<Pair extends GearPair>(pair: Pair, path = ''): Pair {
  const { driverTeeth, drivenTeeth, pressureAngle, spiralAngle } = pair;
  if (driverTeeth !== null) requireInteger(`${path}driverTeeth`, driverTeeth, { min: 4, max: 100 });
  if (drivenTeeth !== null) requireInteger(`${path}drivenTeeth`, drivenTeeth, { min: 8, max: 300 });
  if (pressureAngle !== null)
    requireNumber(`${path}pressureAngle`, pressureAngle, { min: 10, max: 30, unit: '°' });
  if (spiralAngle !== null)
    requireNumber(`${path}spiralAngle`, spiralAngle, { min: 0, max: 50, unit: '°' });
  if (!isRatio(pair))
    refuse('contradiction', `${path}drivenTeeth`, drivenTeeth, {
      id: 'ratioOfPair',
      ratio: ratioOf(pair)!,
      ...PAIR_RATIO,
    });
  return pair;
}

/** Whether the teeth, as far as they are known, give a ratio that a bevel pair can have. */
export function isRatio(teeth: Pick<GearPair, 'driverTeeth' | 'drivenTeeth'>): boolean {
  const ratio = ratioOf(teeth);
  return ratio === null || (ratio >= PAIR_RATIO.min && ratio <= PAIR_RATIO.max);
}

/** Turns of the pinion for one of the ring gear; null where a number of teeth is not known. */
export function ratioOf({
  driverTeeth,
  drivenTeeth,
}: Pick<GearPair, 'driverTeeth' | 'drivenTeeth'>): number | null {
  return driverTeeth === null || drivenTeeth === null ? null : drivenTeeth / driverTeeth;
}
