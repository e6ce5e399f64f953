import { judgeBoltLength } from '../../inspect/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { STATION_KIND_TABLE, STATION_KINDS } from '../../unit/index.ts';
import { figure, numbers, range } from '../figures.ts';
import { nameOf, type Rule } from '../rule.ts';
import { seatsOf, sizeUncertainty } from '../seats.ts';
import { KIND_NUMBERS, seatNumbers } from './inspectNumbers.ts';
import { isMeasured } from './measured.ts';
import { INSPECTED } from './renewRules.ts';

const SEATED = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].bearing !== null);

/** Looking, measuring, deciding; repairs and new parts follow from what was decided. */
export const INSPECT_RULES: readonly Rule[] = [
  {
    id: 'clean',
    phase: 'inspect',
    on: 'unit',
    form: 'tick',
    title: () => 'Wash everything, and look before wiping',
    how: 'Where the dirt lies shows where it came from. Blow oilways through; let bearings drip dry.',
    reason: 'Cracks and scores show only on clean metal.',
    cautions: ['solvent', 'noSpinning'],
    consumables: ['cleaner', 'lint-free cloth'],
    after: [
      { rule: 'pull', of: 'all' },
      { rule: 'pullSeal', of: 'all' },
      { rule: 'takeOutRollers', of: 'all' },
      { rule: 'recordPack', of: 'all' },
    ],
  },
  {
    id: 'inspectPart',
    phase: 'inspect',
    on: 'part',
    form: 'inspect',
    title: (subject) => `Inspect ${nameOf(subject)}`,
    how: ({ part }) =>
      part.kind === 'shaft'
        ? 'Journals, seal tracks, splines, threads. Temper colour anywhere?'
        : 'Cracks round bores and bolt bosses, scores in line with oil holes, joint faces, threads.',
    reason: 'A part that cannot be used changes everything after it.',
    tools: ['strong lamp', 'crack spray where in doubt'],
    after: [{ rule: 'clean', of: 'all' }],
    done: ({ state, part }) => state.inspection.decisions[part.id] !== undefined,
  },
  {
    id: 'measureSeats',
    phase: 'inspect',
    on: 'station',
    kinds: [...SEATED, 'looseRollers'],
    form: 'sizes',
    title: ({ station }) => `Measure the ${seatsOf(station).join(' and the ')} of ${station.name}`,
    how: 'Three angles at two depths. Part and gauge at one temperature.',
    reason: 'The fit, and the heat it needs, come from these sizes.',
    numbers: seatNumbers,
    sizes: ({ station }) => seatsOf(station),
    tools: ({ station }) =>
      seatsOf(station).map((seat) => (seat === 'bore' ? 'bore gauge' : 'micrometer')),
    after: [{ rule: 'clean', of: 'all' }],
    done: ({ state, station }) =>
      seatsOf(station).every((feature) => isMeasured({ state, station }, feature)),
  },
  {
    id: 'measureBolts',
    phase: 'inspect',
    on: 'station',
    kinds: ['bolts'],
    form: 'sizes',
    when: ({ station }) => station.longest !== undefined,
    title: (subject) => `Measure the length of ${nameOf(subject)}`,
    how: 'From under the head to the tip, each bolt.',
    reason: 'A bolt past its limit has yielded and yields again.',
    numbers: ({ state, station }) => {
      const lengths = Object.values(state.inspection.sizes[station.id]?.['length'] ?? {});
      const limit = range(
        'Longest allowed',
        'length',
        { least: null, most: station.longest! },
        SOURCES.asBookedIn.title,
      );
      const longest = lengths.toSorted((a, b) => b.value - a.value)[0];
      if (longest === undefined) return numbers(limit);
      const { word, guard } = judgeBoltLength(
        longest.value,
        station.longest!,
        sizeUncertainty(longest),
      );
      return numbers(
        limit,
        figure('Longest measured', 'length', longest.value, SOURCES.asMeasured.title, {
          word,
          expanded: guard,
        }),
      );
    },
    sizes: () => ['length'],
    tools: ['caliper or micrometer'],
    after: [{ rule: 'clean', of: 'all' }],
    done: (subject) => isMeasured(subject, 'length'),
  },
  {
    id: 'inspect',
    phase: 'inspect',
    on: 'station',
    kinds: INSPECTED,
    form: 'inspect',
    title: (subject) => `Inspect ${nameOf(subject)}`,
    how: ({ station }) =>
      station.kind === 'seal'
        ? 'Look at its bore and at the track of its lip; the seal itself is replaced.'
        : 'Reuse, repair or replace: say what was seen.',
    reason: 'The rest of the plan follows from this decision.',
    numbers: (subject) => KIND_NUMBERS[subject.station.kind]?.(subject) ?? numbers(),
    tools: ['strong lamp'],
    after: [
      { rule: 'clean', of: 'all' },
      { rule: 'measureSeats', of: 'station' },
      { rule: 'measureBolts', of: 'station' },
      { rule: 'measureHousing', of: 'station' },
      { rule: 'readMarks', of: 'station' },
    ],
    done: ({ state, station }) => state.inspection.decisions[station.id] !== undefined,
  },
];
