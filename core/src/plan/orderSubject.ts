import { UNKNOWN_PLACE } from '../arrangement/index.ts';
import { verdictOf, type JobState, type Spec } from '../job/index.ts';
import type { RunVerdict } from '../measure/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { playSite } from '../setters/index.ts';
import { specOf } from './specOf.ts';

/** What is to be ordered for before anything comes apart: the site, its limits, and the play as found. */
export interface OrderSubject {
  readonly site: Station;
  readonly spec: Spec;
  readonly verdict: Extract<RunVerdict, { status: 'judged' }>;
}

/**
 * Where sizes can be ordered for an axis by its play as found. Null without limits, without a reading that is judged, and where
 * nobody knows which way a shim works: nothing can be ordered then.
 */
export function orderSubject(state: JobState, axis: Axis): OrderSubject | null {
  const site = playSite(axis);
  const spec = specOf(state, axis.id, 'endPlay');
  if (site === undefined || site.place === UNKNOWN_PLACE || spec === null) return null;
  const run = state.measured.runs.findLast(
    (one) => one.specId === spec.specId && one.stage === 'asFound' && one.status === 'closed',
  );
  const verdict = run === undefined ? null : verdictOf(state, run);
  return verdict?.status === 'judged' ? { site, spec, verdict } : null;
}
