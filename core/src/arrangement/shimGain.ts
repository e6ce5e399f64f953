import { refuse } from '../faults/index.ts';
import { GAIN_TABLE, type Arrangement, type GainRow, type ShimPlace } from './gainTable.ts';

/**
 * Which way a thicker piece at `place` moves the end play in this arrangement.
 * @param field name used in the error
 * @throws InputError `contradiction` when the place does not exist in the arrangement; the message lists those that do
 * @example shimGain('faceToFace', 'underCoverFlange').gain // 1
 */
export function shimGain(arrangement: Arrangement, place: ShimPlace, field = 'place'): GainRow {
  const rows = GAIN_TABLE.filter((candidate) => candidate.arrangement === arrangement);
  if (rows.length === 0)
    return refuse('unknownName', 'arrangement', arrangement, {
      id: 'oneOf',
      names: ['faceToFace', 'backToBack', 'plainThrust'],
    });
  const found = rows.find((candidate) => candidate.place === place);
  return (
    found ??
    refuse('contradiction', field, place, { id: 'oneOf', names: rows.map((known) => known.place) })
  );
}
