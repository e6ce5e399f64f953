import {
  BACKLASH_CONTACTS,
  backlashPerMove,
  CARRIER_HOLDS,
  carrierSplit,
  DEPTH_LENGTH_TABLE,
  DEPTH_LENGTHS,
  DEPTH_METHODS,
  depthShim,
  ETCHING_SIGNS,
  judgeBacklash,
  judgePattern,
  splitTurns,
  TOOTH_CUTS,
  type BacklashContact,
  type BacklashPlace,
  type ContactPattern,
  type DepthQuestion,
  type GearPair,
  type SideThread,
  type ToothCut,
} from '../gears/index.ts';
import type { Band, Instrument } from '../measure/index.ts';
import { field, type Calculation } from './calculation.ts';
import { band, length } from './preloadFields.ts';

const SIDES = ['gear', 'other'] as const;

/** Ring and pinion: depth, carrier, backlash, pattern. */
export const GEAR_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'backlash-per-move',
    summary:
      'Backlash gained per mm that either gear of a bevel pair is moved, as far as the pair is known',
    fields: [
      field('driverTeeth', 'whole', '', { min: 4, max: 100 }, 'teeth of the pinion', 'nullable'),
      field('drivenTeeth', 'whole', '', { min: 8, max: 300 }, 'teeth of the ring gear', 'nullable'),
      field(
        'pressureAngle',
        'number',
        '°',
        { min: 10, max: 30 },
        'normal pressure angle',
        'nullable',
      ),
      field('spiralAngle', 'number', '°', { min: 0, max: 50 }, 'mean spiral angle', 'nullable'),
      field('contact', [...BACKLASH_CONTACTS], '', {}, 'how the backlash is read'),
    ],
    run: ({ contact, ...pair }: Omit<GearPair, 'cut'> & { contact: BacklashContact }) =>
      backlashPerMove({ ...pair, cut: null }, contact),
  },
  {
    name: 'carrier-split',
    summary: 'Shims at the two sides of a carrier for preload and backlash',
    fields: [
      length('gearSide', { min: 0, max: 50 }, 'shims at the back of the ring gear'),
      length('otherSide', { min: 0, max: 50 }, 'shims at the other side'),
      length('play', { min: -5, max: 50 }, 'with these; below 0 is preload'),
      length('preload', { min: -5, max: 50 }, 'interference wanted; below 0 is play'),
      length('backlash', { min: 0, max: 50 }, 'as the carrier was held'),
      length('target', { min: 0, max: 50 }, 'backlash wanted'),
      field('factor', 'number', '', { min: 0.2, max: 2 }, '∂(backlash)/∂(shift)'),
      field('held', [...CARRIER_HOLDS], '', {}, 'against which side', 'optional'),
    ],
    run: (input: Parameters<typeof carrierSplit>[0]) => carrierSplit(input),
  },
  {
    name: 'split-turns',
    summary: 'Turns of the two adjusters of a carrier, in whole notches where they have them',
    fields: SIDES.flatMap((side) => [
      length(`travel.${side}`, { min: -20, max: 20 }, 'inwards'),
      length(`thread.${side}.lead`, { min: 0.1, max: 10 }, 'thread lead'),
      field(`thread.${side}.notches`, 'whole', '', { min: 1, max: 400 }, 'of its lock', 'nullable'),
    ]),
    run: ({
      travel,
      thread,
    }: {
      travel: Record<'gear' | 'other', number>;
      thread: Record<'gear' | 'other', SideThread>;
    }) => splitTurns(travel, thread),
  },
  {
    name: 'judge-backlash',
    summary: 'Backlash round the ring gear: the smallest, the range, and what swings once round',
    fields: [
      field('places[].angle', 'number', '°', { min: 0, max: 360 }, 'place on the gear'),
      length('places[].value', { min: 0, max: 10 }, 'backlash there'),
      field('places[].face', 'number', 'mm', { min: -10, max: 10 }, 'back of the gear', 'nullable'),
      ...band('mm'),
      field('instrument.id', 'text', '', {}, 'id'),
      field('instrument.name', 'text', '', {}, 'name'),
      length('instrument.graduation', { min: 0.0001, max: 1 }, 'one graduation'),
      length('instrument.calibrationUncertainty', { min: 0, max: 1 }, 'standard uncertainty'),
      length('instrument.range', { above: 0, max: 200 }, 'travel'),
      field('factor', 'number', '', { min: 0.2, max: 2 }, '∂(backlash)/∂(shift)'),
    ],
    run: ({
      places,
      ...rest
    }: {
      places: readonly BacklashPlace[];
      band: Band;
      instrument: Instrument;
      factor: number;
    }) => judgeBacklash(places, rest),
  },
  {
    name: 'depth-shim',
    summary:
      'Depth shim of a pinion, by gauge, old shim or where it ran; by both meanings of a plus where it is not known',
    fields: [
      field('method', [...DEPTH_METHODS], '', {}, 'how it is found'),
      ...DEPTH_LENGTHS.map((name) =>
        field(
          `lengths.${name}`,
          'number',
          'mm',
          { min: DEPTH_LENGTH_TABLE[name].least, max: DEPTH_LENGTH_TABLE[name].most },
          DEPTH_LENGTH_TABLE[name].words,
          'optional',
        ),
      ),
      field('sign', [...ETCHING_SIGNS], '', {}, 'what a plus means', 'nullable'),
      field('thicker', ['towards', 'away'], '', {}, 'where a thicker shim moves the pinion'),
      length('uncertainty', { min: 0, max: 1 }, 'standard, of a length read at the bench'),
    ],
    run: (question: DepthQuestion) => depthShim(question),
  },
  {
    name: 'judge-pattern',
    summary: 'Contact marks of a bevel pair: within limits or not, and what to move next',
    fields: [
      ...(['drive', 'coast'] as const).flatMap((flank) => [
        field(
          `${flank}.length`,
          'number',
          '',
          { min: -1, max: 1, note: 'toe to heel' },
          'middle of the mark',
          'optional',
        ),
        field(
          `${flank}.height`,
          'number',
          '',
          { min: -1, max: 1, note: 'root to face' },
          'middle of the mark',
          'optional',
        ),
      ]),
      field('cut', [...TOOTH_CUTS], '', {}, 'how the teeth were cut', 'nullable'),
    ],
    run: ({ cut, drive, coast }: Record<'drive' | 'coast', object> & { cut: ToothCut | null }) =>
      judgePattern({ drive: markOf(drive), coast: markOf(coast) }, cut),
  },
];

/** A mark that was placed; null where neither of its figures was given. */
const markOf = (mark: object): ContactPattern['drive'] =>
  Object.keys(mark).length === 0 ? null : (mark as ContactPattern['drive']);
