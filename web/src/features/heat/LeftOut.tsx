import { Link } from 'react-router';

import { WAYS } from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';
import { leftOut } from '@wendaxis/core/plan';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly partId: string;
}

/** Rings for which a way without the oven was chosen, and the way to them. */
export function LeftOut({ jobId, state, partId }: Props) {
  const rows = leftOut(state, partId);
  if (rows.length === 0) return null;
  return (
    <p className="m-0 text-lg">
      Not from the oven:{' '}
      {rows.map(({ id, name }) => (
        <Link
          key={id}
          className="text-ink mr-4 font-semibold"
          to={`/jobs/${jobId}/step/${encodeURIComponent(`seatOuter:${id}`)}`}
        >
          {name}, {WAYS[state.fitting.ways[id]!.outer!.way].words.toLowerCase()}
        </Link>
      ))}
    </p>
  );
}
