import { otherBench, type Run } from '@wendaxis/core/job';

import { thisBench } from '../../stores/thisBench.ts';
import { Notice } from '../../ui/Notice.tsx';

/** Says that another bench takes readings of the run that stands on this one. */
export function OtherBench({ run }: { readonly run: Run }) {
  const other = otherBench(run, thisBench());
  if (other === null) return null;
  return (
    <Notice tone="warn" title="Another bench is reading this run too">
      {other.inCycle
        ? 'It is within a cycle: wait for its return, or undo its readings of this cycle.'
        : 'A cycle is read at one bench: agree who goes on.'}
    </Notice>
  );
}
