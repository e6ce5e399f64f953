import { verdictOf, type JobState, type RunStage } from '@wendaxis/core/job';

import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';

const STAGE: Readonly<Record<RunStage, string>> = {
  asFound: 'As found',
  trial: 'Trial',
  final: 'With the new pack',
};

/** Every run of the job with its verdict. */
export function RunTable({ state }: { readonly state: JobState }) {
  const units = useUnits();
  if (state.measured.runs.length === 0) return <p className="m-0">No measurement yet.</p>;
  return (
    <table className="w-full border-collapse text-lg">
      <thead>
        <tr className="small-label text-left">
          {['Run', 'Indicator', 'End play', 'Verdict'].map((name) => (
            <th key={name} className="py-1 pr-3 font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {state.measured.runs.map((run) => {
          const verdict = verdictOf(state, run);
          const judged =
            verdict?.status === 'judged' && run.status !== 'abandoned' ? verdict : null;
          return (
            <tr key={run.runId} className="border-edge border-t">
              <td className="py-1.5 pr-3">
                {STAGE[run.stage]}
                {run.status === 'open' && ' (open)'}
              </td>
              <td className="py-1.5 pr-3">{run.instrument.name}</td>
              <td className="figure py-1.5 pr-3">
                {judged === null
                  ? '–'
                  : `${units.digits(judged.value.mean)} ± ${units.show(judged.decision.guard)}`}
              </td>
              <td className="py-1.5">
                {judged === null ? (
                  run.status === 'abandoned' ? (
                    'Given up'
                  ) : (
                    'None yet'
                  )
                ) : (
                  <Verdict word={judged.decision.word} size="small" />
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
