import {
  carrierSplit,
  PLAY_TERM_KINDS,
  termShift,
  THREAD_HANDS,
  type Arrangement,
  type PlayTerm,
} from '../arrangement/index.ts';
import { MATERIAL_IDS } from '../materials/index.ts';
import { doubtReading, type ExpectedReading, type TakenIn } from '../measure/index.ts';
import { packOdds, type OddsQuestion } from '../odds/index.ts';
import {
  adjusterTurn,
  carrierTorque,
  clampShortening,
  closingPlay,
  cordTorque,
  judgeRolling,
  sleeveForecast,
  spacerCut,
  spacerLength,
  warmPlay,
  type ClampInput,
  type CordPull,
  type PlayPoint,
  type RollingRun,
  type SleeveQuestion,
  type SpacerTarget,
  type SpacerTrial,
} from '../preload/index.ts';
import { jointPacks, type JointQuestion } from '../shims/index.ts';
import type { Band } from '../measure/index.ts';
import type { Field } from '../shape/index.ts';
import { field, type Calculation } from './calculation.ts';

const length = (path: string, range: string, meaning: string) =>
  field(path, 'number', 'mm', range, meaning);
const torque = (path: string, range: string, meaning: string) =>
  field(path, 'number', 'N·m', range, meaning);
const degrees = (path: string, meaning: string) => field(path, 'number', '°', '0 to 7200', meaning);
const band = (unit: string): readonly Field[] => [
  field('band.lower', 'number', unit, '', 'lower limit; null when open', 'nullable'),
  field('band.upper', 'number', unit, '', 'upper limit; null when open', 'nullable'),
  field(
    'band.target',
    'number',
    unit,
    'inside the band',
    'where to aim; null for the middle',
    'nullable',
  ),
];

/** Rolling torque, sleeves, spacers, adjusters, dependent sites, odds. */
export const PRELOAD_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'cord-torque',
    summary: 'Rolling torque from a spring scale on a cord',
    fields: [
      field('force', 'number', 'N', '0 to 2000', 'pull in steady turning'),
      length('radius', 'more than 0, at most 1000', 'radius under the cord'),
      length('cord', '0 to 20', 'thickness of the cord'),
    ],
    run: (pull: CordPull) => cordTorque(pull),
  },
  {
    name: 'rolling-torque',
    summary: 'Judge readings of rolling torque: two that agree, seal drag taken off',
    fields: [
      field('tool.id', 'text', '', '', 'id'),
      field('tool.name', 'text', '', '', 'name'),
      torque('tool.graduation', 'more than 0, at most 50', 'one graduation'),
      torque('tool.calibrationUncertainty', '0 to 50', 'standard uncertainty'),
      torque('tool.least', '0 to 2000', 'below it does not tell'),
      torque('tool.most', 'more than least, at most 5000', 'where it ends'),
      torque('readings[].value', '0 to 2000', 'reading'),
      field('readings[].steady', 'yesNo', '', '', 'steady turning, not the breakaway'),
      ...band('N·m'),
      field(
        'sealDrag',
        'checkedLater',
        'N·m',
        '',
        'value and uncertainty of the seal alone; null where it is in the figure',
        'nullable',
      ),
      field('square', 'yesNo', '', '', 'the tool stands square to the shaft'),
    ],
    run: (run: RollingRun) => judgeRolling(run),
  },
  {
    name: 'carrier-torque',
    summary: 'Rolling torque of a carrier that is read at its pinion',
    fields: [
      torque('total', 'at least pinion', 'read at the pinion'),
      torque('pinion', '0 to 2000', 'pinion and seal alone'),
      field('ratio', 'number', '', '0.2 to 20', 'teeth of the ring gear over those of the pinion'),
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
      torque('points[].torque', '0 to 500', 'rolling torque there'),
      ...band('N·m'),
      torque('sealDrag', '0 to 100', 'of the seal alone'),
      torque('uncertainty', 'more than 0, at most 10', 'standard, of one reading'),
    ],
    run: (question: SleeveQuestion) => sleeveForecast(question),
  },
  {
    name: 'closing-play',
    summary: 'How far the nut goes until the play of a hub is just gone, without preload',
    fields: [
      degrees('points[].angle', 'nut from the first snug place'),
      length('points[].play', '0 to 20', 'play there'),
      ...band('mm'),
      length('uncertainty', 'more than 0, at most 1', 'standard, of one reading'),
    ],
    run: (input: { points: readonly PlayPoint[]; band: Band; uncertainty: number }) =>
      closingPlay(input.points, input.band, input.uncertainty),
  },
  {
    name: 'spacer-length',
    summary: 'Length of a solid spacer from trials: measured, by torque, or a bracket',
    fields: [
      length('trials[].length', 'more than 0, at most 500', 'that was in'),
      length('trials[].lengthUncertainty', '0 to 0.1', 'standard'),
      field('trials[].feel', ['loose', 'tight'], '', '', 'what it gave'),
      field(
        'trials[].play',
        'checkedLater',
        'mm',
        '',
        'value and uncertainty of the play; null where it was not measured',
        'nullable',
      ),
      field(
        'trials[].torque',
        'number',
        'N·m',
        '0 to 500',
        'bearings alone; null where not read',
        'nullable',
      ),
      field('by', ['play', 'torque'], '', '', 'what the band is of'),
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
      length('from', 'more than 0, at most 500', 'length now'),
      length('wanted', 'more than 0, at most 500', 'length wanted'),
    ],
    run: ({ from, wanted }: { from: number; wanted: number }) => spacerCut(from, wanted),
  },
  {
    name: 'clamp-shortening',
    summary: 'How much shorter a clamped stack is at its final nut torque',
    fields: [
      torque('trialTorque', '0 to 5000', 'nut in the trial'),
      torque('finalTorque', 'at least trialTorque', 'nut at the end'),
      length('thread', 'more than 2, at most 200', 'thread'),
      field('nutFactor', 'number', '', '0.05 to 0.5', 'K of T = K·d·F'),
      length('length', 'more than 0, at most 1000', 'of what is clamped'),
      field('area', 'number', 'mm²', 'more than 0', 'its section'),
      field('modulus', 'number', 'MPa', '1000 to 1000000', 'elastic modulus'),
    ],
    run: (input: ClampInput) => ({ shortening: clampShortening(input) }),
  },
  {
    name: 'adjuster-turn',
    summary: 'Turn of a threaded adjuster to the target, to the nearest notch',
    fields: [
      length('play', '−5 to 20', 'measured'),
      length('guard', '0 to 5', 'one-sided 95 % uncertainty'),
      ...band('mm'),
      length('lead', '0.1 to 10', 'thread lead'),
      field('notches', 'whole', '', '1 to 120', 'in a turn; null where there are none', 'nullable'),
      field('hand', [...THREAD_HANDS], '', '', 'hand of the thread'),
    ],
    run: (input: Parameters<typeof adjusterTurn>[0]) => adjusterTurn(input),
  },
  {
    name: 'carrier-split',
    summary: 'Shims at the two sides of a carrier for preload and backlash',
    fields: [
      length('gearSide', '0 to 50', 'shims at the back of the ring gear'),
      length('otherSide', '0 to 50', 'shims at the other side'),
      length('play', '0 to 50', 'with these'),
      length('preload', '0 to 50', 'interference wanted'),
      length('backlash', '0 to 50', 'held against the other side'),
      length('target', '0 to 50', 'backlash wanted'),
      field('factor', 'number', '', '0.2 to 2', '∂(backlash)/∂(shift)'),
    ],
    run: (input: Parameters<typeof carrierSplit>[0]) => carrierSplit(input),
  },
  {
    name: 'play-terms',
    summary: 'What differs between trial and final build, and what it does to the play',
    fields: [
      field(
        'arrangement',
        ['faceToFace', 'backToBack', 'plainThrust'],
        '',
        '',
        'how the bearings hold the shaft',
      ),
      field('terms[].kind', [...PLAY_TERM_KINDS], '', '', 'what differs'),
      length('terms[].trial', '0 to 200', 'in the trial'),
      length('terms[].final', '0 to 200', 'at the end'),
      length('terms[].uncertainty', '0 to 1', 'standard, of the difference'),
    ],
    run: ({ arrangement, terms }: { arrangement: Arrangement; terms: readonly PlayTerm[] }) =>
      termShift(arrangement, terms),
  },
  {
    name: 'doubt-reading',
    summary: 'Whether a typed reading is to be asked back, and what it may have meant',
    fields: [
      length('value', '', 'as read'),
      length('least', '', 'expected'),
      length('most', '', 'expected'),
      field('taken', ['mm', 'in', 'written'], '', '', 'unit of the bare number'),
    ],
    run: ({ value, taken, ...expected }: ExpectedReading & { value: number; taken: TakenIn }) => ({
      doubt: doubtReading(value, expected, taken),
    }),
  },
  {
    name: 'joint-packs',
    summary: 'Packs for several sites of one shaft that depend on each other',
    fields: [
      field('specs[].id', 'text', '', '', 'figure'),
      length('specs[].value', '−100 to 100', 'measured'),
      length('specs[].uncertainty', '0 to 1', 'standard'),
      field(
        'specs[].degreesOfFreedom',
        'number',
        '',
        'at least 1',
        'null when infinite',
        'nullable',
      ),
      ...['lower', 'upper', 'target'].map((name) =>
        field(`specs[].band.${name}`, 'number', 'mm', '', name, 'nullable'),
      ),
      field('sites[].id', 'text', '', '', 'site'),
      length('sites[].thickness', '0 to 100', 'pack when it was measured'),
      length('sites[].uncertainty', '0 to 1', 'standard'),
      field('sites[].gains', 'checkedLater', '', '−10 to 10', '∂(figure)/∂(thickness), by figure'),
      field('stock[].id', 'text', '', 'each its own', 'size'),
      length('stock[].thickness', 'more than 0, at most 20, whole µm', 'measured'),
      field('stock[].count', 'whole', '', '0 to 400', 'pieces at hand'),
      length('stock[].uncertainty', '0 to 0.1', 'standard, of one piece'),
      field('mostPieces', 'whole', '', '1 to 4', 'most pieces at a site'),
    ],
    run: (question: JointQuestion) => jointPacks(question),
  },
  {
    name: 'warm-play',
    summary: 'End play at running temperature of a shaft on two tapered bearings',
    fields: [
      length('cold', '−10 to 100', 'at 20 °C'),
      field('arrangement', ['faceToFace', 'backToBack'], '', '', 'how the bearings hold the shaft'),
      length('span', '0 to 5000', 'between the cup backs'),
      field('rise', 'number', 'K', '−60 to 180', 'above 20 °C'),
      field('housing', MATERIAL_IDS, '', '', 'material of the case'),
      field('shaft', MATERIAL_IDS, '', '', 'material of the shaft'),
      length('cups[].outside', '', 'cup'),
      field('cups[].contactAngle', 'number', '°', '5 to 45', 'contact angle'),
      length('cups[].contractionCold', '0 to 1', 'raceway, at 20 °C'),
      length('cups[].contractionWarm', '0 to 1', 'raceway, warm'),
      length('cups[].fitWarm', '', 'interference, warm'),
    ],
    run: (input: Parameters<typeof warmPlay>[0]) => warmPlay(input),
  },
  {
    name: 'pack-odds',
    summary: 'Odds that a pack is in band after fitting, by Monte Carlo',
    fields: [
      length('endPlay.value', '−100 to 100', 'measured'),
      length('endPlay.uncertainty', '0 to 5', 'standard'),
      field(
        'endPlay.degreesOfFreedom',
        'number',
        '',
        'at least 1',
        'null when infinite',
        'nullable',
      ),
      length('packInPlace.thickness', '0 to 100', 'pack when it was measured'),
      length('packInPlace.uncertainty', '0 to 5', 'standard'),
      length('newPack.thickness', '0 to 100', 'pack that goes in'),
      field('newPack.pieces', 'whole', '', '0 to 40', 'its pieces'),
      length('newPack.pieceUncertainty', '0 to 5', 'standard, of one'),
      field('gain', 'number', '', '−10 to 10', '∂(end play)/∂(thickness)'),
      ...band('mm'),
      length('seating', '0 to 5', 'scatter from one assembly to the next'),
      field('draws', 'whole', '', '100 to 2000000', 'draws'),
      field('seed', 'whole', '', '', 'of the draws'),
    ],
    run: (question: OddsQuestion) => packOdds(question),
  },
];
