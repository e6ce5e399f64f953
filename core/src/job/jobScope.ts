import { refuse } from '../faults/index.ts';
import { identifier, leftOut, list, oneOf, record, type TypeOf } from '../schema/index.ts';
import { MOST_STATIONS, type Unit } from '../unit/index.ts';
import { JOB_SCOPES, JOB_STARTS } from './kinds.ts';
import type { JobState } from './state.ts';

/** How the unit came, and what the job is for, as events carry it. */
export const JOB_SCOPE_FIELDS = {
  scope: oneOf(JOB_SCOPES),
  /** Running and complete where it is left out. */
  start: leftOut(oneOf(JOB_STARTS)),
  /** Stations that are renewed; of a job to renew at least one. */
  renew: leftOut(list(MOST_STATIONS, record({ stationId: identifier() }))),
} as const;
export const JOB_SCOPE = record(JOB_SCOPE_FIELDS);
export type JobScopeData = TypeOf<typeof JOB_SCOPE>;

/** A job to renew something names it. @throws InputError */
export function requireRenewal({ scope, renew = [] }: JobScopeData): void {
  if (scope === 'renew' && renew.length === 0)
    refuse('missing', 'renew', null, { id: 'list', least: 1, most: MOST_STATIONS });
}

/** What is renewed is in the unit. @throws InputError naming the station */
export function requireInUnit({ axes }: Unit, { renew = [] }: JobScopeData): void {
  const names = axes.flatMap(({ stations }) => stations.map(({ id }) => id));
  const at = renew.findIndex(({ stationId }) => !names.includes(stationId));
  if (at >= 0)
    refuse('unknownName', `renew[${at}].stationId`, renew[at]!.stationId, { id: 'oneOf', names });
}

/** What follows for a station from its being named. */
const NAMED = { verdict: 'replace', repair: null, reason: '' } as const;

/** A job with what it is for: what is to be renewed is decided on, and what no longer is stands open again. */
export function withScope(state: JobState, data: JobScopeData): JobState {
  // Of what an old log says otherwise, the usual is meant.
  const scope = JOB_SCOPES.find((one) => one === data.scope) ?? 'overhaul';
  const start = JOB_STARTS.find((one) => one === data.start) ?? 'running';
  const renew = (data.renew ?? []).map(({ stationId }) => stationId);
  const { decisions } = state.inspection;
  const isOnlyNamed = (id: string): boolean =>
    state.sheet.renew.includes(id) && decisions[id]?.reason === '' && !renew.includes(id);
  const kept = Object.entries(decisions).filter(([id]) => !isOnlyNamed(id));
  // What was found to need it keeps the reason.
  const named = renew
    .filter((id) => !Object.hasOwn(decisions, id) || decisions[id]!.verdict !== 'replace')
    .map((id) => [id, NAMED] as const);
  return {
    ...state,
    sheet: { ...state.sheet, scope, start, renew },
    inspection: { ...state.inspection, decisions: Object.fromEntries([...kept, ...named]) },
  };
}
