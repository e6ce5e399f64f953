import { packThickness, packWords } from '../../shims/index.ts';
import { identifier, leftOut, record, yesNo } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { PIECES_SCHEMA } from '../kinds.ts';
import { atStation } from '../onUnit.ts';
import { requireMeasured, requirePieces, setNow } from '../pieces.ts';

export const packFitted = jobEvent({
  type: 'PackFitted',
  since: 1,
  data: record({
    siteId: identifier(),
    pieces: PIECES_SCHEMA,
    /** Only to measure with, not the pack that stays: the play is measured again and chosen anew. */
    trial: leftOut(yesNo()),
  }),
  joint: requireMeasured,
  says: (data, tell) =>
    `Pack fitted${data.trial === true ? ' for a trial' : ''}: ${packWords(data.pieces, tell.digits)} = ${tell.show(packThickness(data.pieces))}`,
  reduce: (state, { data, at, by }, order) =>
    atStation(state, 'shimSite', data.siteId, ({ id }) => {
      const { [id]: _done, ...chosen } = state.setting.chosen;
      return {
        ...state,
        setting: {
          ...state.setting,
          chosen,
          packs: { ...state.setting.packs, [id]: { pieces: requirePieces(data.pieces), at, by } },
          setAfter: { ...state.setting.setAfter, [id]: setNow(state, data.trial === true) },
          moved: { ...state.setting.moved, [id]: order },
        },
      };
    }),
});
