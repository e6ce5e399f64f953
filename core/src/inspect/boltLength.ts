import { requireNumber } from '../faults/index.ts';
import { decide, NORMAL_FACTOR, type Decision } from '../measure/index.ts';

/**
 * Whether a bolt is within its longest length, decided by ISO 14253-1.
 * @param uncertainty standard, mm
 * @throws InputError naming the field
 */
export function judgeBoltLength(length: number, longest: number, uncertainty: number): Decision {
  requireNumber('length', length, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('longest', longest, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('uncertainty', uncertainty, { min: 0, max: 1, unit: 'mm' });
  return decide(
    length,
    length,
    { lower: null, upper: longest, target: null },
    NORMAL_FACTOR * uncertainty,
  );
}
