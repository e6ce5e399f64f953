import { identifier, list, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { SHELF_SPACER_SCHEMA } from '../kinds.ts';
import { atStation } from '../onUnit.ts';
import { requireSpacer } from '../pieces.ts';

/** The spacers that lie on the shelf, measured: replaces the earlier list. */
export const spacersListed = jobEvent({
  type: 'SpacersListed',
  since: 1,
  data: record({ stationId: identifier(), spacers: list(40, SHELF_SPACER_SCHEMA) }),
  says: (data, tell) =>
    `Spacers on the shelf: ${data.spacers.map((one) => tell.digits(one.length)).join(', ')}`,
  reduce: (state, { data }) =>
    atStation(state, 'spacer', data.stationId, ({ id }) => {
      data.spacers.forEach((spacer, at) => requireSpacer(`spacers[${at}].length`, spacer));
      return {
        ...state,
        setting: { ...state.setting, shelf: { ...state.setting.shelf, [id]: data.spacers } },
      };
    }),
});
