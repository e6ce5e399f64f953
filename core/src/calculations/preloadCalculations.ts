import { THREAD_HANDS } from '../arrangement/index.ts';
import {
  adjusterTurn,
  carrierTorque,
  clampShortening,
  closingPlay,
  cordTorque,
  judgeRolling,
  sleeveForecast,
  sleeveWindow,
  spacerCut,
  spacerLength,
  type ClampInput,
  type CordPull,
  type PlayPoint,
  type RollingRun,
  type SleeveQuestion,
  type SpacerTarget,
  type SpacerTrial,
} from '../preload/index.ts';
import type { Band } from '../measure/index.ts';
import { field, type Calculation } from './calculation.ts';
import { length, torque, degrees, band } from './preloadFields.ts';

/** Rolling torque, sleeves, spacers, adjusters, dependent sites, odds. */
export const PRELOAD_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'cord-torque',
    summary: 'Rolling torque from a spring scale on a cord',
    fields: [
      field('force', 'number', 'N', { min: 0, max: 2000 }, 'pull in steady turning'),
      length('radius', { above: 0, max: 1000 }, 'radius under the cord'),
      length('cord', { min: 0, max: 20 }, 'thickness of the cord'),
    ],
    run: (pull: CordPull) => cordTorque(pull),
  },
  {
    name: 'rolling-torque',
    summary: 'Judge readings of rolling torque: two that agree, seal drag taken off',
    fields: [
      field('tool.id', 'text', '', {}, 'id'),
      field('tool.name', 'text', '', {}, 'name'),
      torque('tool.graduation', { above: 0, max: 50 }, 'one graduation'),
      torque('tool.calibrationUncertainty', { min: 0, max: 50 }, 'standard uncertainty'),
      torque('tool.least', { min: 0, max: 2000 }, 'below it does not tell'),
      torque('tool.most', { moreThan: 'least', max: 5000 }, 'where it ends'),
      torque('readings[].value', { min: 0, max: 2000 }, 'reading'),
      field('readings[].steady', 'yesNo', '', {}, 'steady turning, not the breakaway'),
      ...band('N·m'),
      field(
        'sealDrag',
        'checkedLater',
        'N·m',
        {},
        'value and uncertainty of the seal alone; null where it is in the figure',
        'nullable',
      ),
      field('square', 'yesNo', '', {}, 'the tool stands square to the shaft'),
    ],
    run: (run: RollingRun) => judgeRolling(run),
  },
  {
    name: 'carrier-torque',
    summary: 'Rolling torque of a carrier that is read at its pinion',
    fields: [
      torque('total', { atLeast: 'pinion', max: 2000 }, 'read at the pinion'),
      torque('pinion', { min: 0, max: 2000 }, 'pinion and seal alone'),
      field(
        'ratio',
        'number',
        '',
        { min: 0.2, max: 20 },
        'teeth of the ring gear over those of the pinion',
      ),
    ],
    run: (input: { total: number; pinion: number; ratio: number }) => ({
      carrier: carrierTorque(input),
    }),
  },
  {
    name: 'sleeve-forecast',
    summary: 'How far the nut on a collapsible sleeve still goes',
    fields: [
      degrees('points[].angle', 'nut from the first snug place'),
      torque('points[].torque', { min: 0, max: 500 }, 'rolling torque there'),
      field(
        'points[].endPlay',
        'number',
        'mm',
        { min: -5, max: 20 },
        'play left there, where it was read',
        'optional',
      ),
      ...band('N·m'),
      torque('sealDrag', { min: 0, max: 100 }, 'of the seal alone'),
      torque('uncertainty', { above: 0, max: 10 }, 'standard, of one reading'),
      field(
        'lead',
        'number',
        'mm',
        { min: 0.1, max: 10 },
        'of the nut’s thread, where it is known',
        'optional',
      ),
      field(
        'playUncertainty',
        'number',
        'mm',
        { above: 0, max: 1 },
        'standard, of a play',
        'optional',
      ),
    ],
    run: (question: SleeveQuestion) => sleeveForecast(question),
  },
  {
    name: 'closing-play',
    summary: 'How far the nut goes until the play of a hub is just gone, without preload',
    fields: [
      degrees('points[].angle', 'nut from the first snug place'),
      length('points[].play', { min: 0, max: 20 }, 'play there'),
      ...band('mm'),
      length('uncertainty', { above: 0, max: 1 }, 'standard, of one reading'),
      field(
        'lead',
        'number',
        'mm',
        { min: 0.1, max: 10 },
        'of the nut’s thread, where it is known',
        'optional',
      ),
    ],
    run: (input: {
      points: readonly PlayPoint[];
      band: Band;
      uncertainty: number;
      lead?: number;
    }) => closingPlay(input.points, input.band, { ...input, lead: input.lead ?? null }),
  },
  {
    name: 'sleeve-window',
    summary: 'How far a nut turns between the limits of a preload, before a sleeve goes in',
    fields: [...band('N·m'), length('lead', { min: 0.1, max: 10 }, 'of the nut’s thread')],
    run: (input: { band: Band; lead: number }) => sleeveWindow(input),
  },
  {
    name: 'spacer-length',
    summary: 'Length of a solid spacer from trials: measured, by torque, or a bracket',
    fields: [
      length('trials[].length', { above: 0, max: 500 }, 'that was in'),
      length('trials[].lengthUncertainty', { min: 0, max: 0.1 }, 'standard'),
      field('trials[].feel', ['loose', 'tight'], '', {}, 'what it gave'),
      field(
        'trials[].play',
        'checkedLater',
        'mm',
        {},
        'value and uncertainty of the play; null where it was not measured',
        'nullable',
      ),
      field(
        'trials[].torque',
        'number',
        'N·m',
        { min: 0, max: 500 },
        'bearings alone; null where not read',
        'nullable',
      ),
      field('by', ['play', 'torque'], '', {}, 'what the limits are of'),
      ...band('mm or N·m'),
    ],
    run: ({
      trials,
      by,
      band: wanted,
    }: {
      trials: readonly SpacerTrial[];
      by: SpacerTarget['by'];
      band: Band;
    }) => spacerLength(trials, { by, band: wanted }),
  },
  {
    name: 'spacer-cut',
    summary: 'What to turn off a spacer now: three quarters first, then the rest',
    fields: [
      length('from', { above: 0, max: 500 }, 'length now'),
      length('wanted', { above: 0, max: 500 }, 'length wanted'),
    ],
    run: ({ from, wanted }: { from: number; wanted: number }) => spacerCut(from, wanted),
  },
  {
    name: 'clamp-shortening',
    summary: 'How much shorter a clamped stack is at its final nut torque',
    fields: [
      torque('trialTorque', { min: 0, max: 5000 }, 'nut in the trial'),
      torque('finalTorque', { atLeast: 'trialTorque', max: 5000 }, 'nut at the end'),
      length('thread', { above: 2, max: 200 }, 'thread'),
      field('nutFactor', 'number', '', { min: 0.05, max: 0.5 }, 'K of T = K·d·F'),
      length('length', { above: 0, max: 1000 }, 'of what is clamped'),
      field('area', 'number', 'mm²', { above: 0, max: 1e6 }, 'its section'),
      field('modulus', 'number', 'MPa', { min: 1000, max: 1000000 }, 'elastic modulus'),
    ],
    run: (input: ClampInput) => ({ shortening: clampShortening(input) }),
  },
  {
    name: 'adjuster-turn',
    summary: 'Turn of a threaded adjuster to the target, to the nearest notch',
    fields: [
      length('play', { min: -5, max: 20 }, 'measured'),
      length('guard', { min: 0, max: 5 }, 'one-sided 95 % uncertainty'),
      ...band('mm'),
      length('lead', { min: 0.1, max: 10 }, 'thread lead'),
      field(
        'notches',
        'whole',
        '',
        { min: 1, max: 120 },
        'in a turn; null where there are none',
        'nullable',
      ),
      field('hand', [...THREAD_HANDS], '', {}, 'hand of the thread'),
    ],
    run: (input: Parameters<typeof adjusterTurn>[0]) => adjusterTurn(input),
  },
];
