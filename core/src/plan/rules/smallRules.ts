import type { RingEnds, Station, StationKind } from '../../unit/index.ts';
import { bandFigure, figure, lacksDetail, numbers } from '../figures.ts';
import { decide, NORMAL_FACTOR } from '../../measure/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { besideThreadlocker } from '../compound.ts';
import { meanSize } from '../seats.ts';
import { nameOf, type Numbers, type Rule, type StationSubject } from '../rule.ts';
import { orientationOf } from './orientation.ts';
import { isMeasured } from './measured.ts';
import { READY } from './seated.ts';

/** What stays in its part for good, and is only put in anew where it is renewed. */
const LASTING: readonly StationKind[] = ['dowel', 'stud'];
/** What seals a bore or a shaft from its own groove. */
export const GROOVE_SEALS: readonly StationKind[] = ['ringSeal', 'pistonSeal'];

/** Whether something that lasts is put in anew. */
const isRenewed = ({ state, station }: StationSubject): boolean =>
  state.sheet.renew.includes(station.id) ||
  state.inspection.decisions[station.id]?.verdict === 'replace';

/** How what lasts goes in. Common practice, no source. */
const LASTING_HOW = {
  dowel:
    'Hole clean, chamfer up. Square, cold, to the depth of the old one: it stands out less than the hole in the other half is deep. Then try the other half on by hand.',
  stud: 'Threads clean and dry, the compound its maker names. Two nuts locked on it, or a driver; to its depth, not to a torque, so that it does not jam on its run-out. Square to the face.',
} as const satisfies Partial<Record<StationKind, string>>;

/** How a ring in a groove goes on, by its ends. Common practice, no source. */
const ENDS_HOW: Readonly<Record<RingEnds, string>> = {
  butt: 'Open it no further than it needs to pass; ends away from the port, those of two rings opposite.',
  hooked: 'Over the groove from the side, hook the ends; it must turn freely with its hook closed.',
  scarf: 'The cut lies over itself, its slope as on the old one; it must turn freely.',
  whole:
    'In one piece: in hot water or oil first, over a cone with a sleeve, once and evenly; then the sizing sleeve over it until it lies in its groove again.',
};

function gapNumbers({ state, station }: StationSubject): Numbers {
  const { gapLeast, gapMost, ends } = station;
  if (ends === 'whole') return numbers();
  const lacking = (['gapLeast', 'gapMost'] as const)
    .filter((name) => station[name] === undefined)
    .map((name) => lacksDetail(station, name));
  if (lacking.length > 0) return numbers(lacking);
  const band = { lower: gapLeast!, upper: gapMost!, target: null };
  const limits = bandFigure('Gap at its ends, limits', 'length', band, SOURCES.asBookedIn.title);
  const gap = meanSize(state, station, 'endGap');
  if (gap === null) return numbers(limits);
  const guard = NORMAL_FACTOR * gap.uncertainty;
  const { word } = decide(gap.mean, gap.mean, band, guard);
  return numbers(
    limits,
    figure('Gap at its ends', 'length', gap.mean, SOURCES.asMeasured.title, {
      expanded: guard,
      word,
    }),
  );
}

const hasGap = ({ ends }: Station): boolean => ends !== 'whole';

/** Pistons, the seals in grooves, dowels and studs: out, measured, and in again before what covers them. */
export const SMALL_RULES: readonly Rule[] = [
  {
    id: 'takeOutPiston',
    phase: 'strip',
    on: 'station',
    kinds: ['piston'],
    form: 'tick',
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: 'Catch its return springs. Draw it out straight by its rim; where air has to help, through its own feed, the regulator from zero up and no more than it takes, a board fixed over it and hands clear: it comes out like a shot.',
    reason: 'Its seals lie under it.',
    cautions: ['airTest', 'splinters'],
    after: [
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
  },
  {
    id: 'measureGap',
    phase: 'seat',
    on: 'station',
    kinds: ['ringSeal'],
    form: 'sizes',
    when: ({ station }) => hasGap(station),
    title: (subject) => `Measure the end gap of ${nameOf(subject)}`,
    how: 'The ring alone in its bore, pushed in square with the piston or a disc, where the bore is least worn; feeler between its ends.',
    reason: 'Too small a gap jams when hot, too large a gap leaks.',
    numbers: gapNumbers,
    sizes: () => ['endGap'],
    tools: ['feeler gauges'],
    after: READY,
    done: (subject) => isMeasured(subject, 'endGap'),
  },
  {
    id: 'fitGrooveSeal',
    phase: 'seat',
    on: 'station',
    kinds: GROOVE_SEALS,
    form: 'tick',
    title: (subject) => `Fit ${nameOf(subject)} into its groove`,
    how: ({ station }) =>
      station.kind === 'pistonSeal'
        ? 'Groove clean, no burr on its edge. Oiled, stretched no more than it needs, not twisted; a lip faces the pressure.'
        : `Groove clean, the ring free in it all round. ${ENDS_HOW[station.ends ?? 'butt']}`,
    reason: 'The part over it goes on after it.',
    numbers: (subject) =>
      subject.station.kind === 'ringSeal'
        ? subject.station.ends === undefined
          ? numbers(lacksDetail(subject.station, 'ends'))
          : gapNumbers(subject)
        : numbers(),
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    consumables: ['the unit’s own oil'],
    after: [...READY, { rule: 'measureGap', of: 'station' }],
  },
  {
    id: 'fitPiston',
    phase: 'seat',
    on: 'station',
    kinds: ['piston'],
    form: 'tick',
    title: (subject) => `Put in ${nameOf(subject)}`,
    how: ({ station }) =>
      `Bore and seals oiled. Straight in, turning a little, a thin sleeve or feeler round the lip so that it does not fold back.${
        station.bleed === undefined || station.bleed === 'none'
          ? ''
          : station.bleed === 'ball'
            ? ' Its check ball rattles: shake it and hear it.'
            : ' Its bleed hole is open: a wire goes through it.'
      } Press it down by hand all the way: it moves without a catch.`,
    reason: 'Its seals are in their grooves.',
    numbers: ({ station }) =>
      numbers(station.bleed === undefined ? lacksDetail(station, 'bleed') : null),
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    consumables: ['the unit’s own oil'],
    after: [...READY, { rule: 'fitGrooveSeal', of: 'axis' }],
  },
  {
    id: 'fitLasting',
    beside: besideThreadlocker,
    phase: 'seat',
    on: 'station',
    kinds: LASTING,
    form: 'tick',
    when: isRenewed,
    title: (subject) => `Put in ${nameOf(subject)}`,
    how: ({ station }) => LASTING_HOW[station.kind as keyof typeof LASTING_HOW],
    reason: 'It goes in before the part it locates or holds.',
    consumables: ({ station }) => (station.lock === 'threadlocker' ? ['threadlocker'] : []),
    after: READY,
  },
];
