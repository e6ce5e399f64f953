import { carrierPlace } from '../gears/index.ts';
import { packUncertainty, type JobState } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import {
  packThickness,
  type JointQuestion,
  type JointSpec,
  type ShimSize,
} from '../shims/index.ts';
import type { Axis, Station } from '../unit/index.ts';
import { figureOf } from './builtPlay.ts';
import { siteLimits, USUAL_MOST_PIECES } from './mostPieces.ts';
import { pairNow, type PairNow } from './pairNow.ts';
import { pairStep, type PairStep } from './pairStep.ts';

/**
 * What the packs of both sides of a carrier are chosen from: play and backlash as they stand, and what a thickness at either side does
 * to both. With a preload the gear comes to rest half way between its sides, `p = (t₂ − t₁)/2`; a carrier that keeps its play is read
 * against the other side. A pinion that is still to be moved moves the backlash with it.
 *
 * @param pinionStays leave out what a pinion that is still to be moved does: where its shim is chosen with them
 * @returns null while play, backlash or a pack is not known, or which gears mesh
 */
export function carrierPacks(
  state: JobState,
  axis: Axis,
  stock: readonly ShimSize[],
  pinionStays = false,
): JointQuestion | null {
  const pair = pairNow(state, axis);
  if (pair?.backlash == null || pair.play === null) return null;
  const { mesh } = pair.of;
  const { specs, backlash, play } = pair;
  const [gear, other] = [mesh.gearSideAt, mesh.otherSideAt].map((id) =>
    id === null ? undefined : state.setting.packs[id],
  );
  if (specs.backlash === null || !gear || !other) return null;
  const preloaded = bandTarget(play.band) <= 0;
  const otherSide = packThickness(other.pieces);
  const now = carrierPlace(otherSide, play.value, backlash.held);
  const then = preloaded ? otherSide + play.value / 2 : otherSide;
  const { value: factor } = pair.perMove.ring;
  const [gearGain, otherGain] = [mesh.gearSideAt!, mesh.otherSideAt!].map((id) => play.gains[id]);
  if (gearGain === undefined || otherGain === undefined) return null;
  const share = preloaded ? factor / 2 : factor;
  return {
    specs: [
      { id: 'endPlay', ...figureOf(play) },
      {
        id: 'backlash',
        ...backlashBy(pair, pairStep(state, axis), { settles: then - now, pinionStays }),
      },
    ],
    sites: [
      {
        id: mesh.gearSideAt!,
        thickness: packThickness(gear.pieces),
        uncertainty: packUncertainty(gear.pieces),
        gains: { endPlay: gearGain.value, backlash: preloaded ? -share : 0 },
        gainUncertainties: { endPlay: gearGain.uncertainty },
        ...siteLimits(stock, siteAt(axis, mesh.gearSideAt!)),
      },
      {
        id: mesh.otherSideAt!,
        thickness: otherSide,
        uncertainty: packUncertainty(other.pieces),
        gains: { endPlay: otherGain.value, backlash: share },
        gainUncertainties: { endPlay: otherGain.uncertainty },
        ...siteLimits(stock, siteAt(axis, mesh.otherSideAt!)),
      },
    ],
    stock,
    mostPieces: USUAL_MOST_PIECES,
  };
}

/** The backlash as it is with these packs once the carrier has settled and the pinion stands where it is to, and its target. mm. */
function backlashBy(
  { backlash, specs, perMove: { ring, pinion } }: PairNow,
  step: PairStep,
  { settles, pinionStays }: { readonly settles: number; readonly pinionStays: boolean },
): Omit<JointSpec, 'id'> {
  const { now } = backlash!;
  const { band } = specs.backlash!;
  const next = step.status === 'move' ? step.next : null;
  const moves = pinionStays || pinion === null ? 0 : (next?.pinion ?? 0);
  return {
    value: now.value + ring.value * settles + (pinion?.value ?? 0) * moves,
    uncertainty: Math.hypot(
      now.uncertainty,
      ring.uncertainty * (next?.ring ?? 0),
      (pinion?.uncertainty ?? 0) * moves,
    ),
    degreesOfFreedom: now.degreesOfFreedom,
    band: next === null ? band : { ...band, target: next.aim },
  };
}

const siteAt = ({ stations }: Axis, siteId: string): Station =>
  stations.find(({ id }) => id === siteId)!;
