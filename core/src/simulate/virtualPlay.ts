import { adjusterPlay, UNKNOWN_PLACE } from '../arrangement/index.ts';
import type { JobState, RunStage } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import { playShift, playSpec, tableGain, type PlayKind } from '../plan/index.ts';
import { packThickness } from '../shims/index.ts';
import type { Axis, Station } from '../unit/index.ts';

/** Least and most by which the build as found misses the target in a virtual assembly, mm. */
const FOUND_MISS = { least: 0.08, most: 0.24 };
/** Target of a shaft that has no band of play, mm: the bearings just touch. */
const NO_BAND = 0;

/** What is asked of a virtual assembly: an axis, which of its plays, and whether it is the trial build or the final one. */
export interface AskedPlay {
  readonly axis: Axis;
  readonly kind: PlayKind;
  readonly stage: RunStage;
  readonly seed: number;
}

/**
 * The true play of an axis of a virtual assembly, mm, below zero is preload: as found it misses the target by an amount
 * that depends only on the seed; from then on it follows the packs, spacers and adjusters, and in the final build what
 * differs from the trial.
 */
export function virtualPlay(state: JobState, { axis, kind, stage, seed }: AskedPlay): number {
  const spec = playSpec(state, axis.id, kind);
  const target = spec === null ? NO_BAND : bandTarget(spec.band);
  const share = ((seed + (kind === 'endPlay' ? 0 : 389)) % 1009) / 1008;
  const miss = FOUND_MISS.least + share * (FOUND_MISS.most - FOUND_MISS.least);
  const moved = axis.stations.reduce(
    (sum, station) => sum + movedAt(state, axis, station, { kind, seed }),
    0,
  );
  const shift = kind === 'endPlay' && stage === 'final' ? playShift(state, axis).shift : 0;
  return Number((target + miss + moved + shift).toFixed(6));
}

function movedAt(
  state: JobState,
  axis: Axis,
  station: Station,
  { kind, seed }: Pick<AskedPlay, 'kind' | 'seed'>,
): number {
  const turned = state.setting.turned[station.id] ?? 0;
  if (station.kind === 'adjuster')
    return kind === 'endPlay' && station.lead !== undefined
      ? adjusterPlay({
          lead: station.lead,
          clockwiseAngle: Math.max(-3600, Math.min(3600, turned)),
          hand: 'right',
        })
      : 0;
  const [pack, found] = [state.setting.packs[station.id], state.setting.foundPacks[station.id]];
  if (pack === undefined || found === undefined) return 0;
  const gain =
    station.place === UNKNOWN_PLACE
      ? seed % 2 === 0
        ? 1
        : -1
      : (tableGain(axis.arrangement, station, kind) ?? 0);
  return gain * (packThickness(pack.pieces) - packThickness(found.pieces));
}
