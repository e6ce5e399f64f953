import type { BearingDimensions } from './decodedBearing.ts';
import { decodeDesignation } from './designation.ts';
import { typedSizes } from './typedSizes.ts';

/** The longest text that is read as a designation. */
const LONGEST = 40;

/** Sizes by what is printed on something: those of a number that is known, or three that stand there. mm; null where neither. */
export function printedSizes(text: string): BearingDimensions | null {
  const printed = text.trim().slice(0, LONGEST);
  if (printed === '') return null;
  const decoded = decodeDesignation(printed);
  return decoded.status === 'known' ? decoded.dimensions : typedSizes(printed);
}
