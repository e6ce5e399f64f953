import type { FieldReading } from '../../ui/QuantityField.tsx';

/** Longest spacer and most play that are taken, mm. */
export const LONGEST = 500;

/** A length of more than 0 and at most so much; null where it is none. mm. */
export function lengthUpTo(most: number, reading: FieldReading): number | null {
  const value = reading.status === 'read' ? reading.quantity.value : 0;
  return value > 0 && value <= most ? value : null;
}
