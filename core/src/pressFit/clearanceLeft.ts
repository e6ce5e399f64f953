import { requireNumber } from '../faults/index.ts';
import { materialOf } from '../materials/index.ts';

/** A rolling bearing as two thin rings between its seats. Lengths in mm, pressures in MPa. */
export interface ClearanceInput {
  /** Radial internal clearance before fitting. */
  readonly initial: number;
  /** Bore and raceway of the inner ring, pressure on its bore. */
  readonly bore: number;
  readonly innerRaceway: number;
  readonly innerPressure: number;
  /** Outside and raceway of the outer ring, pressure on its outside. */
  readonly outside: number;
  readonly outerRaceway: number;
  readonly outerPressure: number;
  /** How much warmer than 20 °C each ring runs, K. */
  readonly innerRise: number;
  readonly outerRise: number;
}

/**
 * Radial internal clearance left in service: initial − growth of the inner raceway − shrinkage of the outer one −
 * `αB·(ΔTi − ΔTo)·De`. The rolling elements fill `De − di` and are taken to be as warm as the inner ring (the safe
 * side; the usual handbook form, from memory): a bearing that is warm throughout keeps its clearance. Elastic rings
 * (Lamé): the inner raceway grows by `2p·d²·di/(E·(di² − d²))`, the outer one shrinks by `2p·D²·De/(E·(D² − De²))`.
 *
 * @returns below 0 the bearing runs preloaded
 * @throws InputError naming the field
 */
export function clearanceLeft(input: ClearanceInput): {
  readonly innerGrowth: number;
  readonly outerShrinkage: number;
  readonly left: number;
} {
  const { bore: d, innerRaceway: di, outside: D, outerRaceway: De } = input;
  requireNumber('initial', input.initial, { min: -1, max: 1, unit: 'mm' });
  requireNumber('bore', d, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('innerRaceway', di, { above: d, unit: 'mm' });
  requireNumber('outerRaceway', De, { above: di, unit: 'mm' });
  requireNumber('outside', D, { above: De, max: 2000, unit: 'mm' });
  for (const name of ['innerPressure', 'outerPressure'] as const)
    requireNumber(name, input[name], { min: 0, max: 1000, unit: 'MPa' });
  for (const name of ['innerRise', 'outerRise'] as const)
    requireNumber(name, input[name], { min: -100, max: 200, unit: 'K' });
  const { modulus: E, expansion } = materialOf('bearingSteel');
  const innerGrowth = (2 * input.innerPressure * d * d * di) / (E * (di * di - d * d));
  const outerShrinkage = (2 * input.outerPressure * D * D * De) / (E * (D * D - De * De));
  const heat = expansion * (input.innerRise - input.outerRise) * De;
  return { innerGrowth, outerShrinkage, left: input.initial - innerGrowth - outerShrinkage - heat };
}
