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
import { band, length, PLAY_FAR } from './preloadFields.ts';

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
        {},
        'how the bearings hold the shaft',
      ),
      field('terms[].kind', [...PLAY_TERM_KINDS], '', {}, 'what differs'),
      length('terms[].trial', { min: 0, max: 200 }, 'in the trial'),
      length('terms[].final', { min: 0, max: 200 }, 'at the end'),
      length('terms[].uncertainty', { min: 0, max: 1 }, 'standard, of the difference'),
    ],
    run: ({ arrangement, terms }: { arrangement: Arrangement; terms: readonly PlayTerm[] }) =>
      termShift(arrangement, terms),
  },
  {
    name: 'doubt-reading',
    summary: 'Whether a typed reading is to be asked back, and what it may have meant',
    fields: [
      length('value', { min: -10_000, max: 10_000 }, 'as read'),
      length('least', { min: -10_000, max: 10_000 }, 'expected'),
      length('most', { min: -10_000, max: 10_000, atLeast: 'least' }, 'expected'),
      field('taken', ['mm', 'in', 'written'], '', {}, 'unit of the bare number'),
    ],
    run: ({ value, taken, ...expected }: ExpectedReading & { value: number; taken: TakenIn }) => ({
      doubt: doubtReading(value, expected, taken),
    }),
  },
  {
    name: 'joint-packs',
    summary: 'Packs for several sites of one shaft that depend on each other',
    fields: [
      field('specs[].id', 'text', '', {}, 'figure'),
      length('specs[].value', { min: -100, max: 100 }, 'measured'),
      length('specs[].uncertainty', { min: 0, max: 1 }, 'standard'),
      field(
        'specs[].degreesOfFreedom',
        'number',
        '',
        { min: 1, max: 1e9 },
        'null when infinite',
        'nullable',
      ),
      ...band('mm', PLAY_FAR, 'specs[].'),
      field('sites[].id', 'text', '', {}, 'site'),
      length('sites[].thickness', { min: 0, max: 100 }, 'pack when it was measured'),
      length('sites[].uncertainty', { min: 0, max: 1 }, 'standard'),
      field(
        'sites[].gains',
        'checkedLater',
        '',
        { min: -10, max: 10 },
        '∂(figure)/∂(thickness), by figure',
      ),
      field('stock[].id', 'text', '', { note: 'each its own' }, 'size'),
      length('stock[].thickness', { above: 0, max: 20, note: 'whole µm' }, 'measured'),
      field('stock[].count', 'whole', '', { min: 0, max: 400 }, 'pieces at hand'),
      length('stock[].uncertainty', { min: 0, max: 0.1 }, 'standard, of one piece'),
      field('mostPieces', 'whole', '', { min: 1, max: 4 }, 'most pieces at a site'),
    ],
    run: (question: JointQuestion) => jointPacks(question),
  },
  {
    name: 'warm-play',
    summary: 'End play at running temperature of a shaft on two tapered bearings',
    fields: [
      length('cold', { min: -10, max: 100 }, 'at 20 °C'),
      field('arrangement', ['faceToFace', 'backToBack'], '', {}, 'how the bearings hold the shaft'),
      length('span', { min: 0, max: 5000 }, 'between the cup backs'),
      field('rise', 'number', 'K', { min: -60, max: 180 }, 'above 20 °C'),
      field('housing', MATERIAL_IDS, '', {}, 'material of the case'),
      field('shaft', MATERIAL_IDS, '', {}, 'material of the shaft'),
      length('cups[].outside', { above: 0, max: 1000 }, 'cup'),
      field('cups[].contactAngle', 'number', '°', { min: 5, max: 45 }, 'contact angle'),
      length('cups[].contractionCold', { min: 0, max: 1 }, 'raceway, at 20 °C'),
      length('cups[].contractionWarm', { min: 0, max: 1 }, 'raceway, warm'),
      length('cups[].fitWarm', { min: -5, max: 5 }, 'interference, warm'),
    ],
    run: (input: Parameters<typeof warmPlay>[0]) => warmPlay(input),
  },
  {
    name: 'pack-odds',
    summary: 'Chance that a pack is within limits after fitting, by Monte Carlo',
    fields: [
      length('endPlay.value', { min: -100, max: 100 }, 'measured'),
      length('endPlay.uncertainty', { min: 0, max: 5 }, 'standard'),
      field(
        'endPlay.degreesOfFreedom',
        'number',
        '',
        { min: 1, max: 1e9 },
        'null when infinite',
        'nullable',
      ),
      length('packInPlace.thickness', { min: 0, max: 100 }, 'pack when it was measured'),
      length('packInPlace.uncertainty', { min: 0, max: 5 }, 'standard'),
      length('newPack.thickness', { min: 0, max: 100 }, 'pack that goes in'),
      field('newPack.pieces', 'whole', '', { min: 0, max: 40 }, 'its pieces'),
      length('newPack.pieceUncertainty', { min: 0, max: 5 }, 'standard, of one'),
      field('gain', 'number', '', { min: -10, max: 10 }, '∂(end play)/∂(thickness)'),
      ...band('mm'),
      length(
        'seating.value',
        { min: 0, max: 5 },
        'scatter from one assembly to the next, standard',
      ),
      field(
        'seating.degreesOfFreedom',
        'number',
        '',
        { above: 4, max: 1e9 },
        'null when it is known outright',
        'nullable',
      ),
      field('draws', 'whole', '', { min: 100, max: 2000000 }, 'draws'),
      field('seed', 'whole', '', { min: -2_147_483_648, max: 2_147_483_647 }, 'of the draws'),
    ],
    run: (question: OddsQuestion) => packOdds(question),
  },
];
