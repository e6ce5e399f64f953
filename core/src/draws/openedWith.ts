import { JOB_SCOPES, JOB_STARTS, type JobEventData, type JobScope } from '../job/index.ts';
import type { Unit } from '../unit/index.ts';
import type { Draws } from './draws.ts';

/** A unit booked in for something or other: of a job to renew, one or two of its stations. */
export function openedWith(draws: Draws, unit: Unit): JobEventData['JobOpened'] {
  const stations = unit.axes.flatMap((axis) => axis.stations);
  const scope = draws.one<JobScope>(stations.length === 0 ? ['overhaul', 'setPlay'] : JOB_SCOPES);
  const renew = Array.from({ length: scope === 'renew' ? draws.whole(1, 2) : 0 }, () => ({
    stationId: draws.one(stations).id,
  }));
  const start = draws.one(JOB_STARTS);
  return { unit, reason: '', scope, start, ...(renew.length === 0 ? {} : { renew }) };
}
