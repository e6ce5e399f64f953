import type { Reading } from '@wendaxis/core/job';
import type { RunVerdict } from '@wendaxis/core/measure';

import { useUnits } from '../../ui/useUnits.ts';
import { FLAW_WORDS } from '../../wording/verdictWords.ts';

/** The cycles so far: travel, return to zero, and whether each counts. The newest is at the top. */
export function CycleList({
  verdict,
  partial,
}: {
  readonly verdict: RunVerdict;
  readonly partial: readonly Reading[];
}) {
  const units = useUnits();
  const seating = verdict.status === 'judged' ? verdict.value.seating : 0;
  const counted = verdict.cycles.filter(({ flaw }) => flaw === null);
  const rows = verdict.cycles.map((cycle, index) => ({ cycle, number: index + 1 })).toReversed();
  return (
    <div className="max-h-60 overflow-y-auto" tabIndex={0} role="region" aria-label="Cycles">
      <table className="w-full border-collapse text-lg">
        <thead>
          <tr className="small-label text-left">
            <th className="py-1 pr-3 font-semibold">Cycle</th>
            <th className="py-1 pr-3 text-right font-semibold">Travel</th>
            <th className="py-1 pr-3 text-right font-semibold">Return error</th>
            <th className="py-1 font-semibold">Counts</th>
          </tr>
        </thead>
        <tbody>
          {partial.length > 0 && (
            <tr className="border-edge border-t">
              <td className="py-1.5 pr-3">{verdict.cycles.length + 1}</td>
              <td colSpan={3} className="text-soft py-1.5">
                {partial
                  .map(({ value }, index) => `${['zero', 'lift'][index]} ${units.digits(value)}`)
                  .join(', ')}
              </td>
            </tr>
          )}
          {rows.map(({ cycle, number }) => (
            <tr key={number} className="border-edge border-t align-top">
              <td className="py-1.5 pr-3">{number}</td>
              <td className="figure py-1.5 pr-3 text-right">{units.digits(cycle.travel)}</td>
              <td className="figure py-1.5 pr-3 text-right">{units.digits(cycle.drift)}</td>
              <td className={`py-1.5 ${cycle.flaw === null ? '' : 'text-bad'}`}>
                {cycle.flaw !== null
                  ? `No. ${FLAW_WORDS[cycle.flaw]}`
                  : counted.indexOf(cycle) < seating
                    ? 'Was seating'
                    : 'Yes'}
                {cycle.position !== null && (
                  <span className="text-soft"> at {cycle.position}°</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && partial.length === 0 && (
        <p className="text-soft m-0 py-2">No cycle yet. Three that agree make a verdict.</p>
      )}
    </div>
  );
}
