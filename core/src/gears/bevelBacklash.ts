import { requireNumber } from '../faults/index.ts';

const RADIANS = Math.PI / 180;

/** A bevel pair, by the angles on its drawing (degrees). */
export interface BevelPair {
  /** Normal pressure angle φn, 10 to 30°. */
  readonly pressureAngle: number;
  /** Mean spiral angle ψ, 0 (straight) to 50°. */
  readonly spiralAngle: number;
  /** Pitch cone angle Γ of the ring gear, 45 to 89°. */
  readonly ringPitchAngle: number;
  /** Outer cone radius / mean cone radius, 1 to 1.5. */
  readonly heelRatio: number;
}

/** Backlash gained for each mm the ring gear is moved along its axis, away from the pinion. Dimensionless. */
export interface BacklashFactor {
  /** Circumferential, at the mean cone: `2·tan φn/cos ψ·sin Γ`. */
  readonly meanCircumferential: number;
  /** Square to the flank: `2·sin φn·sin Γ`. */
  readonly normal: number;
  /** Circumferential at the heel, where the indicator stands: mean × Router/Rmean. */
  readonly heelCircumferential: number;
}

/**
 * How much backlash a side shift of the ring gear gives.
 * @throws InputError `outOfRange`
 * @example bevelBacklash({ pressureAngle: 20, spiralAngle: 35, ringPitchAngle: 75, heelRatio: 1.18 })
 */
export function bevelBacklash(pair: BevelPair): BacklashFactor {
  const phi =
    RADIANS * requireNumber('pressureAngle', pair.pressureAngle, { min: 10, max: 30, unit: '°' });
  const psi =
    RADIANS * requireNumber('spiralAngle', pair.spiralAngle, { min: 0, max: 50, unit: '°' });
  const gamma =
    RADIANS * requireNumber('ringPitchAngle', pair.ringPitchAngle, { min: 45, max: 89, unit: '°' });
  const heel = requireNumber('heelRatio', pair.heelRatio, { min: 1, max: 1.5 });
  const mean = ((2 * Math.tan(phi)) / Math.cos(psi)) * Math.sin(gamma);
  return {
    meanCircumferential: mean,
    normal: 2 * Math.sin(phi) * Math.sin(gamma),
    heelCircumferential: mean * heel,
  };
}
