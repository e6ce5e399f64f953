import { findingsOf, PART_FINDINGS, type FindingId } from '../inspect/index.ts';
import { findStation, type Unit } from '../unit/index.ts';
import type { Step } from './step.ts';

/** What may be found on the target of a step; first what is found where nothing is wrong. */
export function possibleFindings(
  unit: Unit,
  { stationId, partId }: Pick<Step, 'stationId' | 'partId'>,
): readonly FindingId[] {
  if (stationId !== null) {
    const station = findStation(unit, stationId)?.station;
    return station === undefined ? [] : findingsOf(station);
  }
  const part = unit.parts.find(({ id }) => id === partId);
  return part === undefined ? [] : PART_FINDINGS[part.kind];
}
