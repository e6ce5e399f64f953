import {
  CLEARANCE_CLASSES,
  CLEARANCE_TYPES,
  decodeDesignation,
  internalClearance,
  type ClearanceClass,
  type ClearanceType,
} from '../bearings/index.ts';
import {
  cosineCorrection,
  judgeRun,
  studentFactor,
  type IndicatorSetting,
  type RunInput,
} from '../measure/index.ts';
import { proposePack, type PackQuestion } from '../shims/index.ts';
import { field, type Calculation } from './calculation.ts';
import { band, PLAY_FAR } from './preloadFields.ts';

const CONTACTS = ['faceSquareToTravel', 'lever', 'faceSquareToPlunger'];

/** Measuring, bearings, packs. */
export const MEASURE_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'cosine-correction',
    summary: 'Correction for an indicator at an angle to the travel',
    fields: [
      field('contact', CONTACTS, '', {}, 'how the indicator meets the part'),
      field('angle', 'number', '°', { min: 0, max: 45 }, 'angle to the travel'),
    ],
    run: (setting: IndicatorSetting) => cosineCorrection(setting),
  },
  {
    name: 'student-factor',
    summary: 'One-sided Student factor for a decision',
    fields: [
      field('degreesOfFreedom', 'number', '', { min: 1, max: 1e9 }, 'effective degrees of freedom'),
      field(
        'confidence',
        'number',
        '',
        { min: 0.5, max: 0.9999 },
        'one-sided confidence',
        'optional',
      ),
    ],
    run: (input: { degreesOfFreedom: number; confidence?: number }) => ({
      factor: studentFactor(input.degreesOfFreedom, input.confidence),
    }),
  },
  {
    name: 'judge-run',
    summary: 'Judge an end play run: value, uncertainty, decision, what would decide',
    fields: [
      field('instrument.id', 'text', '', {}, 'id'),
      field('instrument.name', 'text', '', {}, 'name'),
      field('instrument.graduation', 'number', 'mm', { min: 0.0001, max: 1 }, 'one graduation'),
      field(
        'instrument.calibrationUncertainty',
        'number',
        'mm',
        { min: 0, max: 1 },
        'standard uncertainty',
      ),
      field('instrument.range', 'number', 'mm', { above: 0, max: 200 }, 'travel'),
      field('indicator.contact', CONTACTS, '', {}, 'how it meets the part'),
      field('indicator.angle', 'number', '°', { min: 0, max: 45 }, 'angle to the travel'),
      ...band('mm', PLAY_FAR),
      field('shaftHeld', 'yesNo', '', {}, 'every locating bearing is in place'),
      field('cycles[].zero', 'number', 'mm', { min: -100, max: 100 }, 'reading at zero'),
      field('cycles[].lift', 'number', 'mm', { min: -100, max: 100 }, 'reading lifted'),
      field('cycles[].returned', 'number', 'mm', { min: -100, max: 100 }, 'reading back down'),
      field(
        'cycles[].position',
        'number',
        '°',
        { min: -3600, max: 3600 },
        'mark on the shaft',
        'nullable',
      ),
    ],
    run: (input: RunInput) => judgeRun(input),
  },
  {
    name: 'decode-bearing',
    summary: 'What a bearing designation says: family, dimensions, suffixes, clearance class',
    fields: [
      field('designation', 'text', '', { note: 'at most 40 characters' }, 'as printed on the ring'),
    ],
    run: ({ designation }: { designation: string }) => decodeDesignation(designation),
  },
  {
    name: 'internal-clearance',
    summary: 'Radial internal clearance before fitting, by ISO 5753-1; null where there is no row',
    fields: [
      field('type', [...CLEARANCE_TYPES], '', {}, 'type of bearing'),
      field('bore', 'number', 'mm', { above: 0, max: 2000 }, 'bore'),
      field('clearanceClass', [...CLEARANCE_CLASSES], '', {}, 'clearance class'),
    ],
    run: (input: { type: ClearanceType; bore: number; clearanceClass: ClearanceClass }) => ({
      clearance: internalClearance(input.type, input.bore, input.clearanceClass),
    }),
  },
  {
    name: 'propose-pack',
    summary: 'The shim pack that brings the end play to target, from the stock at hand',
    fields: [
      field('endPlay.value', 'number', 'mm', { min: -100, max: 100 }, 'measured end play'),
      field('endPlay.uncertainty', 'number', 'mm', { min: 0, max: 1 }, 'its standard uncertainty'),
      field(
        'endPlay.degreesOfFreedom',
        'number',
        '',
        { min: 1, max: 1e9 },
        'null when infinite',
        'nullable',
      ),
      field(
        'packInPlace.thickness',
        'number',
        'mm',
        { min: 0, max: 100 },
        'pack when it was measured',
      ),
      field(
        'packInPlace.uncertainty',
        'number',
        'mm',
        { min: 0, max: 1 },
        'its standard uncertainty',
      ),
      field('gain', 'number', '', { min: -10, max: 10, note: 'not 0' }, '∂(end play)/∂(thickness)'),
      ...band('mm', PLAY_FAR),
      field('stock[].id', 'text', '', { note: 'each its own' }, 'size'),
      field(
        'stock[].thickness',
        'number',
        'mm',
        { above: 0, max: 20, note: 'whole µm' },
        'measured',
      ),
      field('stock[].count', 'whole', '', { min: 0, max: 400 }, 'pieces at hand'),
      field('stock[].uncertainty', 'number', 'mm', { min: 0, max: 0.1 }, 'standard, of one piece'),
      field('mostPieces', 'whole', '', { min: 1, max: 8 }, 'most pieces in a pack'),
    ],
    run: (question: PackQuestion) => proposePack(question),
  },
];
