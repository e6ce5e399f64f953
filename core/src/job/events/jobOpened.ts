import { refuse } from '../../faults/index.ts';
import { identifier, leftOut, list, oneOf, record, text, type TypeOf } from '../../schema/index.ts';
import { MOST_STATIONS, requireUnit, UNIT_SCHEMA, withoutEmptyDetails } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { JOB_SCOPES, JOB_STARTS } from '../kinds.ts';

const DATA = record({
  unit: UNIT_SCHEMA,
  reason: text(2000),
  scope: oneOf(JOB_SCOPES),
  /** Running and complete where it is left out. */
  start: leftOut(oneOf(JOB_STARTS)),
  /** Stations that are renewed; of a job to renew at least one. */
  renew: leftOut(list(MOST_STATIONS, record({ stationId: identifier() }))),
});

/** What is renewed is in the unit. @throws InputError naming the station */
function requireRenewed({ unit, scope, renew = [] }: TypeOf<typeof DATA>): void {
  if (scope === 'renew' && renew.length === 0)
    refuse('missing', 'renew', null, { id: 'list', least: 1, most: MOST_STATIONS });
  const names = unit.axes.flatMap(({ stations }) => stations.map(({ id }) => id));
  const at = renew.findIndex(({ stationId }) => !names.includes(stationId));
  if (at >= 0)
    refuse('unknownName', `renew[${at}].stationId`, renew[at]!.stationId, { id: 'oneOf', names });
}

/** The unit is on the bench, how it came there, and what is to be done to it. */
export const jobOpened = jobEvent({
  type: 'JobOpened',
  since: 1,
  data: DATA,
  joint: (data) => {
    requireUnit(data.unit, 'unit.');
    requireRenewed(data);
  },
  says: (data) => `Booked in: ${data.unit.name}. ${data.reason}`,
  reduce: (state, { data, at }) => {
    if (state.unit !== null) return 'the job is open already';
    const { reason, scope, start = 'running' } = data;
    const renew = (data.renew ?? []).map(({ stationId }) => stationId);
    const decided = { verdict: 'replace', repair: null, reason: '' } as const;
    return {
      ...state,
      unit: withoutEmptyDetails(requireUnit(data.unit)),
      sheet: { ...state.sheet, reason, scope, start, renew, openedAt: at },
      inspection: {
        ...state.inspection,
        decisions: Object.fromEntries(renew.map((id) => [id, decided])),
      },
    };
  },
});
