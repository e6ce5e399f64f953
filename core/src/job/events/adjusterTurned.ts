import { requireNumber } from '../../faults/index.ts';
import { degrees, identifier, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { atStation } from '../onUnit.ts';
import { setNow } from '../pieces.ts';

/** A threaded adjuster was turned, inwards positive. */
export const adjusterTurned = jobEvent({
  type: 'AdjusterTurned',
  since: 1,
  data: record({ stationId: identifier(), angle: degrees(-3600, 3600) }),
  says: ({ stationId, angle }, tell) =>
    `${tell.name(stationId)} turned ${Math.abs(Math.round(angle * 10) / 10)}° ${angle < 0 ? 'outwards' : 'inwards'}`,
  reduce: (state, { data }, order) =>
    atStation(state, 'adjuster', data.stationId, ({ id }) => {
      const angle = requireNumber('angle', data.angle, { min: -3600, max: 3600, unit: '°' });
      return {
        ...state,
        setting: {
          ...state.setting,
          turned: { ...state.setting.turned, [id]: (state.setting.turned[id] ?? 0) + angle },
          setAfter: { ...state.setting.setAfter, [id]: setNow(state, false) },
          moved: { ...state.setting.moved, [id]: order },
        },
      };
    }),
});
