import { useCallback } from 'react';
import { Link, useNavigate } from 'react-router';

import { actionFor } from '@wendaxis/core/plan';

import { buttonLook, Key } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { actionWords } from '../wording/actionWords.ts';
import type { StepProps } from './stepProps.ts';

/** Steps that have pages of their own. They can be opened early, but for the last. */
export function ElsewhereStep({ job: { jobId, state, next }, step }: StepProps) {
  const action = actionFor(state, step);
  const { path: page, button } = actionWords(action);
  const navigate = useNavigate();
  const isLast = action.kind === 'finishJob' && next.kind !== 'finishJob';
  const isOwn = page !== null && page !== '/step' && !isLast;
  const path = isOwn ? `/jobs/${jobId}${page}?step=${encodeURIComponent(step.id)}` : null;
  const go = useCallback(() => {
    if (path !== null) void navigate(path);
  }, [path, navigate]);
  useShortcut(['Enter'], go, path !== null);
  if (path === null)
    return (
      <p className="m-0">
        {isLast
          ? 'It comes last: everything before it is done first.'
          : 'It wants something first: limits for a run, a run for a pack, a pack that was chosen.'}
      </p>
    );
  return (
    <Link className={`${buttonLook('main')} min-h-16 justify-self-start text-2xl`} to={path}>
      {button} <Key name="Enter" />
    </Link>
  );
}
