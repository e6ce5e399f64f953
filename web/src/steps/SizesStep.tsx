import { SizesForm } from '../features/plan/SizesForm.tsx';
import { TickForm } from '../features/plan/TickForm.tsx';
import type { StepProps } from './stepProps.ts';

/** Sizes at several places; not all of them have to be measured. */
export function SizesStep({ job: { jobId, state }, step, onDone }: StepProps) {
  return (
    <>
      <SizesForm jobId={jobId} step={step} state={state} />
      {step.status !== 'done' && (
        <TickForm jobId={jobId} step={step} onDone={onDone} words="Enough measured" inHand />
      )}
    </>
  );
}
