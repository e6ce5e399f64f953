import { Link } from 'react-router';

import { actionFor } from '@wendaxis/core/plan';

import { buttonLook } from '../ui/Button.tsx';
import { actionWords } from '../wording/actionWords.ts';
import type { StepProps } from './stepProps.ts';

/** Steps that have pages of their own. They open when nothing before them is left. */
export function ElsewhereStep({ job: { jobId, state, next }, step }: StepProps) {
  const words = actionWords(actionFor(state, step));
  const now =
    ('step' in next && next.step.id === step.id) || ('run' in next && step.form === 'run');
  if (!now || words.path === null) return <p className="m-0">It opens when it is the next step.</p>;
  return (
    <Link className={`${buttonLook('main')} justify-self-start`} to={`/jobs/${jobId}${words.path}`}>
      {words.button}
    </Link>
  );
}
