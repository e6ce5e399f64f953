import { Link } from 'react-router';

import type { JobState } from '@wendaxis/core/job';
import { meanwhile, type Plan } from '@wendaxis/core/plan';
import type { Part } from '@wendaxis/core/unit';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly plan: Plan;
  readonly part: Part;
}

/** What can go on while the part is in the oven. */
export function Meanwhile({ jobId, state, plan, part }: Props) {
  const step = meanwhile(state, plan, part);
  return step === null ? null : (
    <Link
      className="bg-panel border-edge text-ink grid min-h-14 rounded-[3px] border-2 px-4 py-2 text-xl font-semibold no-underline"
      to={`/jobs/${jobId}/step/${encodeURIComponent(step.id)}`}
    >
      <span className="small-label">Meanwhile</span>
      {step.title}
    </Link>
  );
}
