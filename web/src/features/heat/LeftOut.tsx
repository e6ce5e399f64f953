import { Link } from 'react-router';

import { WAYS } from '@wendaxis/core/heat';
import type { JobState } from '@wendaxis/core/job';
import type { Part } from '@wendaxis/core/unit';
import { leftOut, wayTaken } from '@wendaxis/core/plan';

interface Props {
  readonly jobId: string;
  readonly state: JobState;
  readonly part: Part;
}

/** Rings that go in by a way without the oven, and the way to them: there another way can be chosen. */
export function LeftOut({ jobId, state, part }: Props) {
  const rows = leftOut(state, part);
  if (rows.length === 0) return null;
  return (
    <p className="m-0 text-lg">
      Not from the oven:{' '}
      {rows.map((station) => {
        const way = wayTaken(state, station, 'outer');
        return (
          <Link
            key={station.id}
            className="text-ink mr-4 font-semibold"
            to={`/jobs/${jobId}/step/${encodeURIComponent(`seatOuter:${station.id}`)}`}
          >
            {station.name}
            {way === null ? '' : `, ${WAYS[way].words.toLowerCase()}`}
          </Link>
        );
      })}
    </p>
  );
}
