import { setsZeroPlay } from '@wendaxis/core/unit';

import { SleeveForm, SleevePicture } from '../features/preload/SleeveForm.tsx';
import { ClosingForm, ClosingPicture } from '../features/setting/ClosingForm.tsx';
import type { StepProps } from './stepProps.ts';

/** Whether the sleeve is crushed until the play is just gone, not to a rolling torque. */
function byPlay({ job: { state }, step }: StepProps): boolean {
  return setsZeroPlay(state.unit!.axes.find(({ id }) => id === step.axisId)!);
}

/** A sleeve is crushed to its rolling torque, or until the play is just gone. */
export function SleeveStep(props: StepProps) {
  const { job, step, onDone } = props;
  return byPlay(props) ? (
    <ClosingForm jobId={job.jobId} step={step} state={job.state} />
  ) : (
    <SleeveForm jobId={job.jobId} step={step} state={job.state} onDone={onDone} />
  );
}

/** What was read so far, drawn. */
export function SleeveStepPicture(props: StepProps) {
  const { job, step } = props;
  return byPlay(props) ? (
    <ClosingPicture step={step} state={job.state} />
  ) : (
    <SleevePicture step={step} state={job.state} />
  );
}
