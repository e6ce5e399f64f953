import { orRefused, type InputFault } from '../faults/index.ts';
import {
  carrierSplit,
  pairForecast,
  pairOdds,
  splitTurns,
  type CarrierSplit,
  type PairForecast,
  type PairMove,
  type SideTurn,
  type SplitTurns,
} from '../gears/index.ts';
import type { JobState } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import { aimOfSmallest } from './aimOfSmallest.ts';
import { oncePerPair } from '../memo/index.ts';
import { turnWithin } from '../preload/index.ts';
import { findStation, type Axis, type Station } from '../unit/index.ts';
import type { PairDepth } from './pairDepth.ts';
import { pairNow, wordOf, type PairNow, type PairSite } from './pairNow.ts';
import type { PairPattern } from './pairPattern.ts';
import type { PairWaits } from './pairWaits.ts';

/** What is to be moved next. mm. */
export interface PairNext {
  /** Pinion and ring gear away from each other, each along its own axis; and what both sides grow by together. */
  readonly pinion: number;
  readonly ring: number;
  readonly total: number;
  /** Where the backlash is to come to. */
  readonly aim: number;
  /** What each place is to come to; null where it does not change or is not known. */
  readonly wanted: Readonly<Record<PairSite, number | null>>;
  readonly split: CarrierSplit;
  /** Of threaded adjusters: by how much each is turned. */
  readonly turns: SplitTurns | null;
  readonly forecast: PairForecast;
  /** That depth, play and backlash all come into their limits by it. */
  readonly odds: number;
  /** By what the pinion is moved: by its depth, or by the marks, which have the last word. */
  readonly pinionBy: 'depth' | 'pattern' | null;
}

/** What comes next: nothing, as all of it is within limits; a move; or what is missing for one. */
export type PairStep =
  | { readonly status: 'inLimits' }
  | { readonly status: 'move'; readonly next: PairNext }
  | { readonly status: 'waits'; readonly for: readonly PairWaits[] }
  | { readonly status: 'refused'; readonly fault: InputFault };

/** What comes next with a pair. */
export const pairStep = oncePerPair((state: JobState, axis: Axis): PairStep => {
  const pair = pairNow(state, axis);
  if (pair === null) return { status: 'waits', for: ['sides'] };
  const waits = waitsOf(pair);
  if (waits.length > 0) return { status: 'waits', for: waits };
  const aims = aimsOf(pair);
  if (aims === null) return { status: 'inLimits' };
  return orRefused<PairStep, PairStep>(
    () => ({ status: 'move', next: nextOf(state, pair, aims) }),
    ({ faults }) => ({ status: 'refused', fault: faults[0]! }),
  );
});

function waitsOf({
  specs,
  inPlace,
  play,
  backlash,
  pattern,
  depth,
}: PairNow): readonly PairWaits[] {
  return [
    ...(specs.play === null || specs.backlash === null ? (['limits'] as const) : []),
    ...(inPlace.gear === null || inPlace.other === null ? (['sides'] as const) : []),
    ...(play === null ? (['play'] as const) : []),
    ...(backlash === null ? (['backlash'] as const) : []),
    ...(backlash?.teethFirst === true && backlash.current ? (['teethFirst'] as const) : []),
    ...(pattern?.current === true && pattern.verdict.status === 'contradictory'
      ? (['contradictoryMarks'] as const)
      : []),
    ...(depth !== null && 'status' in depth.answer && depth.answer.status === 'askSign'
      ? (['signOfEtching'] as const)
      : []),
  ];
}

/** Where the pair is to come to. */
interface Aims {
  readonly pinion: number;
  readonly pinionBy: PairNext['pinionBy'];
  readonly backlash: number;
  readonly play: number;
}

/** Moves of less than this are not worth a build, mm. */
const WORTH_MOVING = 0.01;
/** A backlash that the marks ask for keeps this share of its limits away from either. */
const INSIDE = 0.15;

/** Null where everything that is set is within its limits and the marks, where there are any, are good. */
function aimsOf({
  specs,
  play,
  playWord,
  backlash,
  pattern,
  depth,
  perMove,
}: PairNow): Aims | null {
  const marks = pattern?.current === true ? pattern.verdict : null;
  const byMarks = marks !== null && marks.good === false ? marks.move : null;
  const { value, by } = pinionMove(depth, marks, byMarks?.pinion.value ?? null);
  const { band } = specs.backlash!;
  const { range } = backlash!.verdict;
  const word = wordOf(backlash!.now, band, range);
  const asBuilt = backlash!.current && backlash!.row.held === 'preload';
  const good = word === 'conforms' && (asBuilt || playWord === 'conforms');
  if (value === 0 && good && playWord !== 'doesNotConform' && byMarks === null) return null;
  const after = backlash!.now.value + (perMove.pinion?.value ?? 0) * value;
  const { lower, upper } = band;
  const asked =
    byMarks === null || Math.abs(byMarks.ring.value) < WORTH_MOVING
      ? null
      : after - perMove.ring.value * byMarks.ring.value;
  const room = lower === null || upper === null ? 0 : INSIDE * (upper - lower);
  const aim =
    asked === null
      ? aimOfSmallest(band, range)
      : Math.min((upper ?? Infinity) - room, Math.max((lower ?? -Infinity) + room, asked));
  return {
    pinion: value,
    pinionBy: by,
    backlash: aim,
    play: playWord === 'conforms' ? play!.value : bandTarget(play!.band),
  };
}

/** By what the pinion is moved away from the ring gear: the marks have the last word, without them its depth. */
function pinionMove(
  depth: PairDepth | null,
  marks: PairPattern['verdict'] | null,
  towards: number | null,
): { readonly value: number; readonly by: PairNext['pinionBy'] } {
  if (towards !== null && Math.abs(towards) >= WORTH_MOVING)
    return { value: -towards, by: 'pattern' };
  const off = marks === null && depth?.decision?.word !== 'conforms' ? depth?.off : null;
  return off == null || Math.abs(off.value) < WORTH_MOVING
    ? { value: 0, by: null }
    : { value: -off.value, by: 'depth' };
}

function nextOf(state: JobState, pair: PairNow, aims: Aims): PairNext {
  const { of, perMove, inPlace, play, backlash } = pair;
  const [gear, other] = [
    stationOf(state, of.mesh.gearSideAt),
    stationOf(state, of.mesh.otherSideAt),
  ];
  const threaded = gear.kind === 'adjuster' && other.kind === 'adjuster';
  const byPinion = (perMove.pinion?.value ?? 0) * aims.pinion;
  const split = carrierSplit({
    gearSide: inPlace.gear!,
    otherSide: inPlace.other!,
    play: play!.value,
    preload: -aims.play,
    backlash: Math.max(0, backlash!.now.value + byPinion),
    target: aims.backlash,
    factor: perMove.ring.value,
    held: backlash!.held,
    ...(threaded ? { threaded } : {}),
  });
  const turns =
    threaded && gear.lead !== undefined && other.lead !== undefined
      ? splitTurns(
          { gear: split.gearSide - inPlace.gear!, other: split.otherSide - inPlace.other! },
          {
            gear: { lead: gear.lead, notches: gear.notches ?? null },
            other: { lead: other.lead, notches: other.notches ?? null },
          },
        )
      : null;
  const depth =
    inPlace.depth === null || aims.pinion === 0
      ? null
      : inPlace.depth + (of.mesh.thicker === 'towards' ? -1 : 1) * aims.pinion;
  const total =
    split.gearSide - inPlace.gear! + split.otherSide - inPlace.other! + (turns?.preloadOff ?? 0);
  const ring = -split.shift + (turns?.placeOff ?? 0);
  const by = { pinion: aims.pinion, ring, total };
  const settings =
    turns === null
      ? PIECES
      : Math.max(turnSpread(gear, turns.gear), turnSpread(other, turns.other));
  const whole = pairMove(pair, by, settings)!;
  // Where the marks move the pinion its depth by numbers is what they overrule.
  const move = aims.pinionBy === 'pattern' ? { ...whole, depth: null } : whole;
  return {
    pinion: aims.pinion,
    pinionBy: aims.pinionBy,
    ring,
    total,
    aim: aims.backlash,
    wanted: { depth, gear: split.gearSide, other: split.otherSide },
    split,
    turns,
    forecast: pairForecast(move),
    odds: pairOdds(move),
  };
}

/**
 * Any move of a pair, with what is known of it; null while play, backlash or their limits are not known.
 * @param by mm: pinion and ring gear away from each other, what both sides grow by
 * @param shims standard uncertainty of what the settings come to, mm
 */
export function pairMove(
  now: PairNow,
  by: Readonly<Record<'pinion' | 'ring' | 'total', number>>,
  shims = PIECES,
): PairMove | null {
  const { depth, play, backlash, specs, perMove } = now;
  if (play === null || backlash === null || specs.backlash === null) return null;
  const known = depth?.off != null && specs.depth !== null;
  return {
    depth: known ? { ...depth.off!, degreesOfFreedom: null, band: specs.depth!.band } : null,
    play,
    backlash: { ...backlash.now, band: specs.backlash.band },
    ...by,
    perRing: perMove.ring,
    perPinion: perMove.pinion,
    shims,
    seating: play.scatter,
  };
}

const stationOf = (state: JobState, id: string | null): Station =>
  findStation(state.unit!, id!)!.station;

/** What two packs of a few pieces come to, standard, mm. A rule of this program. */
const PIECES = 0.002;

/** What the turn of an adjuster comes to, standard, mm: it lies anywhere within what its angle and its thread leave. */
const turnSpread = ({ lead, notches }: Station, { angle }: SideTurn): number =>
  turnWithin(lead!, notches !== undefined, angle < 0) / Math.sqrt(3);
