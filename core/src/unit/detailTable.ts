import { GAIN_TABLE, UNKNOWN_PLACE } from '../arrangement/index.ts';
import { MATERIAL_IDS, MATERIALS } from '../materials/index.ts';
import type { QuantityKind } from '../units/index.ts';
import { SIDES } from './side.ts';
import {
  BLEEDS,
  BOLT_PATTERNS,
  DEPTH_RULES,
  HANDS,
  LINES_UP,
  LOCKS,
  RETENTIONS,
  RING_ENDS,
  SHOULDERS,
  SPACER_TYPES,
  SITE_PIECES,
  TIGHT_RINGS,
  USES,
  type DetailName,
} from './stationDetails.ts';

/** How one detail is entered and checked. `choice` lists its values; numbers have a quantity and bounds. */
export type DetailRow = { readonly words: string } & (
  | { readonly type: 'text'; readonly longest: number }
  | {
      readonly type: 'choice';
      readonly values: readonly string[];
      readonly valueWords: Readonly<Record<string, string>>;
    }
  | {
      readonly type: 'number';
      readonly quantity: QuantityKind;
      readonly least: number;
      readonly most: number;
      readonly whole?: true;
    }
);

const SIDE_WORDS = { left: 'to the left', right: 'to the right' };
const side = (words: string): DetailRow => choice(words, SIDES, SIDE_WORDS);
const length = (words: string, least: number, most: number): DetailRow => ({
  words,
  type: 'number',
  quantity: 'length',
  least,
  most,
});
const whole = (words: string, least: number, most: number): DetailRow => ({
  words,
  type: 'number',
  quantity: 'number',
  least,
  most,
  whole: true,
});
const torque = (words: string): DetailRow => ({
  words,
  type: 'number',
  quantity: 'torque',
  least: 0.1,
  most: 2000,
});

function choice<Value extends string>(
  words: string,
  values: readonly Value[],
  valueWords: Readonly<Record<Value, string>>,
): DetailRow {
  return { words, type: 'choice', values, valueWords };
}

const MATERIAL_WORDS = Object.fromEntries(
  MATERIAL_IDS.map((id) => [id, MATERIALS[id].words]),
) as Readonly<Record<(typeof MATERIAL_IDS)[number], string>>;

const PLACE_WORDS = {
  ...Object.fromEntries(GAIN_TABLE.map(({ place, words }) => [place, words])),
  [UNKNOWN_PLACE]: 'not known: two trial builds tell which way it works',
};

/** Every detail, once: the editor, the check of a file and the check of a request all read this table. */
export const DETAIL_TABLE: Readonly<Record<DetailName, DetailRow>> = {
  designation: { words: 'Printed on it', type: 'text', longest: 40 },
  thrust: side('The shaft pushes it'),
  place: choice('Where the thickness sits', Object.keys(PLACE_WORDS), PLACE_WORDS),
  pieces: choice('Pieces it holds', SITE_PIECES, {
    several: 'a pack of several',
    single: 'one piece only, a washer',
  }),
  contactAngle: { words: 'Contact angle', type: 'number', quantity: 'angle', least: 5, most: 45 },
  tightRing: choice('Tight ring', TIGHT_RINGS, {
    inner: 'inner ring',
    outer: 'outer ring',
    both: 'both rings',
  }),
  boreClass: { words: 'Class of its housing bore', type: 'text', longest: 6 },
  journalClass: { words: 'Class of its journal', type: 'text', longest: 6 },
  outsideClass: { words: 'Class of its outside', type: 'text', longest: 6 },
  material: choice('Made of', MATERIAL_IDS, MATERIAL_WORDS),
  linesUp: choice('Has to line up', LINES_UP, {
    nothing: 'nothing',
    oilHole: 'an oil hole',
    pin: 'a pin',
    both: 'an oil hole and a pin',
  }),
  retention: choice('Held by', RETENTIONS, {
    fitOnly: 'its fit alone',
    shoulder: 'a shoulder',
    cover: 'a cover',
    snapRing: 'a snap ring',
    retainerPlate: 'a retainer plate',
    nut: 'a nut',
    staking: 'staking',
    compound: 'retaining compound',
  }),
  wayIn: side('Fitted towards'),
  lettering: side('Markings face'),
  innerWayIn: side('Inner ring fitted towards'),
  innerLettering: side('Markings of the inner ring face'),
  radius: side('Large radius'),
  groove: side('Groove'),
  shield: side('Shield or seal'),
  bevel: side('Bevel'),
  lip: side('Lip and spring'),
  depth: length('Depth from the face', 0, 500),
  depthRule: choice('Depth is', DEPTH_RULES, {
    flush: 'flush with the face',
    setDepth: 'a set depth',
    shoulder: 'to the shoulder',
  }),
  boreDepth: length('Face to shoulder or bearing', 0, 1000),
  shoulder: choice('Its shoulder', SHOULDERS, {
    seen: 'can be seen from behind',
    hidden: 'cannot be seen',
  }),
  grooveDepth: length('Depth of its groove', 0.1, 20),
  rating: {
    words: 'Pressure rating',
    type: 'number',
    quantity: 'pressure',
    least: 0.001,
    most: 100,
  },
  testLeast: {
    words: 'Maker’s test pressure, least',
    type: 'number',
    quantity: 'pressure',
    least: 0.001,
    most: 1,
  },
  testMost: {
    words: 'Maker’s test pressure, most',
    type: 'number',
    quantity: 'pressure',
    least: 0.001,
    most: 1,
  },
  bossOutside: length('Outside of the boss round it', 1, 2000),
  hollowBore: length('Bore of the hollow shaft under it', 0.5, 1000),
  rollerDiameter: length('Roller diameter', 0.5, 120),
  rollerCount: whole('Rollers in the set', 3, 200),
  oilHole: length('Hole in the bush', 0.5, 60),
  feedHole: length('Hole in the housing', 0.5, 60),
  holeOffset: length('Centres found apart', 0, 60),
  clearanceLeast: length('Min clearance', 0, 5),
  clearanceMost: length('Max clearance', 0, 5),
  ends: choice('Its ends', RING_ENDS, {
    butt: 'square, side by side',
    hooked: 'hooked into each other',
    scarf: 'cut at a slope',
    whole: 'none: in one piece',
  }),
  gapLeast: length('Min gap', 0, 5),
  gapMost: length('Max gap', 0, 5),
  bleed: choice('Air leaves by', BLEEDS, {
    none: 'nothing of its own',
    hole: 'a bleed hole',
    ball: 'a check ball',
  }),
  webGap: length('Gap between crank webs', 1, 200),
  spacerType: choice('Spacer', SPACER_TYPES, {
    solid: 'solid',
    collapsible: 'collapsible, once only',
  }),
  lead: length('Thread lead', 0.1, 10),
  notches: whole('Notches', 1, 120),
  hand: choice('Thread', HANDS, { right: 'right hand', left: 'left hand' }),
  teeth: whole('Teeth', 4, 400),
  count: whole('How many', 1, 60),
  pattern: choice('They lie in', BOLT_PATTERNS, {
    circle: 'a circle',
    pan: 'a pan or frame',
    row: 'a row',
  }),
  torqueLeast: torque('Min torque'),
  torqueMost: torque('Max torque'),
  longest: length('Longest under the head', 1, 1000),
  lock: choice('Locked by', LOCKS, {
    none: 'nothing',
    lockTab: 'a lock tab',
    staked: 'staking',
    splitPin: 'a split pin',
    threadlocker: 'threadlocker',
    lockWire: 'lock wire',
    selfLocking: 'a self-locking nut',
  }),
  use: choice('May be used', USES, { again: 'again, where it is sound', once: 'once only' }),
};

export const DETAIL_NAMES = Object.keys(DETAIL_TABLE) as readonly DetailName[];

/** The value of a detail as it is read out; lengths and torques are left to the screen. */
export function detailWords(name: DetailName, value: string): string {
  const row = DETAIL_TABLE[name];
  return row.type === 'choice' ? (row.valueWords[value] ?? value) : value;
}
