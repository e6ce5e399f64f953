import { PATTERN_IDEAL } from '../gears/index.ts';
import type { JobState, Spec } from '../job/index.ts';
import { bandTarget, type Instrument } from '../measure/index.ts';
import { builtPlay, meshAt, type Step } from '../plan/index.ts';
import { packThickness } from '../shims/index.ts';
import type { Recorded } from './recorded.ts';

const axisOf = (state: JobState, { axisId }: Step) =>
  state.unit!.axes.find(({ id }) => id === axisId)!;

/** A backlash that is the middle of its limits all round. */
export function backlashAnswer(
  state: JobState,
  step: Step,
  { specId, band }: Spec,
  instrument: Instrument,
): readonly Recorded[] {
  const play = builtPlay(state, axisOf(state, step), 'endPlay')?.value ?? 0;
  const value = bandTarget(band);
  return [
    {
      type: 'BacklashRead',
      data: {
        specId,
        stage: step.stage ?? 'final',
        held: step.stage === 'trial' && play > 0 ? 'other' : 'preload',
        contact: 'squareToFlank',
        places: [0, 90, 180, 270].map((angle) => ({ angle, value, face: null })),
        instrument,
      },
    },
  ];
}

/** A depth that is right with the shim that was in; before it comes out only where it runs. */
export function depthAnswer(
  state: JobState,
  step: Step,
  instrument: Instrument,
): readonly Recorded[] {
  const { mesh } = meshAt(state.unit!, axisOf(state, step))!;
  const pack = mesh.depthAt === null ? undefined : state.setting.packs[mesh.depthAt];
  const asFound = step.stage === 'asFound';
  const oldShim = pack === undefined ? 1 : packThickness(pack.pieces);
  return [
    {
      type: 'DepthTaken',
      data: {
        meshId: mesh.id,
        method: asFound ? 'witness' : 'oldShim',
        lengths: asFound ? { depthBefore: 40 } : { oldShim },
        sign: null,
        instrument,
      },
    },
  ];
}

/** Marks that are where they should be. */
export function patternAnswer(state: JobState, step: Step): readonly Recorded[] {
  const { mesh } = meshAt(state.unit!, axisOf(state, step))!;
  return [
    {
      type: 'PatternMarked',
      data: {
        meshId: mesh.id,
        drive: PATTERN_IDEAL,
        coast: PATTERN_IDEAL,
        ...(step.stage === 'asFound' ? { stage: 'asFound' } : {}),
      },
    },
  ];
}
