import type { BacklashPerMove } from '../gears/index.ts';
import { inPlaceNow, type JobState, type Spec } from '../job/index.ts';
import { decide, studentFactor, type Band, type DecisionWord } from '../measure/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { findStation, type Axis } from '../unit/index.ts';
import { builtPlay, type BuiltPlay, type CarriedPlay } from './builtPlay.ts';
import { pairBacklash, type PairBacklash } from './pairBacklash.ts';
import { pairDepth, type PairDepth } from './pairDepth.ts';
import { backlashFactor, meshAt, type AxisMesh } from './pairGears.ts';
import { pairPattern, type PairPattern } from './pairPattern.ts';
import { specOf } from './specOf.ts';
import { torqueWord } from './torqueProgress.ts';

/** Ring and pinion as one set-up, as far as it is known. */
export interface PairNow {
  readonly of: AxisMesh;
  readonly perMove: BacklashPerMove;
  readonly specs: Readonly<Record<'depth' | 'play' | 'backlash', Spec | null>>;
  readonly depth: PairDepth | null;
  /** Below zero it is preload. */
  readonly play: BuiltPlay | null;
  readonly playWord: DecisionWord | null;
  readonly backlash: PairBacklash | null;
  readonly pattern: PairPattern | null;
  /** What is in at the three places that set it, mm; null where it is not known. */
  readonly inPlace: Readonly<Record<PairSite, number | null>>;
}

/** The places at which a pair is set. */
export const PAIR_SITES = ['depth', 'gear', 'other'] as const;
export type PairSite = (typeof PAIR_SITES)[number];

/** Ring and pinion of an axis; null where it is in no mesh. */
export const pairNow = oncePerPair((state: JobState, axis: Axis): PairNow | null => {
  const of = state.unit === null ? null : meshAt(state.unit, axis);
  if (of === null) return null;
  const { mesh, pinion, carrier } = of;
  const inPlace = inPlaceNow(state);
  const at = (id: string | null): number | null => {
    if (id === null) return null;
    // An adjuster that was not turned yet counts from where it stands.
    const isAdjuster = findStation(state.unit!, id)?.station.kind === 'adjuster';
    return inPlace[id] ?? (isAdjuster ? 0 : null);
  };
  const play = builtPlay(state, carrier, 'endPlay');
  const specs = {
    depth: pinion === null ? null : specOf(state, pinion.id, 'depth'),
    play: specOf(state, carrier.id, 'endPlay'),
    backlash: specOf(state, carrier.id, 'backlash'),
  };
  return {
    of,
    perMove: backlashFactor(state, carrier)!,
    specs,
    depth: pairDepth(state, of),
    play,
    playWord: play === null ? null : wordOfPlay(state, carrier, play),
    backlash: pairBacklash(state, of),
    pattern: pairPattern(state, of),
    inPlace: { depth: at(mesh.depthAt), gear: at(mesh.gearSideAt), other: at(mesh.otherSideAt) },
  };
});

/** A preload that rolling has judged as built is what rolling says of it. */
const wordOfPlay = (state: JobState, carrier: Axis, play: BuiltPlay): DecisionWord =>
  (play.limitsBy === 'torque' ? torqueWord(state, carrier) : null) ?? wordOf(play, play.band);

/** @param range of a figure that was read at several places: how far the largest lies above the value */
export function wordOf(
  { value, uncertainty, degreesOfFreedom }: CarriedPlay,
  band: Band,
  range = 0,
): DecisionWord {
  const guard = studentFactor(degreesOfFreedom ?? Infinity) * uncertainty;
  return decide(value, value + range, band, guard).word;
}
