import { requireNumber } from '../faults/index.ts';
import type { IndicatorSetting } from './indicatorSetting.ts';

/** Beyond this angle the set-up is to be mended, not only corrected (degrees; our own rule). */
export const ANGLE_TO_MEND = 10;

/** The angle is judged by eye: taken as known to ±2°, a rectangular distribution (our own rule). */
const ANGLE_HALF_WIDTH = 2;

/** What the angle of the indicator does to a reading. */
export interface CosineCorrection {
  /** True travel = reading × factor. */
  readonly factor: number;
  /** Standard uncertainty of the factor, from the angle judged by eye. */
  readonly uncertainty: number;
  readonly mendSetup: boolean;
}

/**
 * Correction for an indicator that is not in line with the travel.
 *
 * On a face square to the travel, and for a lever indicator, `true = reading·cos θ`. On a face square to
 * the plunger `true = reading/cos θ`.
 *
 * @throws InputError `outOfRange` for an angle outside 0 to 45°
 * @example cosineCorrection({ contact: 'lever', angle: 10 }).factor // 0.98481
 */
export function cosineCorrection({ contact, angle }: IndicatorSetting): CosineCorrection {
  const theta = requireNumber('indicator.angle', angle, { min: 0, max: 45, unit: '°' });
  const factor = contact === 'faceSquareToPlunger' ? 1 / cos(theta) : cos(theta);
  const spread = [theta - ANGLE_HALF_WIDTH, theta + ANGLE_HALF_WIDTH].map((bound) =>
    contact === 'faceSquareToPlunger' ? 1 / cos(bound) : cos(bound),
  ) as [number, number];
  return {
    factor,
    uncertainty: Math.abs(spread[1] - spread[0]) / 2 / Math.sqrt(3),
    mendSetup: theta > ANGLE_TO_MEND,
  };
}

function cos(degrees: number): number {
  return Math.cos((degrees * Math.PI) / 180);
}
