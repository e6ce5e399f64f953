import { requireNumber } from '../../faults/index.ts';
import { RING_HARDNESS_LIMIT } from '../../heat/index.ts';
import { identifier, number, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingPart, missingStation } from '../onUnit.ts';

/** Another heat limit for a part or a bearing than the usual one: a coating, a maker's word. */
export const limitSet = jobEvent({
  type: 'LimitSet',
  since: 1,
  data: record({ targetId: identifier(), limit: number(30, 300, '°C'), reason: text(300, 5) }),
  says: ({ targetId, limit, reason }, tell) =>
    `Heat limit of ${tell.name(targetId)}: ${tell.show(limit, 'temperature')}. ${reason}`,
  reduce: (state, { data: { targetId, limit, reason } }) => {
    requireNumber('limit', limit, { min: 30, max: 300, unit: '°C' });
    const isRing = missingStation(state, targetId) === null;
    if (!isRing && missingPart(state, targetId) !== null) return `no part or station ${targetId}`;
    if (isRing && limit > RING_HARDNESS_LIMIT)
      return `a ring loses its hardness past ${RING_HARDNESS_LIMIT} °C`;
    return {
      ...state,
      heating: {
        ...state.heating,
        limits: { ...state.heating.limits, [targetId]: { limit, reason } },
      },
    };
  },
});
