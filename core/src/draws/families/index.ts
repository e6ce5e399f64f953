import type { Unit } from '../../unit/index.ts';
import { drawsFrom, type Draws } from '../draws.ts';
import { countershaft } from './countershaft.ts';
import { inBushes } from './inBushes.ts';
import { oneBore } from './oneBore.ts';
import { overhung } from './overhung.ts';
import { splitCase } from './splitCase.ts';
import { thrustStack } from './thrustStack.ts';

/** Families of units that can be built by how they are laid out, whatever sizes are drawn. */
export const FAMILIES = {
  countershaft,
  overhung,
  splitCase,
  thrustStack,
  oneBore,
  inBushes,
} as const satisfies Record<string, (draws: Draws) => Unit>;
export type Family = keyof typeof FAMILIES;

const NAMES = Object.keys(FAMILIES) as readonly Family[];

/** A unit of one of the families, in turn: the same for the same seed. */
export function buildableUnit(seed: number): {
  readonly family: Family;
  readonly unit: Unit;
  readonly draws: Draws;
} {
  const family = NAMES[seed % NAMES.length]!;
  const draws = drawsFrom(seed);
  return { family, unit: FAMILIES[family](draws), draws };
}
