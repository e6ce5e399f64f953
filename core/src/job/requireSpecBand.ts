import { requireBand, type Band } from '../measure/index.ts';
import { SPEC_KINDS, type SpecKind } from '../unit/index.ts';

/** Units of spec bands in words, by their quantity. */
const UNIT = { length: 'mm', torque: 'N·m' } as const;

/**
 * Check the band of a spec against what its kind allows.
 * @throws InputError naming `band.lower`, `band.upper` or `band.target`
 */
export function requireSpecBand(kind: SpecKind, band: Band): Band {
  const { least: min, most: max, quantity } = SPEC_KINDS[kind];
  return requireBand(band, { min, max, unit: UNIT[quantity] });
}
