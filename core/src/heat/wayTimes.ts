import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { bearingMass, MEDIA, soakTime, timeConstant, type LumpedBody } from '../thermal/index.ts';

/** Outside of a boss as a share of its bore. A rule of this program. */
export const BOSS = 1.6;
/** Air of a heat gun where it meets the metal, °C. Common practice, no source. */
const GUN_AIR = 250;
/** An oven is set this much above what the body has to reach, K, so that it comes there. A rule of this program. */
const ABOVE = 5;

/** A bearing by its three dimensions, mm. */
export interface BearingSize {
  readonly bore: number;
  readonly outside: number;
  readonly width: number;
}

/** Time of a whole part in a fan oven until it is at `target`, s. */
export function ovenTime(body: LumpedBody, target: number): number {
  return soak(body, MEDIA.fanOven.transfer, target + ABOVE, target);
}

/** Time of a heat gun on the boss round a bore, s: the boss warms as one body by itself. */
export function gunTime(
  material: MaterialChoice,
  { outside, width }: BearingSize,
  target: number,
): number {
  const [bore, rim] = [outside / 1000, (BOSS * outside) / 1000];
  const face = (Math.PI / 4) * (rim ** 2 - bore ** 2);
  const mass = face * (width / 1000) * materialOf(material).density;
  const area = face + (Math.PI * rim * width) / 1000;
  return soak({ material, mass, area }, MEDIA.heatGun.transfer, GUN_AIR, target);
}

/** Time of a bearing in a fan oven until it is at `target`, s. */
export function ringOvenTime(size: BearingSize, target: number): number {
  return ovenTime(bearingBody(size), target);
}

/** Time of a bearing from the shop into a freezer until it is within 5 K of it, s; 0 where it is no colder. */
export function ringFreezeTime(size: BearingSize, freezer: number, ambient: number): number {
  if (freezer >= ambient - ABOVE) return 0;
  const tau = timeConstant(bearingBody(size), MEDIA.freezer.transfer);
  return soakTime({ from: ambient, medium: freezer, target: freezer, tau }).seconds;
}

/** A whole bearing as one body: faces and both cylinders take heat. */
function bearingBody({ bore, outside, width }: BearingSize): LumpedBody {
  const area =
    (Math.PI * (outside + bore) * width + (Math.PI / 2) * (outside ** 2 - bore ** 2)) * 1e-6;
  return { material: 'bearingSteel', mass: bearingMass(bore, outside, width), area };
}

function soak(body: LumpedBody, transfer: number, medium: number, target: number): number {
  return target <= 20
    ? 0
    : soakTime({ from: 20, medium, target, tau: timeConstant(body, transfer) }).seconds;
}
