import { InputError, type InputFault } from '../faults/index.ts';
import { depthShim, type DepthAnswer, type Known } from '../gears/index.ts';
import { packUncertainty, type DepthRow, type JobState } from '../job/index.ts';
import { decide, NORMAL_FACTOR, type Decision } from '../measure/index.ts';
import { packThickness } from '../shims/index.ts';
import type { AxisMesh } from './pairGears.ts';
import { sizeUncertainty } from './seats.ts';
import { specOf } from './specOf.ts';

/** The depth of a pinion as far as it is known. mm. */
export interface PairDepth {
  readonly row: DepthRow;
  /** The shim that is wanted; or what cannot be so in what was read. */
  readonly answer: DepthAnswer | InputFault;
  /** Null where the sign of the etching is still asked, or what was read contradicts itself. */
  readonly wanted: Known | null;
  /** What is in; null where nothing was recorded. */
  readonly inPlace: number | null;
  /** How far the pinion stands off its depth with that, too far from the ring gear above zero. */
  readonly off: Known | null;
  /** Null without limits, or without what it stands off. */
  readonly decision: Decision | null;
}

/** The depth by what was last read of it; null where nothing was. */
export function pairDepth(state: JobState, of: AxisMesh): PairDepth | null {
  const { mesh, pinion } = of;
  const row = state.measured.depths.findLast(({ meshId }) => meshId === mesh.id);
  if (row === undefined) return null;
  const answer = answerOf(row, of);
  const shim = 'status' in answer && answer.status === 'known' ? answer.shim : null;
  const wanted: Known | null =
    shim === null ? null : { value: shim.thickness, uncertainty: shim.uncertainty };
  const pack = mesh.depthAt === null ? undefined : state.setting.packs[mesh.depthAt];
  const inPlace = pack === undefined ? null : packThickness(pack.pieces);
  const off =
    wanted === null || inPlace === null
      ? null
      : {
          value: (mesh.thicker === 'towards' ? 1 : -1) * (wanted.value - inPlace),
          uncertainty: Math.hypot(wanted.uncertainty, packUncertainty(pack!.pieces)),
        };
  const spec = pinion === null ? null : specOf(state, pinion.id, 'depth');
  const decision =
    off === null || spec === null
      ? null
      : decide(off.value, off.value, spec.band, NORMAL_FACTOR * off.uncertainty);
  return { row, answer, wanted, inPlace, off, decision };
}

/** Whether marks were made after a depth was worked out: they have the last word on it. */
export const isOverruled = ({ measured }: JobState, { row }: PairDepth): boolean =>
  measured.patterns.some(({ meshId, order }) => meshId === row.meshId && order > row.order);

function answerOf(
  { method, lengths, sign, instrument }: DepthRow,
  { mesh }: AxisMesh,
): DepthAnswer | InputFault {
  try {
    return depthShim({
      method,
      lengths,
      sign: sign ?? mesh.etchingSign,
      thicker: mesh.thicker,
      uncertainty: sizeUncertainty({ instrument }),
    });
  } catch (error) {
    if (error instanceof InputError) return error.faults[0]!;
    throw error;
  }
}
