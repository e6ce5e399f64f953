import {
  FINDINGS,
  findingsOf,
  PART_FINDINGS,
  VERDICTS,
  type Finding,
  type FindingId,
} from '@wendaxis/core/inspect';
import type { MeasuredSuggestion, Step } from '@wendaxis/core/plan';
import { findStation, type Unit } from '@wendaxis/core/unit';

/** What may be found on the target of a step. */
export function possibleFindings(unit: Unit, { stationId, partId }: Step): readonly FindingId[] {
  if (stationId !== null) {
    const station = findStation(unit, stationId)?.station;
    return station === undefined ? [] : findingsOf(station.kind);
  }
  const part = unit.parts.find(({ id }) => id === partId);
  return part === undefined ? [] : PART_FINDINGS[part.kind];
}

/** What was seen and measured comes to: the gravest decides; its repair comes with it, and every reason. */
export function suggestionFrom(
  seen: readonly FindingId[],
  measured: readonly MeasuredSuggestion[] = [],
): MeasuredSuggestion | null {
  const rows = [
    ...measured,
    ...seen.map((id): MeasuredSuggestion => {
      const { verdict, repair, words }: Finding = FINDINGS[id];
      return { verdict, repair: repair ?? null, reason: words };
    }),
  ];
  if (rows.length === 0) return null;
  const gravest = rows.toSorted(
    (a, b) => VERDICTS.indexOf(b.verdict) - VERDICTS.indexOf(a.verdict),
  )[0]!;
  return { ...gravest, reason: rows.map(({ reason }) => reason).join(', ') };
}
