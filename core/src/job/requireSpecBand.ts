import { requireOneOf } from '../faults/index.ts';
import { requireBand, type Band } from '../measure/index.ts';
import { SPEC_KIND_NAMES, SPEC_KINDS, type SpecKind } from '../unit/index.ts';

/** Units of spec bands in words, by their quantity. */
const UNIT = { length: 'mm', torque: 'N·m' } as const;

/**
 * Check the band of a spec against what its kind allows.
 * @throws InputError naming `band.lower`, `band.upper` or `band.target`
 */
export function requireSpecBand(kind: SpecKind, band: Band): Band {
  requireOneOf('kind', kind, SPEC_KIND_NAMES);
  const { least: min, most: max, quantity } = SPEC_KINDS[kind];
  return requireBand(band, { min, max, unit: UNIT[quantity] });
}
