import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { BOSS } from '../pressFit/index.ts';
import {
  bearingBody,
  MEDIA,
  NEAR_ENOUGH,
  soakTime,
  timeConstant,
  type BearingSize,
  type LumpedBody,
} from '../thermal/index.ts';
import { OVEN_ABOVE } from './heatSettings.ts';

/** Air of a heat gun where it meets the metal, °C. Common practice, no source. */
const GUN_AIR = 250;
/** What a heat gun of 2 kW leaves in the metal, W. Common practice, no source. */
const GUN_HEAT = 400;

/** Time of a whole part in a fan oven until it is at `target`, s. */
export function ovenTime(body: LumpedBody, target: number): number {
  return soak(body, MEDIA.fanOven.transfer, target + OVEN_ABOVE, target);
}

/**
 * Time of a heat gun on the boss round a bore, s: at the shortest the boss warms as one body by itself; at the longest its
 * heat runs off into the whole part. Null where the part is not known.
 */
export function gunTime(
  material: MaterialChoice,
  { outside, width }: BearingSize,
  target: number,
  part: LumpedBody | undefined,
): { readonly shortest: number; readonly longest: number | null } {
  const [bore, rim] = [outside / 1000, (BOSS * outside) / 1000];
  const face = (Math.PI / 4) * (rim ** 2 - bore ** 2);
  const mass = face * (width / 1000) * materialOf(material).density;
  const area = face + (Math.PI * rim * width) / 1000;
  const shortest = soak({ material, mass, area }, MEDIA.heatGun.transfer, GUN_AIR, target);
  if (part === undefined) return { shortest, longest: null };
  const whole = (part.mass * materialOf(part.material).heatCapacity * (target - 20)) / GUN_HEAT;
  return { shortest, longest: Math.max(shortest, whole) };
}

/** Time of a bearing in a fan oven until it is at `target`, s. */
export function ringOvenTime(size: BearingSize, target: number): number {
  return ovenTime(bearingBody(size), target);
}

/** Time of a bearing from the shop into a freezer until it is within 5 K of it, s; 0 where it is no colder. */
export function ringFreezeTime(size: BearingSize, freezer: number, ambient: number): number {
  return freezeTime(bearingBody(size), freezer, ambient);
}

/** Time of any body from the shop into a freezer until it is within 5 K of it, s; 0 where it is no colder. */
export function freezeTime(body: LumpedBody, freezer: number, ambient: number): number {
  if (freezer >= ambient - NEAR_ENOUGH) return 0;
  const tau = timeConstant(body, MEDIA.freezer.transfer);
  return soakTime({ from: ambient, medium: freezer, target: freezer, tau }).seconds;
}

function soak(body: LumpedBody, transfer: number, medium: number, target: number): number {
  return target <= 20
    ? 0
    : soakTime({
        from: 20,
        medium,
        target: target + NEAR_ENOUGH,
        tau: timeConstant(body, transfer),
      }).seconds;
}
