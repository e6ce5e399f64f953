import { dropInClearance, innerTemperatureFor, outerTemperatureFor } from '../fits/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import { MEDIA, ringBody, timeConstant } from '../thermal/index.ts';
import { sizeOf } from './heatedPart.ts';
import { TIME_ALLOWED, USUAL_WORK } from './heatSettings.ts';
import { wholeDegree } from './leastHeat.ts';
import { hottestPart, pastLimit, usualLimit } from './ovenLimit.ts';
import { RING_LIMIT, ringLimitOf } from './ringLimit.ts';
import { NO_COST, type WayCost, type WayInput } from './wayIn.ts';

/** From the heater, which stands on the bench, to its place on the shaft, s. A rule of this program. */
export const RING_HANDLING = 15;

/** Where the habit bakes rings, °C. */
const BAKED = 230;

/** Time that is allowed to a warm ring until it is on its shaft, s. */
const RING_ALLOWED = TIME_ALLOWED * RING_HANDLING;

/**
 * A ring that is warmed by itself and goes on a shaft: from what it slides and drops on, and what it has to leave the heater
 * with, so that it still does when it is on.
 *
 * @param shaft °C; its material decides only where it is not at 20 °C
 */
function ringNeeds(
  input: WayInput,
  shaft: { readonly material: MaterialChoice; readonly temperature: number },
): {
  readonly slides: number;
  readonly drops: number;
  readonly leaves: number;
  readonly leavesToSlide: number;
} {
  const { diameter, fit } = input;
  const ambient = input.work?.ambient ?? USUAL_WORK.ambient;
  const tau = timeConstant(ringBody(sizeOf(input), 'inner'), MEDIA.stillAir.transfer);
  const at = (clearance: number) =>
    outerTemperatureFor({ diameter, interference: fit.most, clearance }, 'bearingSteel', shaft);
  const [slides, drops] = [at(0), at(dropInClearance(diameter))];
  const leaving = (needed: number) =>
    needed <= ambient ? needed : ambient + (needed - ambient) * Math.exp(RING_ALLOWED / tau);
  return { slides, drops, leaves: leaving(drops), leavesToSlide: leaving(slides) };
}

type Time = (target: number) => number | null;

/** A ring warmed on the bench, or where it lies, and the shaft at a temperature of its own. */
export function warmedRing(
  input: WayInput,
  {
    shaft = null,
    time = () => null,
  }: { readonly shaft?: number | null; readonly time?: Time } = {},
): WayCost {
  const ambient = input.work?.ambient ?? USUAL_WORK.ambient;
  const needs = ringNeeds(input, {
    // At the shop's 20 °C no material matters.
    material: input.material ?? 'carbonSteel',
    temperature: shaft ?? ambient,
  });
  const { limit, reason } = input.ringLimit ?? ringLimitOf(input.sealed ? 'closed' : 'open');
  const shown = { ...NO_COST, drops: needs.drops, shaftTemperature: shaft };
  const [leaves, slides] = [needs.leaves, needs.leavesToSlide].map((exact) =>
    Math.max(ambient, wholeDegree(exact)),
  );
  if (leaves! <= limit)
    return {
      ...shown,
      stands: true,
      temperature: leaves!,
      ringTemperature: leaves!,
      seconds: time(leaves!),
      limit: `drops on, ${Math.round(limit - leaves!)} K below its limit of ${limit} °C`,
    };
  if (slides! <= limit)
    return {
      ...shown,
      stands: true,
      temperature: limit,
      ringTemperature: limit,
      seconds: time(limit),
      limit: `slides on without clearance; to drop on it would need ${leaves} °C, ${limit} °C is its limit`,
    };
  return {
    ...shown,
    stands: false,
    temperature: slides!,
    ringTemperature: slides!,
    limit: `${slides} °C is past ${limit} °C: ${reason}`,
  };
}

/** The habit of baking rings near 230 °C. */
export function bakedRing({ sealed }: WayInput): WayCost {
  return {
    ...NO_COST,
    stands: false,
    temperature: BAKED,
    limit: `${BAKED} °C is past ${sealed ? RING_LIMIT.sealed : RING_LIMIT.open} °C: the ring loses hardness and size; straw colour, scrap, begins at about 205 °C`,
  };
}

/** Whole degrees down, with the sign of print. */
const degrees = (value: number): string =>
  `${value < 0 ? '−' : ''}${Math.abs(Math.floor(value))} °C`;

/** A shaft that is cooled goes into a ring that stays as it is. */
export function cooledShaft(
  input: WayInput & { readonly material: MaterialChoice },
  temperature: number,
): WayCost {
  const { diameter, fit, material } = input;
  const ambient = input.work?.ambient ?? USUAL_WORK.ambient;
  const at = (clearance: number) =>
    innerTemperatureFor({ diameter, interference: fit.most, clearance }, material, {
      material: 'bearingSteel',
      temperature: ambient,
    });
  const [slides, drops] = [at(0), at(dropInClearance(diameter))];
  const shown = { ...NO_COST, shaftTemperature: temperature };
  if (temperature > slides)
    return {
      ...shown,
      stands: false,
      limit: `not cold enough: the shaft would have to be at ${degrees(slides)}; warm the ring as well`,
    };
  return {
    ...shown,
    stands: true,
    limit:
      temperature <= drops
        ? `drops in, ${Math.floor(drops - temperature)} K to spare`
        : 'slides in without clearance: push it home at once',
  };
}

/**
 * A ring that lies in its part is warmed with it: both come to one temperature. Bound by the part, by what the bearing bears, and
 * told where the outer ring lets go of the part.
 */
export function ringInHotPart(input: WayInput, time: Time): WayCost {
  const { heldBy } = input;
  if (heldBy === undefined || heldBy.material === null)
    return {
      ...NO_COST,
      stands: false,
      limit: 'not worked out: what the part round the bearing is made of is not known',
    };
  const { material, least } = heldBy;
  const { leaves, drops } = ringNeeds(input, {
    material: input.material ?? 'carbonSteel',
    temperature: input.work?.ambient ?? USUAL_WORK.ambient,
  });
  const ring = input.ringLimit ?? ringLimitOf(input.sealed ? 'closed' : 'open');
  const part = heldBy.partLimit ?? usualLimit({ material });
  const bound = [ring, part].toSorted((a, b) => a.limit - b.limit)[0]!;
  const temperature = wholeDegree(leaves);
  const letsGo =
    least === null
      ? null
      : outerTemperatureFor(
          { diameter: heldBy.diameter, interference: least, clearance: 0 },
          material,
          { material: 'bearingSteel', temperature },
        );
  const shown = { ...NO_COST, drops, temperature, ringTemperature: temperature };
  if (temperature > hottestPart(bound))
    return { ...shown, stands: false, limit: pastLimit(temperature, bound) };
  const margin = `${Math.round(bound.limit - temperature)} K below the limit of ${Math.round(bound.limit)} °C`;
  return {
    ...shown,
    stands: true,
    seconds: time(temperature),
    limit:
      letsGo !== null && letsGo <= temperature
        ? `drops in; the outer ring is loose in its case at that heat, hold it home; ${margin}`
        : `drops in, ${margin}`,
  };
}
