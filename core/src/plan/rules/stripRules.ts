import { modelOf } from '../../course/index.ts';
import { FIGURES } from '../../figures/index.ts';
import {
  holdsOil,
  type Part,
  type PartKind,
  type StationKind,
  type Unit,
} from '../../unit/index.ts';
import { bandFigure, fromDetail, numbers, words } from '../figures.ts';
import { capsOn } from '../buildUp.ts';
import { isOnePiece, whatLiesAt } from '../mostPieces.ts';
import { afterAll, nameOf, type Rule, type StationSubject } from '../rule.ts';
import { setterAt } from '../../setters/index.ts';
import { readHow } from '../readHow.ts';
import { partingHow, partingNumbers } from './partNumbers.ts';
import { isReachedInside, loosenNumbers } from './reachRules.ts';

const FIXINGS: readonly StationKind[] = ['bolts', 'retainer', 'nut', 'adjuster'];

/** What holds a part in its joint besides its bolts, so that it is looked for before anything is forced. */
function fouls(unit: Unit, { id }: Part): string {
  // What stands in one half holds the other.
  const halves = modelOf(unit)
    .joints.filter((joint) => joint.halves && (joint.part === id || joint.to === id))
    .flatMap(({ part, to }) => [part, to]);
  const names = unit.axes
    .flatMap(({ stations }) => stations)
    .filter(({ kind }) => kind === 'dowel' || kind === 'stud')
    .filter(({ partId }) => partId === id || halves.includes(partId))
    .map(({ name }) => name);
  return names.length === 0
    ? 'Feel for a dowel, rod or hidden bolt that still holds it. '
    : `${names.join(', ')}: drawn straight, not sideways; any rod through the joint out first. `;
}

/** Whether shells lie under caps that are bolted down. */
const isUnderCaps = ({ unit, axis, station }: StationSubject): boolean =>
  station.kind === 'plainBearing' && capsOn(unit, axis).length > 0;

/** How the place of something is kept before it is undone. Common practice, no source. */
const HOW_MARKED: Readonly<Partial<Record<StationKind, string>>> = {
  nut: 'Count the threads that show, and paint across nut and thread. Write down what was marked.',
  adjuster:
    'Paint or punch across ring and housing, and count the notches. Write down what was marked.',
  bolts:
    'Where each one sits: the long ones, those with a washer, a seal or a bracket. Write it down.',
  plainBearing:
    'Paint the number of the cap and of its bed on one side, both shells with them. No punch: it spoils a split face and a bed. Write down which way round.',
};

const JOINT_HOW =
  'Tap on the lugs; never lever between the joint faces. Keep gasket or shims together.';
/** How a part comes off, by what it is. Common practice, no source. */
const LIFT_HOW: Readonly<Record<PartKind, string>> = {
  case: JOINT_HOW,
  caseHalf: JOINT_HOW,
  cover: JOINT_HOW,
  carrier:
    'Lift it straight out with both hands or a sling, its cups held to it and each kept with its side. Lay it where nothing touches its tracks or teeth.',
  shaft: 'Lift it straight out, and lay it where nothing touches its tracks.',
};

/** Measure as found, mark, take apart. */
export const STRIP_RULES: readonly Rule[] = [
  {
    id: 'drain',
    phase: 'strip',
    on: 'unit',
    form: 'tick',
    when: ({ unit }) => holdsOil(unit),
    title: () => 'Drain the oil and look at it',
    how: 'Into a clean pan. Flakes, water or a burnt smell are findings: note them.',
    reason: 'What is in the oil says what to look for.',
    cautions: ['hotOil'],
    tools: ['drain pan', 'magnet'],
  },
  {
    id: 'asFound',
    stage: 'asFound',
    beside: ['packOrder'],
    phase: 'strip',
    on: 'spec',
    form: 'run',
    when: ({ specKind }) => FIGURES[specKind].taken !== 'depth',
    title: ({ axis, specKind }) => `Measure the ${FIGURES[specKind].words} as found, ${axis.name}`,
    how: ({ axis, specKind }) => readHow(axis, specKind),
    reason: 'Before anything moves: it gives the best first estimate of the new pack.',
    numbers: ({ spec, specKind }) =>
      numbers(
        spec === null
          ? null
          : bandFigure('Limits', FIGURES[specKind].quantity, spec.band, spec.source),
      ),
    tools: ({ specKind }) => [FIGURES[specKind].tool],
    after: [
      { rule: 'setSpec', of: 'axis' },
      { rule: 'markFound', of: 'axis' },
    ],
    done: ({ state, spec }) =>
      spec !== null &&
      (state.measured.runs.some(
        (run) => run.specId === spec.specId && run.stage === 'asFound' && run.status === 'closed',
      ) ||
        (spec.kind === 'rollingTorque' &&
          state.measured.torques.filter(
            (row) => row.axisId === spec.axisId && row.stage === 'asFound' && row.steady,
          ).length >= 2) ||
        [...state.measured.figures, ...state.measured.backlashes].some(
          (taken) => taken.specId === spec.specId && taken.stage === 'asFound',
        )),
  },
  {
    id: 'mark',
    phase: 'strip',
    on: 'station',
    kinds: ['nut', 'adjuster', 'bolts', 'plainBearing'],
    form: 'mark',
    when: (subject) => !isUnderCaps(subject),
    title: (subject) => `Mark ${nameOf(subject)}`,
    how: ({ station }) => HOW_MARKED[station.kind] ?? '',
    reason: 'A position that is not marked cannot be found again.',
    tools: ({ station }) =>
      station.kind === 'plainBearing' ? ['paint pen'] : ['centre punch or paint pen'],
    after: [
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
    done: ({ state, station }) => (state.inspection.marks[station.id] ?? []).length > 0,
  },
  {
    id: 'markCaps',
    phase: 'strip',
    on: 'station',
    kinds: ['plainBearing'],
    form: 'mark',
    when: isUnderCaps,
    title: ({ station }) => `Mark the caps over ${station.name}`,
    how: HOW_MARKED.plainBearing!,
    reason:
      'Caps and shells go back where they were and the way round they were: marked before the first bolt is turned.',
    tools: ['paint pen'],
    after: [
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
    done: ({ state, station }) => (state.inspection.marks[station.id] ?? []).length > 0,
  },
  {
    id: 'loosen',
    phase: 'strip',
    on: 'station',
    kinds: FIXINGS,
    form: 'tick',
    when: (subject) => !isReachedInside(subject),
    title: (subject) => `Undo ${nameOf(subject)}`,
    how: ({ station }) =>
      station.kind === 'nut'
        ? 'Open the lock fully, hold the shaft, undo.'
        : station.kind === 'adjuster'
          ? 'Slacken what locks it, count its turns, screw it out.'
          : 'Slacken all a little, then a little more, so that the part stays flat.',
    reason: 'In the reverse of tightening, so that nothing bends.',
    numbers: loosenNumbers,
    cautions: ['heavyFalls'],
    after: [
      { rule: 'mark', of: 'station' },
      { rule: 'markCaps', of: 'axis' },
      { rule: 'asFound', of: 'all' },
      { rule: 'drain', of: 'all' },
    ],
  },
  {
    id: 'liftOff',
    phase: 'strip',
    on: 'part',
    form: 'tick',
    title: (subject) => `Take off ${nameOf(subject)}`,
    how: (subject) =>
      `${fouls(subject.unit, subject.part)}${LIFT_HOW[subject.part.kind]}${partingHow(subject)}`,
    numbers: partingNumbers,
    reason: 'The fixings are out.',
    cautions: (subject) => [
      'heavyFalls',
      ...(partingHow(subject) === '' ? [] : (['hotParts'] as const)),
    ],
    tools: ['soft hammer'],
    after: [
      { rule: 'asFound', of: 'all' },
      { rule: 'drain', of: 'all' },
    ],
  },
  {
    id: 'recordPack',
    phase: 'strip',
    on: 'station',
    kinds: ['shimSite'],
    always: true,
    form: 'recordPack',
    when: ({ state, axis, station }) =>
      state.sheet.scope !== 'setPlay' || setterAt(axis, station) !== null,
    title: ({ station }) => `Measure ${whatLiesAt(station)}`,
    how: ({ station }) =>
      isOnePiece(station)
        ? 'Wipe it, and measure it at three places.'
        : 'Wipe each piece and measure it alone, at three places.',
    reason: 'The new pack is worked out from the one that is in now.',
    tools: ['micrometer'],
    after: afterAll('axis', 'asFound', 'setSpec'),
    done: ({ state, station }) => state.setting.packs[station.id] !== undefined,
  },
  {
    id: 'takeOutRollers',
    phase: 'strip',
    on: 'station',
    kinds: ['looseRollers'],
    form: 'tick',
    title: (subject) => `Catch and count ${nameOf(subject)}`,
    how: 'Over a tray, with a dummy shaft if there is one. Keep each set apart.',
    reason: 'One roller left in the case wrecks it; one too few wrecks the set.',
    numbers: ({ station }) =>
      numbers(
        fromDetail(station, 'rollerCount', (count) =>
          words('Rollers', String(count), 'As described'),
        ),
      ),
  },
  {
    id: 'pullSeal',
    phase: 'strip',
    on: 'station',
    kinds: ['seal'],
    form: 'tick',
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: 'Note its depth and which way the lip faces. Lever on its shell, never against the bore.',
    reason: 'It is in the way of the bearing, and is replaced anyway.',
    after: [
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
  },
];
