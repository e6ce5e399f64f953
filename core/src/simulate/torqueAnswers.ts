import type { JobEventData, JobState } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import type { Step } from '../plan/index.ts';
import type { Recorded } from './recorded.ts';

/** A wrench for small torques, invented. */
const WRENCH = {
  id: 'beam',
  name: 'Beam wrench',
  graduation: 0.02,
  calibrationUncertainty: 0.01,
  least: 0.05,
  most: 6,
};

/** Drag of an imagined seal, N·m. */
const SEAL_DRAG = 0.3;

export function reading(
  step: Step,
  rest: Pick<JobEventData['TorqueRead'], 'stage' | 'what' | 'value' | 'angle'>,
): Recorded {
  return {
    type: 'TorqueRead',
    data: {
      axisId: step.axisId!,
      steady: true,
      square: true,
      typed: String(rest.value),
      device: null,
      tool: WRENCH,
      pull: null,
      nutTorque: null,
      endPlay: null,
      ...rest,
    },
  };
}

/** Two readings that agree: of the seal alone, or of what the band wants. */
export function torques(
  state: JobState,
  step: Step,
  spec: JobState['specs'][number] | undefined,
): readonly Recorded[] {
  const asFound = step.stage === 'asFound';
  const what = step.reads;
  const drag =
    asFound ||
    what === 'sealDrag' ||
    state.measured.torques.every((row) => row.axisId !== step.axisId || row.what !== 'sealDrag')
      ? 0
      : SEAL_DRAG;
  const value = what === 'sealDrag' ? SEAL_DRAG : round(bandTarget(spec!.band) + drag);
  const one = reading(step, {
    stage: asFound ? 'asFound' : what === 'sealDrag' ? 'trial' : 'final',
    what,
    value,
    angle: null,
  });
  return [one, one];
}

export function crush(
  state: JobState,
  step: Step,
  angle: number,
  above: number,
): readonly Recorded[] {
  const included = state.specs.some(
    (row) => row.axisId === step.axisId && row.sealDrag === 'included',
  );
  const one = reading(step, {
    stage: 'crush',
    what: 'bearings',
    value: round((included ? 0 : SEAL_DRAG) + above),
    angle,
  });
  return [one, one];
}

export function round(mm: number): number {
  return Math.round(mm * 1000) / 1000;
}
