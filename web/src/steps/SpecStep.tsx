import { SpecForm } from '../features/axis/SpecForm.tsx';
import type { StepProps } from './stepProps.ts';

/** The band of a figure is entered. */
export function SpecStep({ job: { jobId, state }, step, onDone }: StepProps) {
  const { axes } = state.unit!;
  const axis = axes.find(({ id }) => id === step.axisId)!;
  return <SpecForm jobId={jobId} axis={axis} kind={step.specKind!} axes={axes} onSet={onDone} />;
}
