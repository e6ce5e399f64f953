import { identifier, record, text } from '../../schema/index.ts';
import { findStation } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { begunAnew } from '../newSleeve.ts';

/**
 * A new sleeve went in, or a nut that sets a preload by itself was slackened to begin anew: what was read before no longer
 * counts.
 */
export const sleeveRenewed = jobEvent({
  type: 'SleeveRenewed',
  since: 1,
  data: record({ stationId: identifier(), reason: text(300, 1) }),
  says: (data, tell) => `Begun anew, ${tell.name(data.stationId)}: ${data.reason}`,
  reduce: (state, { data: { stationId } }, order) => {
    const station = state.unit === null ? undefined : findStation(state.unit, stationId)?.station;
    if (station?.kind !== 'spacer' && station?.kind !== 'nut') return `no sleeve ${stationId}`;
    return begunAnew(state, stationId, order);
  },
});
