import { identifier, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';

export const playTermRemoved = jobEvent({
  type: 'PlayTermRemoved',
  since: 1,
  data: record({ termId: identifier() }),
  says: () => 'A difference between trial and final build taken off the list',
  reduce: (state, { data: { termId } }) =>
    state.setting.playTerms.some((row) => row.termId === termId)
      ? {
          ...state,
          setting: {
            ...state.setting,
            playTerms: state.setting.playTerms.filter((row) => row.termId !== termId),
          },
        }
      : `no term ${termId}`,
});
