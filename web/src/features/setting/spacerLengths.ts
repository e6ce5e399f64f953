import { doubtReading, type ReadingDoubt } from '@wendaxis/core/measure';
import type { UnitSystem } from '@wendaxis/core/units';

import type { FieldReading } from '../../ui/QuantityField.tsx';
import { unitMeant } from '../bench/useTypedReading.ts';

/** Longest spacer and most play that are taken, mm. */
export const LONGEST = 500;

/** A length of more than 0 and at most so much; null where it is none. mm. */
export function lengthUpTo(most: number, reading: FieldReading): number | null {
  const value = reading.status === 'read' ? reading.quantity.value : 0;
  return value > 0 && value <= most ? value : null;
}

/** Another spacer for the same place is about as long: within so much of it nothing is asked. A rule of this program. */
const ABOUT = 0.15;

/**
 * What is to be asked about a length that was typed, beside one that is known for the place; null where there is nothing.
 * @param near a length of the same place, mm; null where none is known
 */
export function lengthDoubt(
  text: string,
  length: number,
  near: number | null,
  system: UnitSystem,
): ReadingDoubt | null {
  if (near === null || near <= 0) return null;
  const expected = { least: (1 - ABOUT) * near, most: (1 + ABOUT) * near };
  return doubtReading(length, expected, unitMeant(text, system));
}
