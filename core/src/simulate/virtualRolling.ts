import type { JobState } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import { playSpec, settersOf, spacerSetter, torqueSpec } from '../plan/index.ts';
import { drawnUpAt, sleeveNut, type Axis } from '../unit/index.ts';
import { virtualPlay } from './virtualPlay.ts';
import { shownTorque, trueRolling, virtualSleeve, type VirtualSleeve } from './virtualSleeve.ts';

/** What is turned: an axis, and where its nut stands; null where the log says it. */
export interface Turned {
  readonly axis: Axis;
  readonly angle: number | null;
  readonly seed: number;
  /** Seed of the plays of the same assembly. */
  readonly playSeed: number;
}

/** Preload travel that gives the middle of a band of rolling torque where no band of play says it, mm. */
const USUAL_TRAVEL = 0.05;

/**
 * What a wrench shows on an axis of a virtual assembly, N·m. Where a sleeve is crushed it follows the nut by a law drawn
 * from the seed; where shims, a spacer or an adjuster set the preload it follows the preload travel by the same kind of
 * law; elsewhere the bearings take what the middle of the limits says. A carrier that is read at its pinion adds its own,
 * by the ratio, to what the pinion takes.
 *
 * @param turn 0 is the breakaway peak, then one for each steady turn
 */
export function virtualRolling(
  state: JobState,
  turned: Turned,
  turn: number,
  graduation: number,
): number {
  const scatterSeed = turned.seed * 31 + Math.round((turned.angle ?? 0) * 10);
  return shownTorque(rollingOf(state, turned), scatterSeed, { turn, graduation });
}

/**
 * True rolling torque in steady turning, N·m.
 * @param carriers axes that are read through this one: none of them is read through it again
 */
function rollingOf(state: JobState, turned: Turned, carriers: readonly string[] = []): number {
  const { axis, seed } = turned;
  const spec = torqueSpec(state, axis.id);
  const band = spec === null ? 1 : bandTarget(spec.band);
  const drawn = virtualSleeve(seed, band, sleeveNut(axis)?.lead);
  const drag = axis.stations.some(({ kind }) => kind === 'seal') ? drawn.sealDrag : 0;
  const middle = spec?.sealDrag === 'included' ? Math.max(0.1, band - drag) : band;
  const read = [...carriers, axis.id];
  const pinion = state.unit?.axes.find(
    ({ id }) => id === spec?.through?.axisId && !read.includes(id),
  );
  if (spec?.through !== undefined && pinion !== undefined) {
    const own = rollingOf(state, { ...turned, axis: pinion, angle: null }, read);
    return own + middle / spec.through.ratio;
  }
  if (drawnUpAt(axis) !== null) return trueRolling(drawn, angleOf(state, turned));
  if (turned.angle === 0) return drag;
  return drag + middle * share(state, turned, drawn);
}

/** Torque of the bearings as a share of the middle of the limits. */
function share(state: JobState, { axis, playSeed }: Turned, { exponent }: VirtualSleeve): number {
  if (settersOf(axis).length === 0 && spacerSetter(axis) === null) return 1;
  const play = virtualPlay(state, { axis, kind: 'endPlay', stage: 'final', seed: playSeed });
  const spec = playSpec(state, axis.id, 'endPlay');
  const wanted = spec === null ? 0 : -bandTarget(spec.band);
  return (Math.max(0, -play) / (wanted > 0 ? wanted : USUAL_TRAVEL)) ** exponent;
}

function angleOf({ measured: { torques } }: JobState, { axis, angle }: Turned): number {
  return (
    angle ?? torques.findLast((row) => row.axisId === axis.id && row.angle !== null)?.angle ?? 0
  );
}
