import { materialOf, type MaterialChoice } from '../materials/index.ts';
import type { BearingSize } from '../thermal/index.ts';
import type { HeatSeat } from './heatSeat.ts';
import { USUAL_WORK } from './heatSettings.ts';
import { leastHeat, USUAL_LOSS, wholeDegree, type LeastHeat } from './leastHeat.ts';
import { hottestPart, ovenLimit, pastLimit, usualLimit } from './ovenLimit.ts';
import { ringLimitOf } from './ringLimit.ts';
import { NO_COST, type WayCost, type WayInput } from './wayIn.ts';

/** The question with its material known. */
export type KnownInput = WayInput & { readonly material: MaterialChoice };

/** Sizes of the bearing of a way. */
export function sizeOf({ ring, diameter, other, width }: WayInput): BearingSize {
  return ring === 'outer'
    ? { bore: other, outside: diameter, width }
    : { bore: diameter, outside: other, width };
}

/** The seat of a way by itself. */
function seatAlone(input: WayInput): HeatSeat {
  const { diameter, other: bore, width, fit, sealed, ringLimit, bush } = input;
  return {
    id: '',
    name: bush === undefined ? 'the bearing' : 'the bush',
    diameter,
    bore: Math.min(bore, 0.999 * diameter),
    width,
    fit: { ...fit, working: [] },
    after: [],
    ringLimit: ringLimit ?? ringLimitOf(sealed ? 'closed' : 'open'),
    ...(bush === undefined ? {} : { bush }),
  };
}

/** How a part is warmed: as a whole, all its rings at one go, or at one boss for one ring. */
export interface Warming {
  readonly rings: number;
  readonly local: boolean;
  readonly time?: (
    target: number,
  ) => { readonly shortest: number; readonly longest: number | null } | null;
}

/** The least heat of the part with which the ring drops in, and whether the part and what is left in it bear it. */
export function heatedPart(input: KnownInput, { rings, local, time }: Warming): WayCost {
  const alone = seatAlone(input);
  const together = local ? undefined : input.together;
  const { id, seats } = together ?? { id: alone.id, seats: [alone] };
  const body = local || input.body === undefined ? { material: input.material } : input.body;
  const work = { ...USUAL_WORK, ...input.work };
  const least = leastHeat(body, seats, { ...work, rings });
  // A bush is not spoiled by the heat of its part.
  const left = seats.filter(({ bush }) => bush === undefined);
  const bound = ovenLimit(
    input.body ?? { material: input.material },
    left,
    rings,
    input.partLimit ?? usualLimit({ material: input.material }),
  );
  const { drops } = least.seats.find((need) => need.id === id)!;
  const reached = reach(least, hottestPart(bound), work.ambient);
  const shown = { ...NO_COST, drops, ringTemperature: rings, temperature: reached.temperature };
  if (!reached.stands)
    return { ...shown, stands: false, limit: pastLimit(reached.temperature, bound) };
  const span = time?.(reached.temperature) ?? null;
  return {
    ...shown,
    stands: true,
    seconds: span?.shortest ?? null,
    longest: span?.longest ?? null,
    limit: `${reached.words}, ${Math.round(bound.limit - reached.temperature)} K below its limit of ${Math.round(bound.limit)} °C${least.loss === 'usual' && reached.temperature > work.ambient ? `; ${USUAL_LOSS} K of it for the way, the usual` : ''}`,
  };
}

/** What can be had under a limit: the clearance to drop in, else that it slides. Whole degrees. */
function reach(
  { toDrop, toSlide }: LeastHeat,
  most: number,
  ambient: number,
): { readonly temperature: number; readonly stands: boolean; readonly words: string } {
  const [drop, slide] = [toDrop, toSlide].map((exact) => Math.max(ambient, wholeDegree(exact)));
  if (drop! <= most) return { temperature: drop!, stands: true, words: 'drops in' };
  if (slide! <= most)
    return {
      temperature: Math.floor(most),
      stands: true,
      words: `slides in without clearance; to drop in it would need ${drop} °C`,
    };
  return { temperature: drop!, stands: false, words: '' };
}

/** A ring that goes in cold, the part as it is. */
export function cooledRing(input: KnownInput, rings: number, seconds: number | null): WayCost {
  const seats = [seatAlone(input)];
  const work = { ...USUAL_WORK, ...input.work };
  // The ring alone loses its cold; the part stands in the shop.
  const { toDrop, toSlide } = leastHeat({ material: input.material, ...STILL }, seats, {
    ...work,
    rings,
  });
  const shown = { ...NO_COST, ringTemperature: rings };
  if (toSlide > work.ambient)
    return {
      ...shown,
      stands: false,
      limit: `not cold enough: the part would need ${wholeDegree(toSlide)} °C as well`,
    };
  return {
    ...shown,
    stands: true,
    seconds,
    limit:
      toDrop <= work.ambient
        ? `drops in, ${Math.floor(work.ambient - toDrop)} K to spare`
        : 'slides in without clearance: push it home at once',
  };
}

/** A part that stands in the shop keeps its temperature: as if it were endlessly heavy. */
const STILL = { mass: 5000, area: 0.01 } as const;

/** Why a torch cannot be used near a material; null where it can. */
export function flameRefused({ material }: KnownInput): WayCost | null {
  const { flame, words } = materialOf(material);
  return flame ? null : { ...NO_COST, stands: false, limit: `no flame near ${words}` };
}
