import {
  PLAY_TERM_KINDS,
  termShift,
  type Arrangement,
  type PlayTerm,
} from '../arrangement/index.ts';
import { MATERIAL_IDS } from '../materials/index.ts';
import { doubtReading, type ExpectedReading, type TakenIn } from '../measure/index.ts';
import { packOdds, type OddsQuestion } from '../odds/index.ts';
import { warmPlay } from '../preload/index.ts';
import { jointPacks, type JointQuestion } from '../shims/index.ts';
import { field, type Calculation } from './calculation.ts';
import { length, band } from './preloadFields.ts';

/** What differs between trial and final build, dependent sites, odds. */
export const PLAY_CALCULATIONS: readonly Calculation[] = [
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
    summary: 'Chance that a pack is within limits after fitting, by Monte Carlo',
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
      length('seating.value', '0 to 5', 'scatter from one assembly to the next, standard'),
      field(
        'seating.degreesOfFreedom',
        'number',
        '',
        'more than 4',
        'null when it is known outright',
        'nullable',
      ),
      field('draws', 'whole', '', '100 to 2000000', 'draws'),
      field('seed', 'whole', '', '', 'of the draws'),
    ],
    run: (question: OddsQuestion) => packOdds(question),
  },
];
