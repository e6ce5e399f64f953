import { packThickness, packWords } from '../../shims/index.ts';
import { identifier, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { PIECES_SCHEMA } from '../kinds.ts';
import { atStation } from '../onUnit.ts';
import { requireMeasured, requirePieces } from '../pieces.ts';

/** The pack that is to go in, after a run. */
export const packChosen = jobEvent({
  type: 'PackChosen',
  since: 1,
  data: record({ siteId: identifier(), pieces: PIECES_SCHEMA, runId: identifier() }),
  joint: requireMeasured,
  says: (data, tell) =>
    `Pack chosen: ${packWords(data.pieces, tell.digits)} = ${tell.show(packThickness(data.pieces))}`,
  reduce: (state, { data, at, by }) =>
    atStation(state, 'shimSite', data.siteId, ({ id }) => {
      const pack = { pieces: requirePieces(data.pieces), runId: data.runId, at, by };
      return {
        ...state,
        setting: { ...state.setting, chosen: { ...state.setting.chosen, [id]: pack } },
      };
    }),
});
