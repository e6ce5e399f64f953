import { isSeparable, isTight, type Station } from '../../unit/index.ts';
import type { After } from '../rule.ts';

export const READY: readonly After[] = [
  { rule: 'compare', of: 'station' },
  { rule: 'newPart', of: 'station' },
  { rule: 'repair', of: 'station' },
  { rule: 'repairPart', of: 'all' },
  { rule: 'replacePart', of: 'all' },
  { rule: 'inspect', of: 'station' },
  { rule: 'inspectPart', of: 'all' },
];

/** Both rings tight and not to be parted: the ring goes into the case, then the shaft into the ring. */
export function comesAsOne(station: Station): boolean {
  return !isSeparable(station) && isTight(station, 'outer') && isTight(station, 'inner');
}
