import { identifier, number, orNull, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';
import { inPlaceNow } from '../inPlace.ts';
import { missingMesh } from '../onUnit.ts';

/** The middle of a contact mark, in halves of the tooth: toe to heel, root to face. */
const MARK = orNull(record({ length: number(-1, 1), height: number(-1, 1) }));

/** Where the contact marks of a pair lie; null where a flank was not painted. */
export const patternMarked = jobEvent({
  type: 'PatternMarked',
  since: 1,
  data: record({ meshId: identifier(), drive: MARK, coast: MARK }),
  says: ({ drive, coast }) =>
    `Contact marks: drive side ${placeWords(drive)}, coast side ${placeWords(coast)}`,
  reduce: (state, { id: eventId, data, at }, order) => {
    const missing = missingMesh(state, data.meshId);
    if (missing !== null) return missing;
    const row = { ...data, inPlace: inPlaceNow(state), order, eventId, at };
    return {
      ...state,
      measured: { ...state.measured, patterns: withItem(state.measured.patterns, row) },
    };
  },
});

function placeWords(mark: { readonly length: number; readonly height: number } | null): string {
  if (mark === null) return 'not painted';
  const share = (value: number, [low, high]: readonly [string, string]) =>
    Math.abs(value) < 0.05
      ? 'middle'
      : `${Math.round(Math.abs(value) * 100)} % to the ${value < 0 ? low : high}`;
  return `${share(mark.length, ['toe', 'heel'])} and ${share(mark.height, ['root', 'face'])}`;
}
