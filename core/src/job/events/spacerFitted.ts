import { identifier, leftOut, millimetres, record, yesNo } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { atStation } from '../onUnit.ts';
import { requireSpacer, setNow } from '../pieces.ts';
import type { JobState } from '../state.ts';

/** A solid spacer is in, for a trial or to stay. */
export const spacerFitted = jobEvent({
  type: 'SpacerFitted',
  since: 1,
  data: record({
    stationId: identifier(),
    length: millimetres(0.01, 500),
    uncertainty: millimetres(0, 0.1),
    trial: yesNo(),
    /** Length of the one that it was turned down from, which is gone by that; absent where it is another one. mm. */
    cutFrom: leftOut(millimetres(0.01, 500)),
  }),
  says: ({ stationId, length: long, trial, cutFrom }, tell) =>
    `Spacer in, ${tell.name(stationId)}: ${tell.show(long)}${cutFrom === undefined ? '' : `, turned down from ${tell.show(cutFrom)}`}${trial ? ', for a trial' : ', to stay'}`,
  reduce: (state, { data, at, by }, order) =>
    atStation(state, 'spacer', data.stationId, ({ id }) => {
      requireSpacer('length', data);
      const { length: thickness, uncertainty } = data;
      const piece = { sizeId: 'spacer', thickness, quantity: 1, uncertainty };
      const pack = { pieces: [piece], at, by };
      return {
        ...state,
        setting: {
          ...state.setting,
          packs: { ...state.setting.packs, [id]: pack },
          cutUp: withCut(state, id, data.cutFrom),
          foundPacks: { [id]: pack, ...state.setting.foundPacks },
          setAfter: { ...state.setting.setAfter, [id]: setNow(state, data.trial) },
          moved: { ...state.setting.moved, [id]: order },
        },
      };
    }),
});

/** Lengths of spacers of a station that are gone, one more where something was turned down from it. */
const withCut = (
  { setting: { cutUp } }: JobState,
  id: string,
  from: number | undefined,
): JobState['setting']['cutUp'] =>
  from === undefined ? cutUp : { ...cutUp, [id]: [...(cutUp[id] ?? []), from] };
