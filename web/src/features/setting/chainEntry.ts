import { orRefused } from '@wendaxis/core/faults';
import { judgeLengths, type Band, type ChainLength, type Instrument } from '@wendaxis/core/measure';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** A length of a chain as it is typed. */
export interface ChainRow {
  readonly name: string;
  readonly text: string;
  readonly takes: boolean;
}

/** What a chain usually has. */
export const USUAL_CHAIN: readonly ChainRow[] = [
  { name: 'Depth in the case', text: '', takes: false },
  { name: 'Depth in the cover', text: '', takes: false },
  { name: 'Gasket', text: '', takes: false },
  { name: 'Height of the stack', text: '', takes: true },
];

/** The lengths that are typed; null while one cannot be read, or fewer than two are there. */
export function readChain(
  rows: readonly ChainRow[],
  system: UnitSystem,
): readonly ChainLength[] | null {
  const lengths: ChainLength[] = [];
  for (const { name, text, takes } of rows) {
    const reading = readField(text, 'length', system);
    if (reading.status === 'empty') continue;
    if (reading.status !== 'read' || name.trim() === '') return null;
    lengths.push({ name: name.trim(), length: reading.quantity.value, takes });
  }
  return lengths.length < 2 ? null : lengths;
}

/** The play that a chain leaves; null where it cannot be worked out. */
export const chainPlay = (instrument: Instrument, lengths: readonly ChainLength[], band: Band) =>
  orRefused(
    () => judgeLengths(instrument, lengths, band),
    () => null,
  );
