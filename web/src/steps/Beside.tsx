import type { ComponentType } from 'react';

import { settersOf, spacerSetter, type BesideId } from '@wendaxis/core/plan';

import { WaysOutPanel } from '../features/heat/WaysOutPanel.tsx';
import { OrderPanel } from '../features/pack/OrderPanel.tsx';
import { PlayTermsPanel } from '../features/setting/PlayTermsPanel.tsx';
import { WorkedOutPanel } from '../features/setting/WorkedOutPanel.tsx';
import { WorkingTime } from '../features/setting/WorkingTime.tsx';
import type { StepProps } from './stepProps.ts';

const BESIDE: Readonly<Record<BesideId, ComponentType<StepProps>>> = {
  playTerms: PlayTerms,
  packOrder: PackOrder,
  playWorkedOut: PlayWorkedOut,
  workingTime: CompoundTime,
  waysOut: WaysOut,
};

/** What is asked and shown beside a step. */
export function Beside(props: StepProps) {
  return props.step.beside.map((id) => {
    const Panel = BESIDE[id];
    return <Panel key={id} {...props} />;
  });
}

/** What will not be the same in the final build, where anything is set. */
function PlayTerms({ job: { jobId, state }, step }: StepProps) {
  const axis = state.unit!.axes.find(({ id }) => id === step.axisId);
  if (axis === undefined) return null;
  if (settersOf(axis).length === 0 && spacerSetter(axis) === null) return null;
  return <PlayTermsPanel jobId={jobId} axis={axis} state={state} />;
}

/** What the play found lets order before the strip-down. */
function PackOrder({ job: { state }, step }: StepProps) {
  return step.specKind === 'endPlay' ? <OrderPanel step={step} state={state} /> : null;
}

/** The play from depths, where its limits are entered. */
function PlayWorkedOut({ job: { jobId, state }, step }: StepProps) {
  const spec = state.specs.find(
    ({ axisId, kind }) => axisId === step.axisId && kind === step.specKind,
  );
  return spec === undefined ? null : <WorkedOutPanel jobId={jobId} state={state} spec={spec} />;
}

/** How long what was put on may be worked. */
function CompoundTime({ job: { jobId, state }, step: { stationId } }: StepProps) {
  return stationId === null ? null : (
    <WorkingTime jobId={jobId} state={state} stationId={stationId} />
  );
}

/** How a ring is got out. */
function WaysOut({ job: { state }, step: { stationId, held } }: StepProps) {
  return stationId === null ? null : (
    <WaysOutPanel state={state} stationId={stationId} rings={held} />
  );
}
