import { REFERENCE_TEMPERATURE } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import { materialOf } from '../materials/index.ts';
import { followUntil } from './integrate.ts';
import { MEDIA } from './media.ts';
import { timeConstant, type LumpedBody } from './soak.ts';

/** Conductivity of air, W/(m·K), contact conductance of a closed gap, and radiation across it, W/(m²·K). Typical (from memory). */
const AIR = 0.026;
const CONTACT = 3000;
const RADIATION = 6;
/** The ring that moves is the outer ring alone: about this share of the bearing's mass. The safe side. */
export const OUTER_RING_SHARE = 0.4;
/** Longest that is looked ahead, s. */
const LONGEST = 4 * 3600;

/** A ring going into a heated part. Lengths in mm, temperatures in °C. */
export interface SeatWindowInput {
  readonly diameter: number;
  readonly width: number;
  /** Bore of the bearing. */
  readonly bore: number;
  /** Interference planned for, at 20 °C. */
  readonly interference: number;
  /** Clearance with which it drops in. */
  readonly clearance: number;
  readonly part: LumpedBody & { readonly temperature: number };
  /** Mass of the whole bearing, kg. */
  readonly bearingMass: number;
  readonly ringTemperature: number;
  readonly ambient: number;
  /** Corrects the cooling of this very part, from what was seen; 1 when nothing was. */
  readonly coolingFactor?: number;
}

/** How long there is. Times in s. */
export interface SeatWindow {
  /** Interference when both leave oven and freezer; it drops in when this is at most −clearance. */
  readonly fitAtStart: number;
  /** Last moment, from leaving the oven, at which it still drops in; null when it does not even at once. */
  readonly lastSafe: number | null;
  /** From insertion at the start, and at the last safe moment, until it grips; null when it does not grip on its own. */
  readonly grabAtStart: number | null;
  readonly grabAtLast: number | null;
  /** Where equal temperatures still leave clearance: the temperature to which the part must cool before it grips. */
  readonly gripsBelow: number | null;
  /** Interference against time in the hand, for the drawing. */
  readonly curve: readonly { readonly seconds: number; readonly fit: number }[];
}

/**
 * The window of a seat, by two lumped bodies. In the hand each drifts to the air of the shop. From insertion the ring
 * takes heat from the bore through the air gap, `G = A·(k/max(gap, gapmin) + hrad)`, gap = −i/2, gapmin = k/hc, while
 * the part goes on cooling to the air.
 *
 * @throws InputError naming the field
 */
export function seatWindow(input: SeatWindowInput): SeatWindow {
  requireWindow(input);
  const { part, clearance, ambient } = input;
  const fit = fitOf(input);
  const tauPart = timeConstant(part, MEDIA.stillAir.transfer * (input.coolingFactor ?? 1));
  const ring = ringBody(input);
  const tauRing = timeConstant(ring, MEDIA.stillAir.transfer);
  const drift = (from: number, tau: number, seconds: number) =>
    ambient + (from - ambient) * Math.exp(-seconds / tau);
  const inHand = (seconds: number) =>
    [
      drift(part.temperature, tauPart, seconds),
      drift(input.ringTemperature, tauRing, seconds),
    ] as const;
  const fitInHand = (seconds: number) => fit(...inHand(seconds));
  const fitAtStart = fitInHand(0);
  const lastSafe =
    fitAtStart <= -clearance ? lastWhere((seconds) => fitInHand(seconds) <= -clearance) : null;
  const grab = (seconds: number) => grabTime(input, ring, inHand(seconds));
  const shown = Math.min(LONGEST, Math.max(120, 1.5 * (lastSafe ?? 120)));
  return {
    fitAtStart,
    lastSafe,
    grabAtStart: grab(0),
    grabAtLast: lastSafe === null ? null : grab(lastSafe),
    gripsBelow: gripsBelow(input),
    curve: Array.from({ length: 41 }, (_, at) => ({
      seconds: (shown * at) / 40,
      fit: fitInHand((shown * at) / 40),
    })),
  };
}

/** Mass of a bearing from its dimensions, kg: about two thirds of a solid ring of steel. Common practice, no source. */
export function bearingMass(bore: number, outside: number, width: number): number {
  const solid = (Math.PI / 4) * (outside ** 2 - bore ** 2) * width * 1e-9;
  return 0.67 * solid * materialOf('bearingSteel').density;
}

/** As `fitAtTemperature`, for the inner loop of the integration: its trial steps may go beyond what can be. */
function fitOf({ interference, diameter, part }: SeatWindowInput) {
  const outer = materialOf(part.material).expansion;
  const inner = materialOf('bearingSteel').expansion;
  return (partTemperature: number, ringTemperature: number): number =>
    interference -
    diameter *
      (outer * (partTemperature - REFERENCE_TEMPERATURE) -
        inner * (ringTemperature - REFERENCE_TEMPERATURE));
}

function ringBody({ bearingMass: mass, diameter, bore, width }: SeatWindowInput): LumpedBody {
  const faces = (Math.PI / 2) * (diameter ** 2 - bore ** 2);
  const sides = Math.PI * (diameter + bore) * width;
  return { material: 'bearingSteel', mass: OUTER_RING_SHARE * mass, area: (faces + sides) * 1e-6 };
}

/** Temperatures change like this from insertion on: part first, ring second. Exported for the check against a general solver. */
export function insertedRates(input: SeatWindowInput, ring: LumpedBody = ringBody(input)) {
  const { part, diameter, width, ambient } = input;
  const fit = fitOf(input);
  const seat = Math.PI * diameter * width * 1e-6;
  const [ofPart, ofRing] = [part, ring].map(
    (body) => body.mass * materialOf(body.material).heatCapacity,
  );
  const toAir = part.area * MEDIA.stillAir.transfer * (input.coolingFactor ?? 1);
  return ([warm, cold]: readonly number[]): readonly number[] => {
    const gap = (-fit(warm!, cold!) / 2) * 1e-3;
    const conductance = seat * (AIR / Math.max(gap, AIR / CONTACT) + RADIATION);
    const flow = conductance * (warm! - cold!);
    return [(-flow - toAir * (warm! - ambient)) / ofPart!, flow / ofRing!];
  };
}

/** Time from insertion until the ring grips, s; null when it does not within the time looked ahead. */
function grabTime(
  input: SeatWindowInput,
  ring: LumpedBody,
  start: readonly number[],
): number | null {
  const fit = fitOf(input);
  return followUntil(
    insertedRates(input, ring),
    start,
    ([warm, cold]) => fit(warm!, cold!),
    LONGEST,
  ).time;
}

/** The common temperature at which the fit is 0, where it lies above the air of the shop. */
function gripsBelow({ interference, diameter, part, ambient }: SeatWindowInput): number | null {
  const difference = materialOf(part.material).expansion - materialOf('bearingSteel').expansion;
  if (difference <= 0 || interference <= 0) return null;
  const temperature = 20 + interference / (diameter * difference);
  return temperature > ambient ? temperature : null;
}

/** The last time at which something that ends once still holds, s. */
function lastWhere(holds: (seconds: number) => boolean): number {
  if (holds(LONGEST)) return LONGEST;
  let [before, after] = [0, LONGEST];
  for (let count = 0; count < 60; count += 1) {
    const middle = (before + after) / 2;
    if (holds(middle)) before = middle;
    else after = middle;
  }
  return before;
}

function requireWindow(input: SeatWindowInput): void {
  requireNumber('diameter', input.diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('bore', input.bore, { above: 0, below: input.diameter, unit: 'mm' });
  requireNumber('width', input.width, { above: 0, max: 500, unit: 'mm' });
  requireNumber('interference', input.interference, { min: -5, max: 5, unit: 'mm' });
  requireNumber('clearance', input.clearance, { min: 0, max: 1, unit: 'mm' });
  requireNumber('bearingMass', input.bearingMass, { above: 0, max: 500, unit: 'kg' });
  for (const name of ['ringTemperature', 'ambient'] as const)
    requireNumber(name, input[name], { min: -100, max: 400, unit: '°C' });
  requireNumber('part.temperature', input.part.temperature, { min: -100, max: 400, unit: '°C' });
  requireNumber('coolingFactor', input.coolingFactor ?? 1, { min: 0.1, max: 10 });
}
