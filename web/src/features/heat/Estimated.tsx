import { Link } from 'react-router';

import type { PartEstimate } from '@wendaxis/core/plan';
import type { Part } from '@wendaxis/core/unit';

import { useUnits } from '../../ui/useUnits.ts';

interface Props {
  readonly jobId: string;
  readonly part: Part;
  /** Null where both are described. */
  readonly estimate: PartEstimate | null;
}

/** That weight and surface of a part are estimated, what that does to its plan, and the way to enter them. */
export function Estimated({ jobId, part, estimate }: Props) {
  const units = useUnits();
  if (estimate === null) return null;
  const { body, spread, wall, isWallKnown } = estimate;
  const field = isWallKnown ? 'mass' : 'wall';
  return (
    <p className="bg-panel border-edge m-0 rounded-[3px] border-2 p-3">
      Estimated by its wall of {units.show(wall, 'length', 0)}
      {isWallKnown ? '' : ', as is usual'}: {units.show(body.mass, 'mass', 1)}, surface{' '}
      {units.show(body.area, 'area', 2)}. It may cool {spread} times as fast and warm {spread} times
      as slowly: the time in the oven is told longer for it, the time to work in shorter.{' '}
      <Link
        className="text-ink font-semibold"
        to={`/jobs/${jobId}/describe?part=${part.id}&field=${field}`}
      >
        {isWallKnown ? 'Weigh it' : 'Enter its wall'}
      </Link>
    </p>
  );
}
