import { useCallback } from 'react';
import { useNavigate } from 'react-router';

import { actionFor } from '@wendaxis/core/plan';

import { MainAction } from '../ui/ActionBar.tsx';
import { actionWords } from '../wording/actionWords.ts';
import type { StepProps } from './stepProps.ts';

/** Steps that have pages of their own. They can be opened early, but for the last. */
export function ElsewhereStep({ job: { jobId, state, next }, step }: StepProps) {
  const action = actionFor(state, step);
  const { path: page, button } = actionWords(action);
  const navigate = useNavigate();
  const isLast = action.kind === 'finishJob' && next.kind !== 'finishJob';
  const isOwn = page !== null && page !== '/step' && !isLast;
  const go = useCallback(
    () => void navigate(`/jobs/${jobId}${page}?step=${encodeURIComponent(step.id)}`),
    [jobId, page, step.id, navigate],
  );
  if (isOwn) return <MainAction onClick={go}>{button}</MainAction>;
  return (
    <p className="m-0 text-lg font-semibold">
      {isLast
        ? 'The last step: everything before it first.'
        : 'It needs something first: limits for a measurement, a measurement for a pack, a pack to fit.'}
    </p>
  );
}
