import { modelOf } from '../../course/index.ts';
import { tighteningOrder } from '../../fasteners/index.ts';
import { hasKind, type Axis, type Station } from '../../unit/index.ts';
import { coversSeal, isInside, standsInPart } from '../buildUp.ts';
import { lacksDetail, numbers, words } from '../figures.ts';
import { afterAll, nameOf, type Rule, type StationSubject } from '../rule.ts';

/** Slackening goes the other way round from tightening. */
function slackeningOrder({ kind, count, pattern }: Station): string | null {
  if (kind === 'nut' || count === undefined || pattern === undefined) return null;
  return tighteningOrder(count, pattern).toReversed().join(' – ');
}

export function loosenNumbers({ station }: StationSubject) {
  const order = slackeningOrder(station);
  const hand =
    station.hand === 'left' ? words('Thread', 'left hand: undoes clockwise', 'As described') : null;
  if (station.kind === 'nut' || station.kind === 'adjuster') return numbers(hand);
  return numbers(
    hand,
    order === null
      ? [lacksDetail(station, station.count === undefined ? 'count' : 'pattern')]
      : words('Order', order, 'Reverse of tightening, common practice'),
  );
}

/** Whether a ring may hold the return springs of a piston. */
const holdsSprings = ({ stations }: Axis): boolean =>
  stations.some(({ kind }) => kind === 'piston');

/** A retainer that is reached only once the unit is open. */
export const isReachedInside = ({ unit, station }: StationSubject): boolean =>
  station.kind === 'retainer' && isInside(unit, station);

/** What is reached once something else is away: retainers inside, hubs over seals, the shaft itself. */
export const REACH_RULES: readonly Rule[] = [
  {
    id: 'loosenInside',
    phase: 'strip',
    on: 'station',
    kinds: ['retainer'],
    form: 'tick',
    when: (subject) => isReachedInside(subject),
    title: (subject) => `Undo ${nameOf(subject)}`,
    how: 'A screw that is glued in: warm its head with a soldering iron or a small heat gun, no flame, the bearing and its seals shielded. Slacken all a little, then a little more.',
    reason: 'It is inside: it can be reached now.',
    numbers: loosenNumbers,
    after: [
      { rule: 'mark', of: 'station' },
      { rule: 'asFound', of: 'axis' },
    ],
  },
  {
    id: 'takeOutRing',
    phase: 'strip',
    on: 'station',
    kinds: ['snapRing'],
    form: 'tick',
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: ({ axis }) =>
      `${holdsSprings(axis) ? 'It may hold compressed springs: press their plate down with a compressor before the ring is touched, and let it up slowly afterwards. ' : ''}Pliers that fit its eyes, a hand or a cloth over it: it can fly out. Note which edge faced out. Renew a ring that was opened too far.`,
    reason: 'What it holds cannot come out past it.',
    cautions: ['splinters'],
    tools: ['snap ring pliers', 'eye protection'],
    after: [
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
  },
  {
    id: 'takeOutTube',
    phase: 'strip',
    on: 'station',
    kinds: ['spacer'],
    form: 'tick',
    when: ({ unit, station }) => standsInPart(unit, station),
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: 'Out of its bore between the rings. Note which end faced out, and look for burrs on both.',
    reason: 'What is behind it cannot come out past it.',
    after: [
      { rule: 'asFound', of: 'axis' },
      { rule: 'drain', of: 'all' },
    ],
  },
  {
    id: 'takeOffHub',
    phase: 'strip',
    on: 'station',
    kinds: ['gear'],
    form: 'tick',
    when: ({ unit, station }) => coversSeal(unit, station),
    title: (subject) => `Take off ${nameOf(subject)}`,
    how: 'Draw it off its splines or taper with a puller on its bolt holes. On a taper run the nut back on by a few threads first: it lets go with a bang. Look at the track of the seal before it is wiped.',
    reason: 'The seal is behind it.',
    tools: ['hub puller'],
    after: [{ rule: 'asFound', of: 'axis' }],
  },
  {
    id: 'takeOutShaft',
    phase: 'strip',
    on: 'part',
    form: 'tick',
    when: ({ part }) => part.kind === 'shaft',
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: ({ unit, part }) =>
      modelOf(unit).shaftOf.get(part.id)?.across != null
        ? 'Caps off with what lies in them, each kept with its own bed. Lift it straight out by both ends, the cups or shells held to it; lay it where nothing touches its tracks.'
        : `Straight, with what is on it; where it is tight, draw or press it out by its end, what it stands in supported.${hasKind(unit, ['nut'], part.id) ? ' A nut over the thread saves it.' : ''} Hold it from below: it drops when the last ring lets go. Catch what it holds.`,
    reason: 'The parts inside can be reached once it is out.',
    cautions: ['heavyFalls', 'press'],
    tools: ['soft hammer', 'press or puller'],
    after: [
      { rule: 'asFound', of: 'all' },
      { rule: 'drain', of: 'all' },
      // What its gear drives lies over the head of a pinion.
      ...afterAll('driven', 'liftOff', 'takeOutShaft'),
    ],
  },
];
