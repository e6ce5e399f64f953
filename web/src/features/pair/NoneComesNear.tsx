import { Link } from 'react-router';

import type { Band } from '@wendaxis/core/measure';
import { leavesOutMark, type AxisMesh, type PairDepth } from '@wendaxis/core/plan';

import { Notice } from '../../ui/Notice.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { WorkshopLink } from '../../ui/WorkshopLink.tsx';

interface NoneProps {
  readonly jobId: string;
  readonly of: AxisMesh;
  readonly depth: PairDepth;
  readonly band: Band;
}

/** What can be done where no pack of the box comes near: other limits, another size, or one made to it. */
export function NoneComesNear({ jobId, of, depth, band }: NoneProps) {
  const units = useUnits();
  const limits = `/jobs/${jobId}/step/${encodeURIComponent(`setSpec:${of.pinion!.id}:depth`)}`;
  return leavesOutMark(band) ? (
    <Notice tone="warn" title="The limits leave out the mark itself">
      They say how far the pinion may stand from its mark, either way, and not how thick its shim
      is.{' '}
      <Link className="text-ink font-semibold" to={limits}>
        Look at the limits
      </Link>
    </Notice>
  ) : (
    <Notice tone="warn" title="Nothing in the box comes near">
      <p className="m-0">
        Order {units.show(depth.wanted!.value)}, or have a thicker one ground to it.
      </p>
      <WorkshopLink to="box">Put another size into the box</WorkshopLink>
    </Notice>
  );
}
