import type { WayId } from '../../heat/index.ts';
import type { JobState } from '../../job/index.ts';
import { materialOf } from '../../materials/index.ts';
import {
  hasKind,
  isPressed,
  isSeparable,
  isTight,
  sitsTight,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type Station,
  type StationKind,
} from '../../unit/index.ts';
import { numbers } from '../figures.ts';
import { afterAll, nameOf, type Numbers, type Rule, type StationSubject } from '../rule.ts';
import { comesAsOne, ringWords, seatInterference } from '../seats.ts';
import type { CautionId } from '../cautions.ts';
import { coneStopOf, type ConeStop } from '../coneStop.ts';
import { atFitting, besideCompound } from '../compound.ts';
import { ovenSeats } from '../ovenSeats.ts';
import { WAY_CAUTIONS, wayTaken } from '../ringWays.ts';
import { homeSizes, seatingChecks, seatingDone, wantsDepth } from '../seating.ts';
import { BUSH_RULES } from './bushRules.ts';
import { feedNumbers, pressedFitNumbers } from './bushNumbers.ts';
import { DEPTH_RULES } from './depthRules.ts';
import { orientationOf } from './orientation.ts';
import { heatNumbers } from './heatNumbers.ts';
import { innerNumbers, seatNumbers } from './seatNumbers.ts';
import { depthNumbers, fitNumbers } from './fitNumbers.ts';
import { LAY_RULES } from './layRules.ts';
import { READY } from './seated.ts';
import { WEB_RULES } from './webRules.ts';

const ROLLING = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].bearing === 'rolling');

const PRESSED = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].pressed === true);

/** How a thin piece is pressed home. Common practice, no source. */
const PRESSED_HOW: Readonly<Partial<Record<StationKind, string>>> = {
  drawnCup:
    'Press on the marked end with a stepped driver, its nose in the cup; square, in one stroke, and stop at the depth.',
  bush: 'Edge of the bore broken, bush oiled. A driver with a pilot that fills its bore; start it square, look at the marks, then in one stroke to its depth.',
};

/** How deep it lies, and how much of its oil hole is open. */
function homeNumbers(subject: StationSubject): Numbers {
  const [depth, feed] = [depthNumbers(subject), feedNumbers(subject)];
  return numbers(depth.figures, depth.missing, feed.figures, feed.missing);
}

/** Whether the last try put the ring home. */
function isSeated({ fitting: { tries } }: JobState, { id }: Station): boolean {
  const last = tries[id]?.at(-1);
  return last !== undefined && last.outcome !== 'stoppedHalfWay';
}

/** Cautions of the way that is taken, else the usual ones. */
function waysCautions(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
  usual: readonly CautionId[],
): readonly CautionId[] {
  const way = wayTaken(state, station, ring);
  return way === null ? usual : WAY_CAUTIONS[way];
}

/** How a ring that is driven in cold goes home. Common practice, no source. */
const DRIVEN_HOW: Readonly<Partial<Record<WayId, string>>> = {
  coldPress:
    'Start it square and look at it from two sides. Then press it home in one stroke with a driver on its full face, and see that it lies on its shoulder all round.',
  frozenPress:
    'Out of the freezer, frost wiped off, start it square at once. Press it home in one stroke, or drive it with a driver on its full face, until it sounds solid. See that it lies on its shoulder all round.',
};

/** How a ring goes in that drops into a hot part, or goes in cold by itself. Common practice, no source. */
const droppedHow = (station: Station): string =>
  isSeparable(station)
    ? 'Straight in with one movement. Hold it down until it grips, then see that it lies on its shoulder all round.'
    : 'Straight in with one movement. Hold it down until it grips, check from behind, turn it by hand.';

/** How an inner ring goes home, by what it comes up against. Common practice, no source. */
const INNER_HOW: Readonly<Record<ConeStop, string>> = {
  shoulder:
    'Warm it evenly, slide it home against the shoulder and hold it there until it grips. Check the gap to the shoulder with a feeler when cold.',
  spacer:
    'Warm it evenly and slide it up to what stands between the two rings; hold it there until it grips. The bearings keep some play: do not press past the point where the rollers touch.',
  nothing:
    'There is no shoulder and no spacer behind it: the nut sets how far it goes. Press it on only until its rollers just touch their cup. The shaft still turns freely; pressed further it wedges the rollers and marks the races.',
};

/** Seals that an oven would spoil. */
const SEALS = ['seal', 'oRing', 'ringSeal'] as const;

/** Fits, heat, and everything that goes into its seat. */
export const SEAT_RULES: readonly Rule[] = [
  ...(['outer', 'inner'] as const).map((ring): Rule => ({
    id: ring === 'outer' ? 'fitOuter' : 'fitInner',
    phase: 'fits',
    on: 'station',
    kinds: ring === 'outer' ? [...ROLLING, ...PRESSED] : ROLLING,
    form: 'tick',
    when: ({ station }) => sitsTight(station, ring),
    title: ({ station }) =>
      isPressed(station)
        ? `Fit of ${station.name} in its housing`
        : `Fit of ${station.name}, ${ringWords(station)[ring]} ${ring === 'outer' ? 'in its bore' : 'on its journal'}`,
    how: 'Worked out from the sizes measured. Where it is loose, decide on the remedy before heating anything.',
    reason: 'No heat is chosen before the fit is known.',
    numbers: (subject) =>
      isPressed(subject.station) ? pressedFitNumbers(subject) : fitNumbers(subject, ring),
    after: [...READY, ...afterAll('station', 'measureSeats', 'measureHousing', 'measureNew')],
    done: ({ state, station }) => (seatInterference(state, station, ring)?.mean ?? 0) > 0,
  })),
  {
    id: 'heat',
    phase: 'seat',
    on: 'part',
    form: 'heat',
    when: ({ state, part }) => part.kind !== 'shaft' && ovenSeats(state, part.id).length > 0,
    title: (subject) => `Heat ${nameOf(subject)}`,
    how: ({ unit, part }) =>
      `${hasKind(unit, SEALS, part.id) ? 'Plugs, sensors and seals' : 'Plugs and sensors'} out. Evenly, in an oven; measure on the boss with a contact thermometer, not by the dial.`,
    reason: 'All its rings go in from one heat, so their fits are settled first.',
    numbers: heatNumbers,
    cautions: ({ part }) => [
      'hotParts',
      'fumes',
      ...(part.material !== null && !materialOf(part.material).flame ? ['noFlame' as const] : []),
    ],
    tools: ['oven', 'contact thermometer', 'dry heat-proof gloves'],
    after: [
      { rule: 'markLine', of: 'part' },
      { rule: 'fitOuter', of: 'part' },
      { rule: 'compare', of: 'part' },
      { rule: 'repairPart', of: 'part' },
      { rule: 'replacePart', of: 'part' },
      { rule: 'repair', of: 'part' },
    ],
  },
  {
    id: 'seatOuter',
    beside: besideCompound('outer'),
    ring: 'outer',
    phase: 'seat',
    on: 'station',
    kinds: [...ROLLING, ...PRESSED],
    form: 'tick',
    when: ({ station }) => sitsTight(station, 'outer'),
    title: ({ station, part }) =>
      `Seat ${station.name}${isSeparable(station) ? `, ${ringWords(station).outer},` : ''} in ${part?.name ?? 'its bore'}`,
    how: ({ state, station }) =>
      atFitting(state, station, 'outer') ??
      PRESSED_HOW[station.kind] ??
      DRIVEN_HOW[wayTaken(state, station, 'outer') ?? 'ovenOnly'] ??
      droppedHow(station),
    reason: ({ state, station, part }) =>
      part !== null && ovenSeats(state, part.id).some(({ id }) => id === station.id)
        ? 'The part is hot now; rings that others would block go in first.'
        : 'The seat is sound; rings that others would block go in first.',
    numbers: seatNumbers,
    orientation: ({ station }, moves) => orientationOf(station, 'outer', moves),
    cautions: ({ state, station }) =>
      atFitting(state, station, 'outer') !== null
        ? ['compound']
        : waysCautions(state, station, 'outer', ['hotParts']),
    tools: ({ station }) =>
      isPressed(station) ? ['press', 'stepped driver'] : ['driver on the outer ring'],
    done: ({ state, station }) => isSeated(state, station),
    after: [...READY, { rule: 'heat', of: 'part' }, ...afterAll('station', 'fitOuter', 'markLine')],
  },
  ...(['outer', 'inner'] as const).map((ring): Rule => ({
    id: ring === 'outer' ? 'checkSeat' : 'checkCone',
    phase: 'seat',
    on: 'station',
    kinds: ring === 'outer' ? [...ROLLING, ...PRESSED] : ROLLING,
    form: 'seating',
    when: ({ axis, station }) =>
      ring === 'inner'
        ? isTight(station, 'inner') &&
          (isSeparable(station) || !sitsTight(station, 'outer')) &&
          coneStopOf(axis, station) === 'shoulder'
        : sitsTight(station, 'outer'),
    title: ({ station }) =>
      `Is ${station.name}${isSeparable(station) ? `, ${ringWords(station)[ring]},` : ''} home?`,
    how: ({ station }) =>
      `${isPressed(station) ? 'As soon as it is in.' : 'When it has gripped, with gloves while it is hot: then it can still be sent home.'} Answer each check; a “no” shows what to do.`,
    reason: 'A ring that is not home moves under load, and every figure taken after it is wrong.',
    numbers: (subject) => (ring === 'outer' ? homeNumbers(subject) : numbers()),
    checks: ({ state, station }) => seatingChecks(state, station, ring),
    sizes: ({ state, station }) => (ring === 'outer' ? homeSizes(state, station) : []),
    tools: ({ state, station }) =>
      ring === 'inner'
        ? ['feeler, 0.03 mm']
        : wantsDepth(state, station)
          ? ['depth gauge']
          : ['lamp', 'mirror'],
    after: [
      { rule: ring === 'outer' ? 'seatOuter' : 'seatInner', of: 'station' },
      { rule: 'measureDepth', of: 'station' },
    ],
    done: ({ state, station }) => seatingDone(state, station, ring),
  })),
  ...BUSH_RULES,
  ...DEPTH_RULES,
  ...WEB_RULES,
  ...LAY_RULES,
  {
    id: 'seatInner',
    beside: besideCompound('inner'),
    ring: 'inner',
    phase: 'seat',
    on: 'station',
    kinds: ROLLING,
    form: 'tick',
    when: ({ station }) => isTight(station, 'inner'),
    title: ({ axis, station }) =>
      comesAsOne(station)
        ? `Bring ${axis.name} into ${station.name}`
        : `Fit ${station.name}, ${ringWords(station).inner}, on its journal`,
    how: ({ state, axis, station }) =>
      atFitting(state, station, 'inner') ??
      (comesAsOne(station)
        ? 'Warm the inner ring, or draw the shaft in by a puller acting on the inner ring. Never pull it in by the bolts of the joint. Then relieve side load and check that it turns.'
        : INNER_HOW[coneStopOf(axis, station)]),
    reason: 'The journal is sound and the ring is the right one.',
    numbers: innerNumbers,
    orientation: ({ station }, moves) => orientationOf(station, 'inner', moves),
    cautions: ({ state, station }) => waysCautions(state, station, 'inner', ['hotParts', 'press']),
    tools: ['induction heater, oven or oil-free bath', 'tube on the inner ring'],
    after: [
      ...READY,
      { rule: 'fitInner', of: 'station' },
      { rule: 'checkSeat', of: 'axis' },
      { rule: 'placeShims', of: 'axis' },
      ...afterAll('axis', 'supportWebs'),
    ],
  },
];
