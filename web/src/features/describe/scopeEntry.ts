import type { JobEventData, JobScope, JobStart } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

/** How the unit came, and what the job is for, as it is entered. */
export interface ScopeEntry {
  readonly start: JobStart;
  readonly scope: JobScope;
  /** Ids of stations. They are kept when another unit is taken, and count where it has them. */
  readonly renew: readonly string[];
}

export const WHOLE_JOB: ScopeEntry = { start: 'running', scope: 'overhaul', renew: [] };

/** What is recorded of it for a unit; null while something to renew is not named yet. */
export function scopeOf(
  unit: Unit,
  { start, scope, renew }: ScopeEntry,
): Pick<JobEventData['JobOpened'], 'scope' | 'start' | 'renew'> | null {
  if (scope !== 'renew') return { scope, start };
  const ids = new Set(unit.axes.flatMap(({ stations }) => stations.map(({ id }) => id)));
  const known = renew.filter((id) => ids.has(id));
  return known.length === 0
    ? null
    : { scope, start, renew: known.map((stationId) => ({ stationId })) };
}
