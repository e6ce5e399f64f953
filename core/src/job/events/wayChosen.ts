import { requireNumber, requireOneOf } from '../../faults/index.ts';
import { WAY_IDS, WAYS } from '../../heat/index.ts';
import { identifier, number, oneOf, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { RINGS } from '../kinds.ts';
import { missingStation } from '../onUnit.ts';

/** The way in that the mechanic has chosen for a ring. */
export const wayChosen = jobEvent({
  type: 'WayChosen',
  since: 1,
  data: record({
    stationId: identifier(),
    ring: oneOf(RINGS),
    way: oneOf(WAY_IDS),
    /** What the workshop's press stood on the day, N. */
    pressRating: number(1000, 5_000_000, 'N'),
  }),
  says: (data, tell) => `Way in for ${tell.name(data.stationId)}: ${WAYS[data.way].words}`,
  reduce: (state, { data: { stationId, ring, way, pressRating } }) => {
    requireNumber('pressRating', pressRating, { above: 0, unit: 'N' });
    if (WAYS[requireOneOf('way', way, WAY_IDS)].ring !== ring)
      return `${way} is not a way for an ${ring} ring`;
    const chosen = { ...state.fitting.ways[stationId], [ring]: { way, pressRating } };
    return (
      missingStation(state, stationId) ?? {
        ...state,
        fitting: { ...state.fitting, ways: { ...state.fitting.ways, [stationId]: chosen } },
      }
    );
  },
});
