import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

import { gaussian } from './gaussian.ts';

/** A pinion on a collapsible sleeve as nature would have it, hidden from the screen. Angles in degrees, torques in N·m. */
export interface VirtualSleeve {
  readonly sealDrag: number;
  /** Nut angle at which the rollers take load. */
  readonly contact: number;
  readonly stiffness: number;
  readonly exponent: number;
  /** Torque of the bearings at the middle of the limits. */
  readonly middle: number;
  /** Play at angle 0, mm, gone at contact. */
  readonly firstPlay: number;
  readonly seed: number;
}

/** Extra torque that breaks it away from rest, as a share. */
const BREAKAWAY = 0.35;
/** Scatter of steady turning from one turn to the next, as a share. */
const TURNING_SCATTER = 0.015;

/**
 * A sleeve drawn from a seed: contact after 90 to 240°, the middle of the limits 25 to 70° later. Invented.
 * @param target rolling torque of the bearings alone at the middle of the limits, N·m
 */
export function virtualSleeve(seed: number, target: number): VirtualSleeve {
  const random = mersenne(seed | 0);
  const between = (least: number, most: number) => least + (most - least) * uniformFloat64(random);
  const contact = between(90, 240);
  const exponent = between(1.05, 1.45);
  const travel = between(25, 70);
  return {
    sealDrag: between(0.2, 0.5),
    contact,
    exponent,
    middle: target,
    stiffness: target / travel ** exponent,
    firstPlay: between(0.15, 0.4),
    seed,
  };
}

/** True rolling torque at a nut angle in steady turning, N·m. */
export function trueRolling(
  { sealDrag, contact, stiffness, exponent }: VirtualSleeve,
  angle: number,
): number {
  return sealDrag + stiffness * Math.max(0, angle - contact) ** exponent;
}

/** True end play at a nut angle, mm. */
export function truePlay({ firstPlay, contact }: VirtualSleeve, angle: number): number {
  return Math.max(0, firstPlay * (1 - angle / contact));
}

/** What a wrench shows on turn number `turn` at an angle: the first is the breakaway peak, then steady turning, to its graduation. */
export function shownRolling(
  sleeve: VirtualSleeve,
  angle: number,
  look: { readonly turn: number; readonly graduation: number },
): number {
  return shownTorque(trueRolling(sleeve, angle), sleeve.seed * 31 + Math.round(angle * 10), look);
}

/** A true torque as a wrench shows it, N·m. */
export function shownTorque(
  torque: number,
  seed: number,
  { turn, graduation }: { readonly turn: number; readonly graduation: number },
): number {
  const scatter = 1 + TURNING_SCATTER * gaussian(seed, turn);
  const shown = turn === 0 ? torque * (1 + BREAKAWAY) : torque * scatter;
  return Number((Math.round(shown / graduation) * graduation).toFixed(6));
}
