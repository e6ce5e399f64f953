import { CompareForm } from '../features/plan/CompareForm.tsx';
import { SizesForm } from '../features/plan/SizesForm.tsx';
import type { StepProps } from './stepProps.ts';

/** The new bearing against the old, and the new ring itself measured where that is wanted. */
export function CompareStep({ job: { jobId, state }, step }: StepProps) {
  return (
    <>
      <CompareForm jobId={jobId} step={step} state={state} />
      {step.sizes.length > 0 && (
        <details>
          <summary className="min-h-12 cursor-pointer text-lg font-semibold">
            Measure the new ring itself: the fit is then known closer than its class
          </summary>
          <SizesForm jobId={jobId} step={step} state={state} />
        </details>
      )}
    </>
  );
}
