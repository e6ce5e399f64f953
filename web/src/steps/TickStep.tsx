import { isOnHeater } from '@wendaxis/core/plan';

import { TickForm } from '../features/plan/TickForm.tsx';
import type { StepProps } from './stepProps.ts';

/** A step that is done when somebody says so; while its ring is on the heater no key says it by habit. */
export function TickStep({ job: { jobId, state }, step, onDone }: StepProps) {
  const underWay = step.stationId !== null && isOnHeater(state, step.stationId);
  return <TickForm jobId={jobId} step={step} onDone={onDone} underWay={underWay} />;
}
