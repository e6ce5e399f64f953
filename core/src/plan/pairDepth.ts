import { orRefused, type InputFault } from '../faults/index.ts';
import type { DepthAnswer, Known } from '../gears/index.ts';
import { packUncertainty, type DepthRow, type JobState } from '../job/index.ts';
import { decideKnown, type Band, type Decision } from '../measure/index.ts';
import { packThickness } from '../shims/index.ts';
import type { AxisMesh } from './pairGears.ts';
import { answerOf, meanDepth } from './depthReadings.ts';
import { specOf } from './specOf.ts';

/** The depth of a pinion as far as it is known. mm. */
export interface PairDepth {
  readonly row: DepthRow;
  /** The shim that is wanted; or what cannot be so in what was read. */
  readonly answer: DepthAnswer | InputFault;
  /** How many readings that agree it is the mean of, and by how much the last two differ where they do not, mm. */
  readonly readings: number;
  readonly apart: number | null;
  /** Null where the sign of the etching is still asked, or what was read contradicts itself. */
  readonly wanted: Known | null;
  /** What is in; null where nothing was recorded. */
  readonly inPlace: number | null;
  /** How far the pinion stands off its depth with that, too far from the ring gear above zero. */
  readonly off: Known | null;
  /** Null without limits, or without what it stands off. */
  readonly decision: Decision | null;
}

/** The depth by what was last read of it, the mean of the readings that agree; null where nothing was. */
export function pairDepth(state: JobState, of: AxisMesh): PairDepth | null {
  const { mesh, pinion } = of;
  const rows = state.measured.depths.filter(({ meshId }) => meshId === mesh.id);
  const row = rows.at(-1);
  if (row === undefined) return null;
  const byLast = orRefused<DepthAnswer, InputFault>(
    () => answerOf(row, mesh),
    ({ faults }) => faults[0]!,
  );
  const last = 'status' in byLast && byLast.status === 'known' ? byLast.shim : null;
  const mean = last === null ? null : meanDepth(rows, mesh, last);
  const shim = mean?.shim ?? null;
  const answer: PairDepth['answer'] = shim === null ? byLast : { status: 'known', shim };
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
  const decision = off === null || spec === null ? null : decideKnown(off, spec.band);
  return {
    row,
    answer,
    readings: mean?.readings ?? 1,
    apart: mean?.apart ?? null,
    wanted,
    inPlace,
    off,
    decision,
  };
}

/** Whether marks were made after a depth was worked out: they have the last word on it. */
export const isOverruled = ({ measured }: JobState, { row }: PairDepth): boolean =>
  measured.patterns.some(({ meshId, order }) => meshId === row.meshId && order > row.order);

/** Whether limits of the depth leave out the mark itself, which they are counted from: then they are not that kind of limits. */
export const leavesOutMark = ({ lower, upper }: Band): boolean =>
  (lower ?? -Infinity) > 0 || (upper ?? Infinity) < 0;
