import { FINDINGS, VERDICTS, type Finding, type FindingId } from '@wendaxis/core/inspect';
import type { MeasuredSuggestion } from '@wendaxis/core/plan';

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
