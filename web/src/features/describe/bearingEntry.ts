import { decodeDesignation, typedSizes, type DecodedBearing } from '@wendaxis/core/bearings';
import type { TemplateBearing } from '@wendaxis/core/unit';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** A bearing as it is being entered: its designation, or three dimensions where that is not known. */
export interface BearingEntry {
  readonly designation: string;
  readonly bore: string;
  readonly outside: string;
  readonly width: string;
}

export const NO_BEARING: BearingEntry = { designation: '', bore: '', outside: '', width: '' };

/** What the designation typed so far says; null while it is empty. */
export function decodeEntry({ designation }: BearingEntry): DecodedBearing | null {
  return designation.trim() === '' ? null : decodeDesignation(designation.slice(0, 40));
}

/** The bearing that was entered, or null while it is not complete. */
export function readBearing(entry: BearingEntry, system: UnitSystem): TemplateBearing | null {
  const decoded = decodeEntry(entry);
  const designation = decoded?.designation ?? null;
  if (decoded?.status === 'known')
    return { designation, family: decoded.family, dimensions: decoded.dimensions };
  const typed = typedSizes(entry.designation);
  if (typed !== null) return { designation: null, family: null, dimensions: typed };
  const [bore, outside, width] = [entry.bore, entry.outside, entry.width].map((text) => {
    const reading = readField(text, 'length', system);
    return reading.status === 'read' ? reading.quantity.value : null;
  });
  if (bore == null || outside == null || width == null) return null;
  return { designation, family: null, dimensions: { bore, outside, width } };
}
