import { useCallback } from 'react';
import { useNavigate } from 'react-router';

import { TickForm } from '../features/plan/TickForm.tsx';
import { MainAction } from '../ui/ActionBar.tsx';
import type { StepProps } from './stepProps.ts';

/** A part is heated on its own page; here it is said that it is hot. */
export function HeatStep({ job: { jobId }, step, onDone }: StepProps) {
  const navigate = useNavigate();
  const go = useCallback(
    () => void navigate(`/jobs/${jobId}/heat?part=${step.partId}`),
    [jobId, step.partId, navigate],
  );
  return (
    <>
      <MainAction onClick={go}>To the heat plan</MainAction>
      <TickForm jobId={jobId} step={step} onDone={onDone} words="It is hot" />
    </>
  );
}
