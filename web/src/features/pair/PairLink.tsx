import { Link } from 'react-router';

import type { JobState } from '@wendaxis/core/job';
import { meshAt } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly axis: Axis;
}

/** The way to ring and pinion as one set-up, from anything that is a part of it. */
export function PairLink({ jobId, state, axis }: Props) {
  const of = meshAt(state.unit!, axis);
  if (of === null) return null;
  return (
    <Link
      className="text-ink inline-flex min-h-12 items-center justify-self-start font-semibold"
      to={`/jobs/${jobId}/pair/${of.carrier.id}`}
    >
      Ring and pinion as one
    </Link>
  );
}
