import { findingsOf, PART_FINDINGS, type FindingId } from '../inspect/index.ts';
import type { JobState } from '../job/index.ts';
import { findStation, isPressed } from '../unit/index.ts';
import type { Step } from './step.ts';

/** Whether something that is spoiled by coming out has come out: a bush, or a drawn cup that was pressed out of its bore. */
function isSpoiled({ unit, steps }: JobState, stationId: string): boolean {
  const station = findStation(unit!, stationId)?.station;
  return (
    station !== undefined && isPressed(station) && steps[`pull:${stationId}`]?.status === 'done'
  );
}

/** What may be found on the target of a step; first what is found where nothing is wrong. */
export function possibleFindings(
  state: JobState,
  { stationId, partId }: Pick<Step, 'stationId' | 'partId'>,
): readonly FindingId[] {
  const unit = state.unit!;
  if (stationId !== null) {
    const station = findStation(unit, stationId)?.station;
    return station === undefined ? [] : findingsOf(station, isSpoiled(state, stationId));
  }
  const part = unit.parts.find(({ id }) => id === partId);
  return part === undefined ? [] : PART_FINDINGS[part.kind];
}
