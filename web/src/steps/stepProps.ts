import type { Step } from '@wendaxis/core/plan';

import type { OpenJob } from '../stores/useJob.ts';

/** What every form of a step is given. */
export interface StepProps {
  readonly job: OpenJob;
  readonly step: Step;
  /** The step is behind: on to the next. */
  readonly onDone: () => void;
}
