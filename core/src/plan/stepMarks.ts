import { tighteningOrder, torqueShares, type Pattern } from '../fasteners/index.ts';
import type { WayId } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { SHOULDER_FEELER } from '../seating/index.ts';
import {
  DETAIL_TABLE,
  isPressed,
  isTight,
  opposite,
  STATION_KIND_TABLE,
  type Side,
  type Station,
} from '../unit/index.ts';
import type { ActId } from '../course/index.ts';
import { partWithSeat, wayTaken } from './ringWays.ts';
import { BACK_FACES } from './rules/orientation.ts';
import { expectedDepth } from './seating.ts';
import type { Step } from './step.ts';
import type { PicturedStation, StepPicture } from './stepPicture.ts';

/** The ring of a body that takes the force. */
export type ForcedRing = 'outer' | 'inner' | 'whole';

/** A word at a face of a body: which way round it goes. */
export interface FaceMark {
  readonly stationId: string;
  readonly side: Side;
  readonly words: string;
}

/** What the picture of a step says of the work, beside what moves. */
export interface StepMarks {
  /** Which way round what is fitted goes, at the face that shows it. */
  readonly faces: readonly FaceMark[];
  /** Where force may go: on one ring of one body, from the side it comes from; null where none is used. */
  readonly force: {
    readonly stationId: string;
    readonly ring: ForcedRing;
    readonly side: Side;
    /** Pulled out rather than pushed in. */
    readonly pulls: boolean;
  } | null;
  /** Depth below the face it goes in from, mm. */
  readonly depth: {
    readonly stationId: string;
    readonly side: Side;
    readonly value: number;
  } | null;
  /** The gap to its shoulder that a ring may have when it is home, at its far face where that is known. mm. */
  readonly gap: {
    readonly stationId: string;
    readonly side: Side | null;
    readonly most: number;
  } | null;
  /** Stations that are hot, and those that are cold. */
  readonly hot: readonly string[];
  readonly cold: readonly string[];
  /** A bolt circle or row with its order of tightening. */
  readonly bolts: {
    readonly count: number;
    readonly pattern: Pattern;
    readonly order: readonly number[];
    /** Share of the torque of each round. */
    readonly rounds: readonly number[];
  } | null;
}

const NO_MARKS: StepMarks = {
  faces: [],
  force: null,
  depth: null,
  gap: null,
  hot: [],
  cold: [],
  bolts: null,
};

const FITS: ReadonlySet<ActId> = new Set(['seat', 'fitSeal', 'checkHome', 'place']);
const FORCES: ReadonlySet<ActId> = new Set(['seat', 'fitSeal', 'pull', 'pressOut']);

/** What is warm and what is cold when a ring goes on its seat in a way of the trade. */
const HEAT_OF: Readonly<Record<WayId, { readonly seat?: 'hot'; readonly ring?: 'hot' | 'cold' }>> =
  {
    ovenAndFreezer: { seat: 'hot', ring: 'cold' },
    ovenOnly: { seat: 'hot' },
    heatGun: { seat: 'hot' },
    torch: { seat: 'hot' },
    freezerOnly: { ring: 'cold' },
    dryIce: { ring: 'cold' },
    coldPress: {},
    frozenPress: { ring: 'cold' },
    induction: { ring: 'hot' },
    oven: { ring: 'hot' },
    ringHeatGun: { ring: 'hot' },
    warmAndCold: { ring: 'hot' },
    partOven: { seat: 'hot', ring: 'hot' },
    coolShaft: {},
    drawTool: {},
    innerPress: {},
    bake: { ring: 'hot' },
  };

/** What the picture of a step says of the work: which way round, where the force goes, how deep, what is hot, in which order. */
export function stepMarks(state: JobState, step: Step, picture: StepPicture): StepMarks {
  const acts = actsOf(step);
  const about = picture.stations.find(({ station }) => station.id === step.stationId);
  const marks = { ...NO_MARKS, ...heatOf(state, step, picture, acts) };
  if (about === undefined) return marks;
  return {
    ...marks,
    faces: acts.some((act) => FITS.has(act)) ? facesOf(step, about.station) : [],
    force: forceOf(step, about, acts),
    depth: acts.some((act) => FITS.has(act)) ? depthOf(state, step, about) : null,
    gap: gapOf(step, about),
    bolts: acts.includes('torque') ? boltsOf(about.station) : null,
  };
}

const actsOf = ({ act, rows }: Step): readonly ActId[] =>
  act === null ? rows.map((row) => row.act) : [act];

const facesOf = ({ orientation }: Step, { id }: Station): readonly FaceMark[] =>
  orientation.flatMap(({ feature, side }) => {
    const words = FACES.get(feature);
    return words === undefined ? [] : [{ stationId: id, side, words }];
  });

/** What a face is called in the picture, by the words of the detail; which way it goes in is said by the arrow. */
const FACES: ReadonlyMap<string, string> = new Map([
  [DETAIL_TABLE.lettering.words, 'markings'],
  [DETAIL_TABLE.innerLettering.words, 'markings'],
  [BACK_FACES.outer, 'thick back face'],
  [BACK_FACES.inner, 'back face'],
  [DETAIL_TABLE.radius.words, 'large radius'],
  [DETAIL_TABLE.groove.words, 'groove'],
  [DETAIL_TABLE.shield.words, 'shield or seal'],
  [DETAIL_TABLE.bevel.words, 'bevel'],
  [DETAIL_TABLE.lip.words, 'lip and spring'],
]);

function forceOf(
  step: Step,
  { station, side: way }: PicturedStation,
  acts: readonly ActId[],
): StepMarks['force'] {
  const from = way ?? entryOf(station);
  if (from === null || !acts.some((act) => FORCES.has(act))) return null;
  if (acts.includes('pull') && !PULLED.has(step.rule)) return null;
  const ring = ringOf(step, station);
  if (ring === null) return null;
  const isBearing = STATION_KIND_TABLE[station.kind].bearing === 'rolling';
  const slides = isBearing && ring !== 'whole' && !isTight(station, ring);
  if (slides && acts.includes('pull')) return null;
  // What is pressed out is pushed from behind; what is pulled is taken hold of where it comes out.
  const side = acts.includes('pressOut') ? opposite(from) : from;
  return { stationId: station.id, ring, side, pulls: acts.includes('pull') };
}

/** Steps at which a tool takes hold of what comes out; what slides or lifts off is shown without a force. */
const PULLED: ReadonlySet<string> = new Set([
  'pull',
  'pullOuter',
  'pullInner',
  'pullSeal',
  'takeOffHub',
]);

/** The side from which something is pushed in, as described. */
const entryOf = ({ wayIn }: Station): Side | null => (wayIn === undefined ? null : opposite(wayIn));

/** The ring that is moved, or else the one that is tight, takes the force; of a bearing of which nobody has said it none is shown. */
function ringOf({ ring, on }: Step, { id, kind, tightRing }: Station): ForcedRing | null {
  if (isPressed({ kind })) return 'whole';
  if (ring !== null) return ring;
  if (on.includes(`${id}:cup`)) return 'outer';
  if (on.includes(`${id}:cone`)) return 'inner';
  if (STATION_KIND_TABLE[kind].bearing !== 'rolling') return kind === 'seal' ? 'outer' : 'whole';
  return tightRing === 'outer' || tightRing === 'inner' ? tightRing : null;
}

function depthOf(state: JobState, { ring }: Step, { station, side }: PicturedStation) {
  const from = side ?? entryOf(station);
  const value = ring === 'inner' ? null : depthOfSeat(state, station);
  return from === null || value === null ? null : { stationId: station.id, side: from, value };
}

/** A ring whose gap to its shoulder is tried with a feeler; the shoulder is where it does not come from. */
function gapOf({ checks, rule }: Step, { station, side }: PicturedStation): StepMarks['gap'] {
  if (rule !== 'seatInner' && !checks.includes('shoulderGap')) return null;
  return {
    stationId: station.id,
    side: side === null ? null : opposite(side),
    most: SHOULDER_FEELER,
  };
}

function depthOfSeat(state: JobState, station: Station): number | null {
  const { kind, depthRule, depth, boreDepth, width } = station;
  if (kind !== 'seal') return expectedDepth(state, station)?.depth ?? null;
  if (depthRule === 'flush') return 0;
  if (depthRule === 'shoulder') return boreDepth === undefined ? null : boreDepth - width;
  return depth ?? null;
}

/** What is heated or chilled at a step, or is hot or cold when a ring goes home by the way that was chosen. */
function heatOf(
  state: JobState,
  { on, stationId, ring }: Step,
  { stations }: StepPicture,
  acts: readonly ActId[],
): Pick<StepMarks, 'hot' | 'cold'> {
  const all = stations.map(({ station }) => station);
  const of = (ids: readonly string[]) =>
    all.filter(({ id, partId }) => ids.includes(id) || ids.includes(partId)).map(({ id }) => id);
  if (acts.includes('heat')) return { hot: of(on), cold: [] };
  if (acts.includes('chill')) return { hot: [], cold: of(on) };
  const own = all.find(({ id }) => id === stationId);
  const way = ring === null || own === undefined ? null : wayTaken(state, own, ring);
  if (way === null || own === undefined || !acts.includes('seat')) return NO_MARKS;
  const { seat, ring: ringHeat } = HEAT_OF[way];
  const part = partWithSeat(state.unit!, own, ring!);
  const walls = all.filter(({ kind, partId }) => WALLS.has(kind) && partId === part?.id);
  return {
    hot: [
      ...(seat === 'hot' ? walls.map(({ id }) => id) : []),
      ...(ringHeat === 'hot' ? [own.id] : []),
    ],
    cold: ringHeat === 'cold' ? [own.id] : [],
  };
}

const WALLS: ReadonlySet<Station['kind']> = new Set(['housing', 'cover']);

function boltsOf({ kind, count, pattern }: Station): StepMarks['bolts'] {
  return kind !== 'bolts' || count === undefined || pattern === undefined
    ? null
    : { count, pattern, order: tighteningOrder(count, pattern), rounds: torqueShares(count) };
}
