import { materialOf } from '../materials/index.ts';
import { bearingMass, hottestFor, type LumpedBody } from '../thermal/index.ts';
import type { HeatLimit } from './ringLimit.ts';

/** A bearing that is left in a hot part: its name, dimensions in mm, and what it can take itself. */
export interface BearingInPart {
  readonly name: string;
  readonly diameter: number;
  readonly bore: number;
  readonly width: number;
  readonly ringLimit: HeatLimit;
}

/** The limit of a part by what it is made of. */
export function usualLimit({ material }: Pick<LumpedBody, 'material'>): HeatLimit {
  const { hottest: limit, hottestReason: reason } = materialOf(material);
  return { limit, reason };
}

/**
 * How hot the oven may be, °C, and what binds it: the part itself, or a bearing that comes to rest in it and would
 * pass its own limit.
 *
 * @param rings temperature at which the bearings go in, °C
 */
export function ovenLimit(
  body: LumpedBody,
  bearings: readonly BearingInPart[],
  rings: number,
  partLimit: HeatLimit = usualLimit(body),
): HeatLimit {
  const each = bearings.map(({ name, diameter, bore, width, ringLimit: { limit, reason } }) => ({
    limit: hottestFor(body, {
      mass: bearingMass(bore, diameter, width),
      temperature: rings,
      limit,
    }),
    reason: `${name}, left in the hot part, would pass ${limit} °C: ${reason}`,
  }));
  return [partLimit, ...each].toSorted((a, b) => a.limit - b.limit)[0]!;
}
