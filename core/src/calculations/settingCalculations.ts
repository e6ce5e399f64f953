import {
  adjusterPlay,
  GAIN_TABLE,
  shimGain,
  THREAD_HANDS,
  trialGain,
  type Arrangement,
  type ShimPlace,
} from '../arrangement/index.ts';
import {
  CLEARANCE_CLASSES,
  CLEARANCE_TYPES,
  decodeDesignation,
  internalClearance,
  type ClearanceClass,
  type ClearanceType,
} from '../bearings/index.ts';
import { bevelBacklash, type BevelPair } from '../gears/index.ts';
import {
  cosineCorrection,
  judgeRun,
  studentFactor,
  type IndicatorSetting,
  type RunInput,
} from '../measure/index.ts';
import { proposePack, type PackQuestion } from '../shims/index.ts';
import { learnPlay, type BeforeTries, type PlayTry } from '../tries/index.ts';
import {
  formatQuantity,
  parseQuantity,
  UNIT_TABLE,
  type QuantityKind,
  type UnitSystem,
} from '../units/index.ts';
import type { Field } from '../shape/index.ts';
import { field, type Calculation } from './calculation.ts';

const BAND: readonly Field[] = [
  field('band.lower', 'number', 'mm', '−100 to 100', 'lower limit; null when open', 'nullable'),
  field('band.upper', 'number', 'mm', '−100 to 100', 'upper limit; null when open', 'nullable'),
  field(
    'band.target',
    'number',
    'mm',
    'within the limits',
    'where to aim; null for the middle',
    'nullable',
  ),
];
const CONTACTS = ['faceSquareToTravel', 'lever', 'faceSquareToPlunger'];
const unique = <T>(values: readonly T[]) => [...new Set(values)];
const ARRANGEMENTS = unique(GAIN_TABLE.map(({ arrangement }) => arrangement));
const PLACES = unique(GAIN_TABLE.map(({ place }) => place));

/** Quantities, measuring, arrangements, shims, bearings. */
export const SETTING_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'parse-quantity',
    summary: 'Read a quantity as people write it, into core units',
    fields: [
      field('text', 'text', '', 'at most 40 characters', 'what was typed'),
      field('kind', Object.keys(UNIT_TABLE), '', '', 'which quantity'),
      field('assume', 'text', '', 'a unit id of the kind', 'unit taken when none is typed'),
    ],
    run: ({ text, kind, assume }: { text: string; kind: QuantityKind; assume: string }) =>
      parseQuantity(text, kind, assume, 'text'),
  },
  {
    name: 'format-quantity',
    summary: 'Show a quantity in a unit system',
    fields: [
      field('value', 'number', 'core units', '', 'mm, °C, K, N·m, degrees, N or MPa'),
      field('kind', Object.keys(UNIT_TABLE), '', '', 'which quantity'),
      field('system', ['metric', 'inch'], '', '', 'unit system'),
    ],
    run: ({ value, kind, system }: { value: number; kind: QuantityKind; system: UnitSystem }) =>
      formatQuantity(value, kind, system),
  },
  {
    name: 'shim-gain',
    summary: 'Which way a thicker shim moves the end play',
    fields: [
      field('arrangement', ARRANGEMENTS, '', '', 'how the bearings hold the shaft'),
      field('place', PLACES, '', '', 'where the thickness sits'),
    ],
    run: ({ arrangement, place }: { arrangement: Arrangement; place: ShimPlace }) =>
      shimGain(arrangement, place),
  },
  {
    name: 'trial-gain',
    summary: 'Gain of an unknown arrangement from two trial builds',
    fields: [
      field('first.thickness', 'number', 'mm', '−50 to 200', 'pack of the first build'),
      field('first.endPlay', 'number', 'mm', '−50 to 200', 'end play of the first build'),
      field(
        'second.thickness',
        'number',
        'mm',
        'at least 0.05 from the first',
        'pack of the second build',
      ),
      field('second.endPlay', 'number', 'mm', '−50 to 200', 'end play of the second build'),
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
      field('tries[].thickness', 'number', 'mm', '−1000 to 10000', 'thickness in place'),
      field('tries[].play', 'number', 'mm', '−1000 to 1000', 'play with it'),
      field('tries[].uncertainty', 'number', 'mm', '0 to 100', 'standard, of one reading'),
      field('tries[].shared', 'number', 'mm', '0 to 100', 'standard, of what all readings share'),
      field('before.gain', 'number', '', '−10 to 10', 'gain by the geometry'),
      field('before.gainUncertainty', 'number', '', 'more than 0, at most 10', 'standard'),
      field(
        'before.scatter.least',
        'number',
        'mm',
        'more than 0, at most 1',
        'between two assemblies',
      ),
      field('before.scatter.most', 'number', 'mm', 'least to 1', 'the same, at the most'),
    ],
    run: ({ tries, before }: { tries: readonly PlayTry[]; before: BeforeTries }) =>
      learnPlay(tries, before),
  },
  {
    name: 'adjuster-play',
    summary: 'Change of end play when a threaded adjuster is turned',
    fields: [
      field('lead', 'number', 'mm', '0.1 to 10', 'thread lead'),
      field('clockwiseAngle', 'number', '°', '−3600 to 3600', 'clockwise positive'),
      field('hand', [...THREAD_HANDS], '', '', 'hand of the thread'),
    ],
    run: (input: Parameters<typeof adjusterPlay>[0]) => ({ endPlayChange: adjusterPlay(input) }),
  },
  {
    name: 'bevel-backlash',
    summary: 'Backlash gained per mm of side shift of a bevel ring gear',
    fields: [
      field('pressureAngle', 'number', '°', '10 to 30', 'normal pressure angle'),
      field('spiralAngle', 'number', '°', '0 to 50', 'mean spiral angle'),
      field('ringPitchAngle', 'number', '°', '45 to 89', 'pitch cone angle of the ring gear'),
      field('heelRatio', 'number', '', '1 to 1.5', 'outer / mean cone radius'),
    ],
    run: (pair: BevelPair) => bevelBacklash(pair),
  },
  {
    name: 'cosine-correction',
    summary: 'Correction for an indicator at an angle to the travel',
    fields: [
      field('contact', CONTACTS, '', '', 'how the indicator meets the part'),
      field('angle', 'number', '°', '0 to 45', 'angle to the travel'),
    ],
    run: (setting: IndicatorSetting) => cosineCorrection(setting),
  },
  {
    name: 'student-factor',
    summary: 'One-sided Student factor for a decision',
    fields: [
      field('degreesOfFreedom', 'number', '', 'at least 1', 'effective degrees of freedom'),
      field('confidence', 'number', '', '0.5 to 0.9999', 'one-sided confidence', 'optional'),
    ],
    run: (input: { degreesOfFreedom: number; confidence?: number }) => ({
      factor: studentFactor(input.degreesOfFreedom, input.confidence),
    }),
  },
  {
    name: 'judge-run',
    summary: 'Judge an end play run: value, uncertainty, decision, what would decide',
    fields: [
      field('instrument.id', 'text', '', '', 'id'),
      field('instrument.name', 'text', '', '', 'name'),
      field('instrument.graduation', 'number', 'mm', '0.0001 to 1', 'one graduation'),
      field('instrument.calibrationUncertainty', 'number', 'mm', '0 to 1', 'standard uncertainty'),
      field('instrument.range', 'number', 'mm', 'more than 0, at most 200', 'travel'),
      field('indicator.contact', CONTACTS, '', '', 'how it meets the part'),
      field('indicator.angle', 'number', '°', '0 to 45', 'angle to the travel'),
      ...BAND,
      field('shaftHeld', 'yesNo', '', '', 'every locating bearing is in place'),
      field('cycles[].zero', 'number', 'mm', '−100 to 100', 'reading at zero'),
      field('cycles[].lift', 'number', 'mm', '−100 to 100', 'reading lifted'),
      field('cycles[].returned', 'number', 'mm', '−100 to 100', 'reading back down'),
      field('cycles[].position', 'number', '°', '', 'mark on the shaft', 'nullable'),
    ],
    run: (input: RunInput) => judgeRun(input),
  },
  {
    name: 'decode-bearing',
    summary: 'What a bearing designation says: family, dimensions, suffixes, clearance class',
    fields: [field('designation', 'text', '', 'at most 40 characters', 'as printed on the ring')],
    run: ({ designation }: { designation: string }) => decodeDesignation(designation),
  },
  {
    name: 'internal-clearance',
    summary: 'Radial internal clearance before fitting, by ISO 5753-1; null where there is no row',
    fields: [
      field('type', [...CLEARANCE_TYPES], '', '', 'type of bearing'),
      field('bore', 'number', 'mm', 'more than 0, at most 2000', 'bore'),
      field('clearanceClass', [...CLEARANCE_CLASSES], '', '', 'clearance class'),
    ],
    run: (input: { type: ClearanceType; bore: number; clearanceClass: ClearanceClass }) => ({
      clearance: internalClearance(input.type, input.bore, input.clearanceClass),
    }),
  },
  {
    name: 'propose-pack',
    summary: 'The shim pack that brings the end play to target, from the stock at hand',
    fields: [
      field('endPlay.value', 'number', 'mm', '−100 to 100', 'measured end play'),
      field('endPlay.uncertainty', 'number', 'mm', '0 to 1', 'its standard uncertainty'),
      field(
        'endPlay.degreesOfFreedom',
        'number',
        '',
        'at least 1',
        'null when infinite',
        'nullable',
      ),
      field('packInPlace.thickness', 'number', 'mm', '0 to 100', 'pack when it was measured'),
      field('packInPlace.uncertainty', 'number', 'mm', '0 to 1', 'its standard uncertainty'),
      field('gain', 'number', '', '−10 to 10, not 0', '∂(end play)/∂(thickness)'),
      ...BAND,
      field('stock[].id', 'text', '', 'each its own', 'size'),
      field('stock[].thickness', 'number', 'mm', 'more than 0, at most 20, whole µm', 'measured'),
      field('stock[].count', 'whole', '', '0 to 400', 'pieces at hand'),
      field('stock[].uncertainty', 'number', 'mm', '0 to 0.1', 'standard, of one piece'),
      field('mostPieces', 'whole', '', '1 to 8', 'most pieces in a pack'),
    ],
    run: (question: PackQuestion) => proposePack(question),
  },
];
