import { Link } from 'react-router';

import { buttonLook } from '../ui/Button.tsx';
import type { StepProps } from './stepProps.ts';

/** What cannot be so is put right where it is described. */
export function MendStep({ job: { jobId }, step }: StepProps) {
  return (
    <Link className={buttonLook('main')} to={`/jobs/${jobId}/describe?station=${step.stationId}`}>
      To its description
    </Link>
  );
}
