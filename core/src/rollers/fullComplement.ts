import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A full set of loose rollers round a journal. mm. */
export interface FullComplement {
  readonly count: number;
  /** Room left round the journal when the set is full. */
  readonly gap: number;
  readonly working: readonly WorkingLine[];
}

/** Keeps a set that fits exactly from being counted one short by rounding. */
const EXACT = 1e-9;

/**
 * How many loose rollers fill the ring between a journal and its bore, and the gap that stays:
 * `n = ⌊π / asin(dr/(dj + dr))⌋`, gap = the angle left over, on the pitch circle. Geometry.
 *
 * @param journal mm
 * @param roller roller diameter, mm
 * @throws InputError naming `journal` or `roller`
 * @example fullComplement(20, 3).count // 24
 */
export function fullComplement(journal: number, roller: number): FullComplement {
  requireNumber('journal', journal, { above: 0, max: 500, unit: 'mm' });
  requireNumber('roller', roller, { above: 0, max: 120, unit: 'mm' });
  const pitch = journal + roller;
  const half = Math.asin(roller / pitch);
  const count = Math.floor(Math.PI / half + EXACT);
  const gap = Math.max(0, (Math.PI - count * half) * pitch);
  return {
    count,
    gap,
    working: [
      line(
        'Rollers that fill the ring',
        'n = ⌊π / asin(dr/(dj + dr))⌋',
        [
          ['dj', journal, 'length'],
          ['dr', roller, 'length'],
        ],
        ['n', count, 'number'],
        'rollerGeometry',
      ),
    ],
  };
}
