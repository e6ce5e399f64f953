import { packThickness, packWords } from '../../shims/index.ts';
import { identifier, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { PIECES_SCHEMA } from '../kinds.ts';
import { atStation } from '../onUnit.ts';
import { requireMeasured, requirePieces } from '../pieces.ts';

/** The pack found in place, each piece measured. */
export const packRecorded = jobEvent({
  type: 'PackRecorded',
  since: 1,
  data: record({ siteId: identifier(), pieces: PIECES_SCHEMA }),
  joint: requireMeasured,
  says: (data, tell) =>
    `Pack found in place: ${packWords(data.pieces, tell.digits)} = ${tell.show(packThickness(data.pieces))}`,
  reduce: (state, { data, at, by }) =>
    atStation(state, 'shimSite', data.siteId, ({ id }) => {
      const pack = { pieces: requirePieces(data.pieces), at, by };
      return {
        ...state,
        setting: {
          ...state.setting,
          packs: { ...state.setting.packs, [id]: pack },
          foundPacks: { ...state.setting.foundPacks, [id]: pack },
        },
      };
    }),
});
