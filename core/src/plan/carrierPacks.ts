import { carrierPlace } from '../gears/index.ts';
import { packUncertainty, type JobState } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import { packThickness, type JointQuestion, type ShimSize } from '../shims/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { siteLimits, USUAL_MOST_PIECES } from './mostPieces.ts';
import { pairNow } from './pairNow.ts';
import { pairStep } from './pairStep.ts';

/**
 * What the packs of both sides of a carrier are chosen from: play and backlash as they stand, and what a thickness at either side does
 * to both. With a preload the gear comes to rest half way between its sides, `p = (t₂ − t₁)/2`; a carrier that keeps its play is read
 * against the other side.
 *
 * @returns null while play, backlash or a pack is not known, or which gears mesh
 */
export function carrierPacks(
  state: JobState,
  axis: Axis,
  stock: readonly ShimSize[],
): JointQuestion | null {
  const pair = pairNow(state, axis);
  if (pair?.backlash == null || pair.play === null) return null;
  const { mesh } = pair.of;
  const { specs, backlash, play, perMove } = pair;
  const [gear, other] = [mesh.gearSideAt, mesh.otherSideAt].map((id) =>
    id === null ? undefined : state.setting.packs[id],
  );
  if (specs.play === null || specs.backlash === null || !gear || !other) return null;
  const preloaded = bandTarget(specs.play.band) <= 0;
  const otherSide = packThickness(other.pieces);
  const now = carrierPlace(otherSide, play.value, backlash.held);
  const then = preloaded ? otherSide + play.value / 2 : otherSide;
  const { value: factor, uncertainty: unsure } = perMove.ring;
  const step = pairStep(state, axis);
  const moved = step.status === 'move' ? step.next.ring : 0;
  const share = preloaded ? factor / 2 : factor;
  return {
    specs: [
      { id: 'endPlay', ...play, band: specs.play.band },
      {
        id: 'backlash',
        value: backlash.now.value + factor * (then - now),
        uncertainty: Math.hypot(backlash.now.uncertainty, unsure * moved),
        degreesOfFreedom: backlash.now.degreesOfFreedom,
        band:
          step.status === 'move'
            ? { ...specs.backlash.band, target: step.next.aim }
            : specs.backlash.band,
      },
    ],
    sites: [
      {
        id: mesh.gearSideAt!,
        thickness: packThickness(gear.pieces),
        uncertainty: packUncertainty(gear.pieces),
        gains: { endPlay: -1, backlash: preloaded ? -share : 0 },
        ...siteLimits(stock, siteAt(axis, mesh.gearSideAt!)),
      },
      {
        id: mesh.otherSideAt!,
        thickness: otherSide,
        uncertainty: packUncertainty(other.pieces),
        gains: { endPlay: -1, backlash: share },
        ...siteLimits(stock, siteAt(axis, mesh.otherSideAt!)),
      },
    ],
    stock,
    mostPieces: USUAL_MOST_PIECES,
  };
}

const siteAt = ({ stations }: Axis, siteId: string): Station =>
  stations.find(({ id }) => id === siteId)!;
