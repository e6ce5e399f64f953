import { requireOneOf } from '../faults/index.ts';
import { requireBand, type Band } from '../measure/index.ts';
import { FIGURE_KINDS, FIGURES, type FigureKind } from '../figures/index.ts';

/** Units of spec bands in words, by their quantity. */
const UNIT = { length: 'mm', torque: 'N·m' } as const;

/**
 * Check the band of a spec against what its kind allows.
 * @throws InputError naming `band.lower`, `band.upper` or `band.target`
 */
export function requireSpecBand(kind: FigureKind, band: Band): Band {
  requireOneOf('kind', kind, FIGURE_KINDS);
  const { least: min, most: max, quantity } = FIGURES[kind];
  return requireBand(band, { min, max, unit: UNIT[quantity] });
}
