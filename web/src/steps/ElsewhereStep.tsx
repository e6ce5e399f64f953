import { useCallback } from 'react';
import { Link, useNavigate } from 'react-router';

import { actionFor } from '@wendaxis/core/plan';

import { buttonLook, Key } from '../ui/Button.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { actionWords } from '../wording/actionWords.ts';
import type { StepProps } from './stepProps.ts';

/** Steps that have pages of their own. They open when nothing before them is left. */
export function ElsewhereStep({ job: { jobId, state, next }, step }: StepProps) {
  const words = actionWords(actionFor(state, step));
  const now =
    ('step' in next && next.step.id === step.id) || ('run' in next && step.form === 'run');
  const navigate = useNavigate();
  const path = now && words.path !== null ? `/jobs/${jobId}${words.path}` : null;
  const go = useCallback(() => {
    if (path !== null) void navigate(path);
  }, [path, navigate]);
  useShortcut(['Enter'], go, path !== null);
  if (path === null) return <p className="m-0">It opens when it is the next step.</p>;
  return (
    <Link className={`${buttonLook('main')} min-h-16 justify-self-start text-2xl`} to={path}>
      {words.button} <Key name="Enter" />
    </Link>
  );
}
