import {
  FINDINGS,
  FINDINGS_OF,
  PART_FINDINGS,
  VERDICTS,
  type Finding,
  type FindingId,
  type InspectionVerdict,
  type RepairId,
} from '@wendaxis/core/inspect';
import type { Step } from '@wendaxis/core/plan';
import { findStation, type Unit } from '@wendaxis/core/unit';

/** What may be found on the target of a step. */
export function possibleFindings(unit: Unit, { stationId, partId }: Step): readonly FindingId[] {
  if (stationId !== null) {
    const station = findStation(unit, stationId)?.station;
    return station === undefined ? [] : FINDINGS_OF[station.kind];
  }
  const part = unit.parts.find(({ id }) => id === partId);
  return part === undefined ? [] : PART_FINDINGS[part.kind];
}

/** What the findings come to: the gravest of them decides; its repair and its reason come with it. */
export interface Suggestion {
  readonly verdict: InspectionVerdict;
  readonly repair: RepairId | null;
  readonly reason: string;
}

/** The verdict that follows from what was seen; null while nothing is marked. */
export function suggestionFrom(seen: readonly FindingId[]): Suggestion | null {
  if (seen.length === 0) return null;
  const rows: readonly Finding[] = seen.map((id) => FINDINGS[id]);
  const gravest = rows.toSorted((a, b) => VERDICTS.indexOf(b.verdict) - VERDICTS.indexOf(a.verdict))[0]!; // prettier-ignore
  return {
    verdict: gravest.verdict,
    repair: gravest.repair ?? null,
    reason: rows.map(({ words }) => words).join(', '),
  };
}
