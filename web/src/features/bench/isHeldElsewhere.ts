import { otherBench, type Run } from '@wendaxis/core/job';

import { thisBench } from '../../stores/thisBench.ts';

/** Whether a cycle of the run is being read at another bench: nothing is taken at this one until it is through. */
export const isHeldElsewhere = (run: Run): boolean =>
  otherBench(run, thisBench())?.inCycle === true;
