import { Link } from 'react-router';

import { TickForm } from '../features/plan/TickForm.tsx';
import { buttonLook } from '../ui/Button.tsx';
import type { StepProps } from './stepProps.ts';

/** A part is heated on its own page; here it is said that it is hot. */
export function HeatStep({ job: { jobId }, step, onDone }: StepProps) {
  return (
    <>
      <Link
        className={`${buttonLook('main')} justify-self-start`}
        to={`/jobs/${jobId}/heat?part=${step.partId}`}
      >
        To the heat plan
      </Link>
      <TickForm jobId={jobId} step={step} onDone={onDone} words="It is hot" />
    </>
  );
}
