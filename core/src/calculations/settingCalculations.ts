import {
  adjusterPlay,
  GAIN_TABLE,
  shimGain,
  THREAD_HANDS,
  trialGain,
  type Arrangement,
  type ShimPlace,
} from '../arrangement/index.ts';
import { bevelBacklash, type BevelPair } from '../gears/index.ts';
import { learnPlay, type BeforeTries, type PlayTry } from '../tries/index.ts';
import {
  formatQuantity,
  parseQuantity,
  UNIT_TABLE,
  type QuantityKind,
  type UnitSystem,
} from '../units/index.ts';
import { field, type Calculation } from './calculation.ts';

const unique = <T>(values: readonly T[]) => [...new Set(values)];
const ARRANGEMENTS = unique(GAIN_TABLE.map(({ arrangement }) => arrangement));
const PLACES = unique(GAIN_TABLE.map(({ place }) => place));

/** Quantities, measuring, arrangements, shims, bearings. */
export const SETTING_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'parse-quantity',
    summary: 'Read a quantity as people write it, into core units',
    fields: [
      field('text', 'text', '', { note: 'at most 40 characters' }, 'what was typed'),
      field('kind', Object.keys(UNIT_TABLE), '', {}, 'which quantity'),
      field(
        'assume',
        'text',
        '',
        { note: 'a unit id of the kind' },
        'unit taken when none is typed',
      ),
    ],
    run: ({ text, kind, assume }: { text: string; kind: QuantityKind; assume: string }) =>
      parseQuantity(text, kind, assume, 'text'),
  },
  {
    name: 'format-quantity',
    summary: 'Show a quantity in a unit system',
    fields: [
      field(
        'value',
        'number',
        'core units',
        { min: -1e9, max: 1e9 },
        'mm, °C, K, N·m, degrees, N or MPa',
      ),
      field('kind', Object.keys(UNIT_TABLE), '', {}, 'which quantity'),
      field('system', ['metric', 'inch'], '', {}, 'unit system'),
    ],
    run: ({ value, kind, system }: { value: number; kind: QuantityKind; system: UnitSystem }) =>
      formatQuantity(value, kind, system),
  },
  {
    name: 'shim-gain',
    summary: 'Which way a thicker shim moves the end play',
    fields: [
      field('arrangement', ARRANGEMENTS, '', {}, 'how the bearings hold the shaft'),
      field('place', PLACES, '', {}, 'where the thickness sits'),
    ],
    run: ({ arrangement, place }: { arrangement: Arrangement; place: ShimPlace }) =>
      shimGain(arrangement, place),
  },
  {
    name: 'trial-gain',
    summary: 'Gain of an unknown arrangement from two trial builds',
    fields: [
      field('first.thickness', 'number', 'mm', { min: -50, max: 200 }, 'pack of the first build'),
      field('first.endPlay', 'number', 'mm', { min: -50, max: 200 }, 'end play of the first build'),
      field(
        'second.thickness',
        'number',
        'mm',
        { min: -50, max: 200, note: 'at least 0.05 from the first' },
        'pack of the second build',
      ),
      field(
        'second.endPlay',
        'number',
        'mm',
        { min: -50, max: 200 },
        'end play of the second build',
      ),
    ],
    run: ({
      first,
      second,
    }: Record<'first' | 'second', { thickness: number; endPlay: number }>) => ({
      gain: trialGain(first, second),
    }),
  },
  {
    name: 'learn-play',
    summary: 'Play, gain and scatter of a place, by the builds that were measured with it',
    fields: [
      field('tries[].thickness', 'number', 'mm', { min: -1000, max: 10000 }, 'thickness in place'),
      field('tries[].play', 'number', 'mm', { min: -1000, max: 1000 }, 'play with it'),
      field(
        'tries[].uncertainty',
        'number',
        'mm',
        { min: 0, max: 100 },
        'standard, of one reading',
      ),
      field(
        'tries[].shared',
        'number',
        'mm',
        { min: 0, max: 100 },
        'standard, of what all readings share',
      ),
      field('before.gain', 'number', '', { min: -10, max: 10 }, 'gain by the geometry'),
      field('before.gainUncertainty', 'number', '', { above: 0, max: 10 }, 'standard'),
      field('before.scatter.least', 'number', 'mm', { above: 0, max: 1 }, 'between two assemblies'),
      field(
        'before.scatter.most',
        'number',
        'mm',
        { atLeast: 'least', max: 1 },
        'the same, at the most',
      ),
    ],
    run: ({ tries, before }: { tries: readonly PlayTry[]; before: BeforeTries }) =>
      learnPlay(tries, before),
  },
  {
    name: 'adjuster-play',
    summary: 'Change of end play when a threaded adjuster is turned',
    fields: [
      field('lead', 'number', 'mm', { min: 0.1, max: 10 }, 'thread lead'),
      field('clockwiseAngle', 'number', '°', { min: -3600, max: 3600 }, 'clockwise positive'),
      field('hand', [...THREAD_HANDS], '', {}, 'hand of the thread'),
    ],
    run: (input: Parameters<typeof adjusterPlay>[0]) => ({ endPlayChange: adjusterPlay(input) }),
  },
  {
    name: 'bevel-backlash',
    summary: 'Backlash gained per mm of side shift of a bevel ring gear',
    fields: [
      field('pressureAngle', 'number', '°', { min: 10, max: 30 }, 'normal pressure angle'),
      field('spiralAngle', 'number', '°', { min: 0, max: 50 }, 'mean spiral angle'),
      field(
        'ringPitchAngle',
        'number',
        '°',
        { min: 45, max: 89 },
        'pitch cone angle of the ring gear',
      ),
      field('heelRatio', 'number', '', { min: 1, max: 1.5 }, 'outer / mean cone radius'),
    ],
    run: (pair: BevelPair) => bevelBacklash(pair),
  },
];
