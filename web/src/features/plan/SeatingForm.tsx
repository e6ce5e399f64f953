import type { JobState } from '@wendaxis/core/job';
import type { Step } from '@wendaxis/core/plan';
import { SEATING_CHECKS, type SeatingCheckId } from '@wendaxis/core/seating';

import { record } from '../../stores/jobSync.ts';
import { MainAction } from '../../ui/ActionBar.tsx';
import { Button } from '../../ui/Button.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { SizesForm } from './SizesForm.tsx';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly state: JobState;
  readonly onDone: () => void;
}

/** Is it home: each check answered with yes or no, and the depth where it has to be measured. */
export function SeatingForm({ jobId, step, state, onDone }: Props) {
  const units = useUnits();
  const targetId = step.stationId ?? step.axisId!;
  const answers = state.fitting.seating[targetId] ?? {};
  const open = step.checks.filter((check) => answers[check] === undefined);
  const say = (check: SeatingCheckId, good: boolean): void =>
    record(jobId, 'SeatChecked', { targetId, check, good });
  // With a check that is not OK, or a depth still to measure, its remedy stays in sight.
  const isAllGood =
    step.sizes.length === 0 && step.checks.every((check) => answers[check]?.good !== false);
  const allGood = (): void => {
    open.forEach((check) => say(check, true));
    if (isAllGood) onDone();
  };
  return (
    <div className="grid gap-4">
      {step.sizes.length > 0 && <SizesForm jobId={jobId} step={step} state={state} />}
      <ul className="m-0 grid list-none gap-2 p-0" aria-label="Checks">
        {step.checks.map((check) => {
          const { words, remedy } = SEATING_CHECKS[check];
          const good = answers[check]?.good;
          return (
            <li key={check} className="bg-panel border-edge grid gap-2 rounded-[3px] border-2 p-3">
              <div className="grid grid-cols-[1fr_auto] items-center gap-3">
                <span className="text-xl font-semibold">{units.told(words)}</span>
                <span role="group" aria-label={words} className="flex gap-2">
                  <Button
                    aria-pressed={good === true}
                    className={good === true ? 'border-good! text-good min-w-24' : 'min-w-24'}
                    onClick={() => say(check, true)}
                  >
                    {good === true ? '✓ Yes' : 'Yes'}
                  </Button>
                  <Button
                    aria-pressed={good === false}
                    className={good === false ? 'border-bad! text-bad min-w-24' : 'min-w-24'}
                    onClick={() => say(check, false)}
                  >
                    {good === false ? '✕ No' : 'No'}
                  </Button>
                </span>
              </div>
              {good === false && (
                <p role="alert" className="tape-note m-0 p-2 pl-3">
                  {units.told(remedy)}
                </p>
              )}
            </li>
          );
        })}
      </ul>
      {open.length > 0 && (
        <MainAction onClick={allGood}>{open.length > 1 ? 'All OK' : 'It is OK'}</MainAction>
      )}
    </div>
  );
}
