import { compareBearings, type OfferedBearing } from '../bearings/index.ts';
import { PATTERNS, tighteningOrder, torqueStages, type Pattern } from '../fasteners/index.ts';
import {
  GRADES,
  interference,
  ringLimits,
  standardTolerance,
  type Grade,
  type Ring,
  type RingFamily,
  type SizeRange,
} from '../fits/index.ts';
import {
  judgeBoltLength,
  judgeRound,
  looseBoreRemedy,
  PLANES,
  type PlacedSize,
} from '../inspect/index.ts';
import {
  foldJob,
  JOB_EVENTS,
  JOB_SCOPES,
  JOB_STARTS,
  type JobEvent,
  type JobEventData,
} from '../job/index.ts';
import { compilePlan } from '../plan/index.ts';
import { fullComplement } from '../rollers/index.ts';
import { sealDepth } from '../seals/index.ts';
import { geometryFaults, readUnitFile } from '../unit/index.ts';
import { field, type Calculation } from './calculation.ts';
import { RENEW, UNIT_FILE } from './unitFields.ts';

const RINGS = ['inner', 'outer'] as const;
const FAMILIES = ['radial', 'tapered', 'inchTapered', 'inchTapered3'] as const;

function bearingFields(name: string) {
  return [
    field(
      `${name}.designation`,
      'text',
      '',
      { note: 'at most 40 characters' },
      'as printed; null when nothing is',
      'nullable',
    ),
    field(`${name}.dimensions.bore`, 'number', 'mm', { above: 0, max: 1000 }, 'bore'),
    field(`${name}.dimensions.outside`, 'number', 'mm', { moreThan: 'bore', max: 1000 }, 'outside'),
    field(`${name}.dimensions.width`, 'number', 'mm', { above: 0, max: 500 }, 'width'),
  ];
}

/** A unit with what a job on it is for, and how it came. */
type BuildPlanInput = Pick<JobEventData['JobOpened'], 'scope' | 'start'> & {
  readonly unitFile: string;
  readonly renew?: readonly string[];
};

/** Inspecting, fitting and planning. */
export const FITTING_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'standard-tolerance',
    summary: 'Width of a standard tolerance, by ISO 286-1',
    fields: [
      field('size', 'number', 'mm', { above: 3, max: 500 }, 'nominal size'),
      field('grade', GRADES, '', {}, 'grade'),
    ],
    run: ({ size, grade }: { size: number; grade: Grade }) => ({
      tolerance: standardTolerance(size, grade),
    }),
  },
  {
    name: 'ring-limits',
    summary: 'Limits of a bearing ring that was not measured, Normal class by ISO 492',
    fields: [
      field('size', 'number', 'mm', { above: 0, max: 1000 }, 'bore or outside diameter'),
      field('ring', RINGS, '', {}, 'which ring'),
      field('family', FAMILIES, '', {}, 'which rows'),
    ],
    run: ({ size, ring, family }: { size: number; ring: Ring; family: RingFamily }) =>
      ringLimits(size, ring, family),
  },
  {
    name: 'interference',
    summary: 'Interference of a ring on its seat from the sizes of both',
    fields: [
      field('which', RINGS, '', {}, 'which ring'),
      ...['ring', 'seat'].flatMap((name) => [
        field(`${name}.least`, 'number', 'mm', { above: 0, max: 1000 }, 'smallest it can be'),
        field(`${name}.most`, 'number', 'mm', { atLeast: 'least', max: 1000 }, 'largest it can be'),
      ]),
    ],
    run: ({ which, ring, seat }: { which: Ring; ring: SizeRange; seat: SizeRange }) =>
      interference(which, ring, seat),
  },
  {
    name: 'judge-round',
    summary: 'Ovality and taper of a bore or journal; null while too little is measured',
    fields: [
      field('nominal', 'number', 'mm', { above: 3, max: 500 }, 'nominal size'),
      field('sizes[].plane', PLANES, '', {}, 'which end'),
      field(
        'sizes[].value',
        'number',
        'mm',
        { above: 0, max: 1000, note: 'within 5 % of nominal' },
        'diameter',
      ),
      field('sizes[].uncertainty', 'number', 'mm', { min: 0, max: 1 }, 'standard uncertainty'),
    ],
    run: ({ nominal, sizes }: { nominal: number; sizes: readonly PlacedSize[] }) => ({
      verdict: judgeRound(sizes, nominal),
    }),
  },
  {
    name: 'bolt-length',
    summary: 'Whether a bolt is within its longest length',
    fields: [
      field('length', 'number', 'mm', { above: 0, max: 1000 }, 'measured'),
      field('longest', 'number', 'mm', { above: 0, max: 1000 }, 'limit'),
      field('uncertainty', 'number', 'mm', { min: 0, max: 1 }, 'standard uncertainty'),
    ],
    run: ({ length, longest, uncertainty }: Record<'length' | 'longest' | 'uncertainty', number>) =>
      judgeBoltLength(length, longest, uncertainty),
  },
  {
    name: 'loose-bore',
    summary: 'What to do with a bore in which the ring is loose',
    fields: [field('gap', 'number', 'mm', { above: 0, max: 1000 }, 'diametral gap')],
    run: ({ gap }: { gap: number }) => looseBoreRemedy(gap),
  },
  {
    name: 'compare-bearings',
    summary: 'A new bearing against the one the unit wants',
    fields: [...bearingFields('wanted'), ...bearingFields('offered')],
    run: ({ wanted, offered }: { wanted: OfferedBearing; offered: OfferedBearing }) =>
      compareBearings(wanted, offered),
  },
  {
    name: 'full-complement',
    summary: 'Loose rollers that fill the ring round a journal, and the gap left',
    fields: [
      field('journal', 'number', 'mm', { above: 0, max: 500 }, 'journal'),
      field('roller', 'number', 'mm', { above: 0, max: 120 }, 'roller'),
    ],
    run: ({ journal, roller }: { journal: number; roller: number }) =>
      fullComplement(journal, roller),
  },
  {
    name: 'seal-depth',
    summary: 'Gap left behind a seal, and how deep it may go',
    fields: [
      field(
        'boreDepth',
        'number',
        'mm',
        { atLeast: 'width', max: 1000 },
        'face to bearing or shoulder',
      ),
      field(
        'depth',
        'number',
        'mm',
        { min: 0, atMost: 'boreDepth', note: 'the seal stays in its bore' },
        'face to the seal’s outer face',
      ),
      field('width', 'number', 'mm', { above: 0, max: 200 }, 'width of the seal'),
    ],
    run: (input: { boreDepth: number; depth: number; width: number }) => sealDepth(input),
  },
  {
    name: 'tightening',
    summary: 'Order of tightening and the torque of each round',
    fields: [
      field('count', 'whole', '', { min: 1, max: 60 }, 'bolts'),
      field('pattern', PATTERNS, '', {}, 'how they lie'),
      field('least', 'number', 'N·m', { above: 0, max: 5000 }, 'least torque'),
      field('most', 'number', 'N·m', { atLeast: 'least', max: 5000 }, 'most torque'),
    ],
    run: ({
      count,
      pattern,
      least,
      most,
    }: {
      count: number;
      pattern: Pattern;
      least: number;
      most: number;
    }) => ({ order: tighteningOrder(count, pattern), rounds: torqueStages(least, most, count) }),
  },
  {
    name: 'build-plan',
    summary:
      'The build plan of a unit as it is booked in: steps in order, with numbers and what is missing',
    fields: [
      UNIT_FILE,
      field('scope', JOB_SCOPES, '', {}, 'what the job is for'),
      field('start', JOB_STARTS, '', {}, 'how the unit came', 'optional'),
      RENEW,
    ],
    run: ({ unitFile, renew = [], ...asked }: BuildPlanInput) => {
      const unit = readUnitFile(unitFile);
      const ids = renew.map((stationId) => ({ stationId }));
      const data = { unit, reason: '', ...asked, ...(ids.length === 0 ? {} : { renew: ids }) };
      JOB_EVENTS.JobOpened.joint!(data);
      const opened = {
        id: 'opened',
        seq: 1,
        type: 'JobOpened',
        version: 1,
        at: '',
        by: 'calc',
        data,
      } as const satisfies JobEvent;
      return { faults: geometryFaults(unit), plan: compilePlan(foldJob([opened])) };
    },
  },
];
