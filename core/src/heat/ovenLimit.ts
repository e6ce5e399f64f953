import { materialOf } from '../materials/index.ts';
import { bearingMass, hottestFor, type LumpedBody } from '../thermal/index.ts';
import type { HeatSeat } from './heatSeat.ts';
import { OVEN_ABOVE } from './heatSettings.ts';
import type { HeatLimit } from './ringLimit.ts';

/** A bearing that is left in a hot part. */
export type BearingInPart = Pick<HeatSeat, 'name' | 'diameter' | 'bore' | 'width' | 'ringLimit'>;

/** The limit of a part by what it is made of. */
export function usualLimit({ material }: Pick<LumpedBody, 'material'>): HeatLimit {
  const { hottest: limit, hottestReason: reason } = materialOf(material);
  return { limit, reason };
}

/**
 * How hot the air of the oven may be, °C, and what binds it: the part itself, or a bearing that comes to rest in it and
 * would pass its own limit.
 *
 * @param rings temperature at which the bearings go in, °C
 */
export function ovenLimit(
  body: LumpedBody | Pick<LumpedBody, 'material'>,
  bearings: readonly BearingInPart[],
  rings: number,
  partLimit: HeatLimit = usualLimit(body),
): HeatLimit {
  const each = bearings.map(({ name, diameter, bore, width, ringLimit: { limit, reason } }) => ({
    // A ring takes heat out of a part whose mass is known; else the part stays below what the ring bears.
    limit:
      'mass' in body
        ? hottestFor(body, {
            mass: bearingMass({ bore, outside: diameter, width }),
            temperature: rings,
            limit,
          })
        : limit,
    reason: `${name}, left in the hot part, would pass ${limit} °C: ${reason}`,
  }));
  return [partLimit, ...each].toSorted((a, b) => a.limit - b.limit)[0]!;
}

/** Why a part is not brought to a temperature. */
export const pastLimit = (temperature: number, bound: HeatLimit): string =>
  `${temperature} °C is past ${Math.floor(hottestPart(bound))} °C, ${OVEN_ABOVE} K below its limit: ${bound.reason}`;

/** The hottest that a part is brought to under a limit, °C: the air of the oven stands above it. */
export const hottestPart = ({ limit }: HeatLimit): number => limit - OVEN_ABOVE;
