import { packUncertainty, type JobState } from '../job/index.ts';
import {
  packThickness,
  type JointQuestion,
  type JointSite,
  type JointSpec,
  type ShimSize,
} from '../shims/index.ts';
import { findStation, type Axis, type Station } from '../unit/index.ts';
import { builtPlay, figureOf } from './builtPlay.ts';
import { carrierPacks } from './carrierPacks.ts';
import { siteLimits, USUAL_MOST_PIECES } from './mostPieces.ts';
import { pairNow, wordOf, type PairNow } from './pairNow.ts';
import { pairStep, type PairNext } from './pairStep.ts';
import { settersOf } from '../setters/index.ts';

/** One figure, and the place that sets it. */
interface Row {
  /** Beside those of the carrier: the pinion's depth, or its own play. */
  readonly spec: JointSpec & { readonly id: 'depth' | 'pinionPlay' };
  readonly site: JointSite;
}

/**
 * What the packs of all places of a pair are chosen from together, where its pinion is to be moved: the depth shim, the shims between
 * the pinion's cones where the depth shim takes from its play, and both sides of the carrier where they are packs. The depth shim
 * moves the backlash, and the play of the pinion where it lies behind the cup.
 *
 * @returns null where the pinion stays, or its depth by numbers is all that changes: that is chosen at its own step
 */
export function pairPacks(
  state: JobState,
  axis: Axis,
  stock: readonly ShimSize[],
): JointQuestion | null {
  const pair = pairNow(state, axis);
  const step = pairStep(state, axis);
  if (pair === null || step.status !== 'move') return null;
  const depth = depthRow(state, pair, step.next, stock);
  if (depth === null) return null;
  const spacer = spacerRow(state, pair, depth, stock);
  const carrier = carrierPacks(state, axis, stock, true);
  const rows = spacer === null ? [depth] : [depth, spacer];
  // A depth by numbers has a step of its own; by marks there is only this one.
  const alone = rows.length + (carrier?.sites.length ?? 0) < 2;
  if (alone && step.next.pinionBy !== 'pattern') return null;
  return {
    specs: [...rows.map(({ spec }) => spec), ...(carrier?.specs ?? [])],
    sites: [...rows.map(({ site }) => site), ...(carrier?.sites ?? [])],
    stock,
    mostPieces: USUAL_MOST_PIECES,
  };
}

/** The pinion's depth as it is to come out, by its shim: off where it belongs by what it is to be moved. */
function depthRow(
  state: JobState,
  { of: { mesh, pinion }, specs, depth, pattern, perMove }: PairNow,
  next: PairNext,
  stock: readonly ShimSize[],
): Row | null {
  const found = findStation(state.unit!, mesh.depthAt ?? '');
  const pack = state.setting.packs[mesh.depthAt ?? ''];
  if (next.pinionBy === null || found === null || pack === undefined) return null;
  if (pinion === null || specs.depth === null || found.station.kind !== 'shimSite') return null;
  const off = next.pinionBy === 'depth' ? depth?.off : pattern?.verdict.move?.pinion;
  if (off == null) return null;
  const play = builtPlay(state, pinion, 'endPlay')?.gains[found.station.id];
  // Away from the ring gear, for a mm of thickness.
  const away = mesh.thicker === 'towards' ? -1 : 1;
  return {
    spec: {
      id: 'depth',
      value: -next.pinion,
      uncertainty: off.uncertainty,
      degreesOfFreedom: null,
      band: { ...specs.depth.band, target: 0 },
    },
    site: {
      ...siteOf(state, found.station, stock),
      gains: {
        depth: away,
        pinionPlay: play?.value ?? 0,
        backlash: away * (perMove.pinion?.value ?? 0),
      },
      gainUncertainties: { pinionPlay: play?.uncertainty ?? 0 },
    },
  };
}

/** The pinion's own play by the shims between its cones; null where they stay as they are. */
function spacerRow(
  state: JobState,
  { of: { pinion } }: PairNow,
  depth: Row,
  stock: readonly ShimSize[],
): Row | null {
  const setter = settersOf(pinion!).find(
    ({ kind, station }) => kind === 'pack' && station.id !== depth.site.id,
  );
  const play = builtPlay(state, pinion!, 'endPlay');
  if (setter === undefined || play === null) return null;
  if (state.setting.packs[setter.station.id] === undefined) return null;
  const isMoved = (depth.site.gains['pinionPlay'] ?? 0) !== 0;
  if (!isMoved && wordOf(play, play.band) === 'conforms') return null;
  const gain = play.gains[setter.station.id];
  if (gain === undefined) return null;
  return {
    spec: { id: 'pinionPlay', ...figureOf(play) },
    site: {
      ...siteOf(state, setter.station, stock),
      gains: { pinionPlay: gain.value },
      gainUncertainties: { pinionPlay: gain.uncertainty },
    },
  };
}

/** A place with the pack that is in, and what of the box can lie there. */
const siteOf = (
  state: JobState,
  station: Station,
  stock: readonly ShimSize[],
): Omit<JointSite, 'gains'> => {
  const { pieces } = state.setting.packs[station.id]!;
  return {
    id: station.id,
    thickness: packThickness(pieces),
    uncertainty: packUncertainty(pieces),
    ...siteLimits(stock, station),
  };
};
