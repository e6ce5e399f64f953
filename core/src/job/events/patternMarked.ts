import { identifier, leftOut, number, oneOf, orNull, record } from '../../schema/index.ts';
import { markPlaceWords } from '../../gears/index.ts';
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
  data: record({
    meshId: identifier(),
    drive: MARK,
    coast: MARK,
    /** As built where it is left out. */
    stage: leftOut(oneOf(['asFound', 'final'])),
  }),
  says: ({ drive, coast, stage }) =>
    `Contact marks${stage === 'asFound' ? ' as found' : ''}: drive side ${markPlaceWords(drive)}, coast side ${markPlaceWords(coast)}`,
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
