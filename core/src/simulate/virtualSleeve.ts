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
  /** Lead of the nut's thread, mm a turn: the play falls by less, since sleeve and threads give. */
  readonly lead: number;
  readonly seed: number;
}

/** Extra torque that breaks it away from rest, as a share. */
const BREAKAWAY = 0.35;
/** Scatter of steady turning from one turn to the next, as a share. */
const TURNING_SCATTER = 0.015;

/** Leads of fine threads from M16 to M36 (ISO 261), and a coarse one, mm. */
const LEADS = [1, 1.25, 1.5, 2] as const;

/**
 * A sleeve drawn from a seed, from stiff to soft: the middle of the limits 3 to 70° after the last play, by equal shares of the
 * logarithm; the play at first 0.05 to 0.4 mm; the nut closes 0.85 to 1 of its lead. Invented.
 * @param target rolling torque of the bearings alone at the middle of the limits, N·m
 * @param known lead of the nut where it is described, mm; drawn where not
 */
export function virtualSleeve(seed: number, target: number, known?: number): VirtualSleeve {
  const random = mersenne(seed | 0);
  const between = (least: number, most: number) => least + (most - least) * uniformFloat64(random);
  const even = (least: number, most: number) => Math.exp(between(Math.log(least), Math.log(most)));
  const lead = known ?? LEADS[Math.floor(between(0, LEADS.length))]!;
  const firstPlay = between(0.05, 0.4);
  const exponent = between(1.05, 1.45);
  const travel = even(3, 70);
  return {
    sealDrag: between(0.2, 0.5),
    contact: (firstPlay * 360) / (lead * between(0.85, 1)),
    exponent,
    middle: target,
    stiffness: target / travel ** exponent,
    firstPlay,
    lead,
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
