import { jobEvent } from '../eventRow.ts';
import { JOB_SCOPE, requireInUnit, requireRenewal, withScope } from '../jobScope.ts';
import type { JobScope } from '../kinds.ts';

const SCOPE_WORDS: Readonly<Record<JobScope, string>> = {
  overhaul: 'all of it',
  renew: 'renewing',
  setPlay: 'setting the play only',
  findCause: 'finding the cause',
};

/** What the job is for changes while it is under way, or how the unit came is put right. */
export const scopeSet = jobEvent({
  type: 'ScopeSet',
  since: 1,
  data: JOB_SCOPE,
  joint: requireRenewal,
  says: ({ scope, renew = [] }, tell) => {
    const names = renew.map(({ stationId }) => tell.name(stationId)).join(', ');
    return `The job is now for ${[SCOPE_WORDS[scope], names].join(' ').trim()}`;
  },
  reduce: (state, { data }) => {
    if (state.unit === null) return 'the job is not open';
    requireInUnit(state.unit, data);
    return withScope(state, data);
  },
});
