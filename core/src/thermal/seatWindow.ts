import { REFERENCE_TEMPERATURE } from '../fits/index.ts';
import { requireNumber } from '../faults/index.ts';
import { materialOf } from '../materials/index.ts';
import { followUntil } from './integrate.ts';
import { MEDIA } from './media.ts';
import { temperatureAfter, timeConstant, type LumpedBody } from './soak.ts';

/** Conductivity of air, W/(m·K), contact conductance of a closed gap, and radiation across it, W/(m²·K). Typical (from memory). */
const AIR = 0.026;
const CONTACT = 3000;
const RADIATION = 6;
/** Longest that is looked ahead, s. */
const LONGEST = 4 * 3600;
/** Points of the curve that is drawn. */
const POINTS = 40;

/** One of the two bodies of a seat, at its temperature, °C. */
export type SeatBody = LumpedBody & {
  readonly temperature: number;
  /** How much faster it cools than a lumped body does, from what was seen; 1 when nothing was. */
  readonly coolingFactor?: number;
};

/** A seat whose two bodies are at different temperatures. Lengths in mm, temperatures in °C. */
export interface SeatWindowInput {
  readonly diameter: number;
  readonly width: number;
  /** Interference planned for, at 20 °C. */
  readonly interference: number;
  /** Interference of the loosest pair that it may be, mm: it grips last. The same where it is left out. */
  readonly loosest?: number;
  /** Clearance with which it drops in. */
  readonly clearance: number;
  readonly ambient: number;
  /** What lies round the seat: a part, or a ring that goes on a shaft. */
  readonly outer: SeatBody;
  /** What goes into it: a ring, a bush, or a shaft. */
  readonly inner: SeatBody;
  /** Which of them is the ring: it gives no heat to the air where it touches the other. */
  readonly ring: 'outer' | 'inner';
}

/** How long there is. Times in s. */
export interface SeatWindow {
  /** Interference when both leave oven and freezer; it drops in when this is at most −clearance. */
  readonly fitAtStart: number;
  /** Last moment in the hand at which it still drops in; null when it does not even at once. */
  readonly lastSafe: number | null;
  /** Last moment in the hand at which it still slides, without clearance: it grabs after it. Null when it does not even at once. */
  readonly lastFree: number | null;
  /** From insertion at the start, and at the last safe moment, until the loosest pair grips; null when it does not on its own. */
  readonly grabAtStart: number | null;
  readonly grabAtLast: number | null;
  /** Where equal temperatures still leave clearance: the temperature to which both must cool before it grips. */
  readonly gripsBelow: number | null;
  /** Interference against time in the hand, for the drawing. */
  readonly curve: readonly { readonly seconds: number; readonly fit: number }[];
}

/**
 * The window of a seat, by two lumped bodies. In the hand each drifts to the air of the shop. From insertion heat goes
 * from one to the other through the air gap, `G = A·(k/max(gap, gapmin) + hrad)`, gap = −i/2, gapmin = k/hc, while both
 * go on giving heat to the air.
 *
 * @throws InputError naming the field
 */
export function seatWindow(input: SeatWindowInput): SeatWindow {
  requireWindow(input);
  const { outer, inner, clearance, ambient } = input;
  const fit = fitOf(input);
  const [outerTau, innerTau] = [outer, inner].map(airTimeConstant);
  const inHand = (seconds: number) =>
    [
      temperatureAfter(seconds, outer.temperature, ambient, outerTau!),
      temperatureAfter(seconds, inner.temperature, ambient, innerTau!),
    ] as const;
  const fitInHand = (seconds: number) => fit(...inHand(seconds));
  const fitAtStart = fitInHand(0);
  const lastAt = (gap: number) =>
    fitAtStart <= -gap ? lastWhere((seconds) => fitInHand(seconds) <= -gap) : null;
  const lastSafe = lastAt(clearance);
  // The tightest pair says how long there is, the loosest how long it has to be held.
  const held = { ...input, interference: input.loosest ?? input.interference };
  const grab = (seconds: number) => grabTime(held, inHand(seconds));
  const shown = Math.min(LONGEST, Math.max(120, 1.5 * (lastSafe ?? 120)));
  return {
    fitAtStart,
    lastSafe,
    lastFree: lastAt(0),
    grabAtStart: grab(0),
    grabAtLast: lastSafe === null ? null : grab(lastSafe),
    gripsBelow: gripsBelow(held),
    curve: Array.from({ length: POINTS + 1 }, (_, at) => ({
      seconds: (shown * at) / POINTS,
      fit: fitInHand((shown * at) / POINTS),
    })),
  };
}

/** Time constant of a body in the air of the shop, as it was seen to cool, s. */
export function airTimeConstant(body: SeatBody): number {
  return timeConstant(body, MEDIA.stillAir.transfer * (body.coolingFactor ?? 1));
}

/** As `fitAtTemperature`, for the inner loop of the integration: its trial steps may go beyond what can be. */
function fitOf({ interference, diameter, ...bodies }: SeatWindowInput) {
  const outer = materialOf(bodies.outer.material).expansion;
  const inner = materialOf(bodies.inner.material).expansion;
  return (outerTemperature: number, innerTemperature: number): number =>
    interference -
    diameter *
      (outer * (outerTemperature - REFERENCE_TEMPERATURE) -
        inner * (innerTemperature - REFERENCE_TEMPERATURE));
}

/** How the temperatures of outer and inner body change from insertion on, K/s. */
function insertedRates(input: SeatWindowInput) {
  const { diameter, width, ambient, ring } = input;
  const fit = fitOf(input);
  const seat = Math.PI * diameter * width * 1e-6;
  const [outer, inner] = (['outer', 'inner'] as const).map((side) => {
    const { material, mass, area, coolingFactor = 1 } = input[side];
    const free = Math.max(0, area - (side === ring ? seat : 0));
    return {
      capacity: mass * materialOf(material).heatCapacity,
      toAir: free * MEDIA.stillAir.transfer * coolingFactor,
    };
  });
  return ([warm, cold]: readonly number[]): readonly number[] => {
    const gap = (-fit(warm!, cold!) / 2) * 1e-3;
    const conductance = seat * (AIR / Math.max(gap, AIR / CONTACT) + RADIATION);
    const flow = conductance * (warm! - cold!);
    return [
      (-flow - outer!.toAir * (warm! - ambient)) / outer!.capacity,
      (flow - inner!.toAir * (cold! - ambient)) / inner!.capacity,
    ];
  };
}

/** Time from insertion until the ring grips, s; null when it does not within the time looked ahead. */
function grabTime(input: SeatWindowInput, start: readonly number[]): number | null {
  const fit = fitOf(input);
  return followUntil(insertedRates(input), start, ([outer, inner]) => fit(outer!, inner!), LONGEST)
    .time;
}

/** The common temperature at which the fit is 0, where it lies between the air of the shop and the hot body. */
function gripsBelow({
  interference,
  diameter,
  outer,
  inner,
  ambient,
}: SeatWindowInput): number | null {
  const difference = materialOf(outer.material).expansion - materialOf(inner.material).expansion;
  if (difference <= 0 || interference <= 0) return null;
  const temperature = REFERENCE_TEMPERATURE + interference / (diameter * difference);
  // Hotter than the hotter of the two nothing gets.
  return temperature > ambient && temperature < outer.temperature ? temperature : null;
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
  requireNumber('width', input.width, { above: 0, max: 500, unit: 'mm' });
  requireNumber('interference', input.interference, { min: -5, max: 5, unit: 'mm' });
  if (input.loosest !== undefined)
    requireNumber('loosest', input.loosest, { min: -5, max: input.interference, unit: 'mm' });
  requireNumber('clearance', input.clearance, { min: 0, max: 1, unit: 'mm' });
  requireNumber('ambient', input.ambient, { min: -100, max: 400, unit: '°C' });
  for (const side of ['outer', 'inner'] as const) {
    requireNumber(`${side}.temperature`, input[side].temperature, {
      min: -100,
      max: 400,
      unit: '°C',
    });
    requireNumber(`${side}.coolingFactor`, input[side].coolingFactor ?? 1, { min: 0.1, max: 10 });
  }
}
