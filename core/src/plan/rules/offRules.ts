import type { StationKind } from '../../unit/index.ts';
import { whatLiesAt } from '../mostPieces.ts';
import { ringWords } from '../seats.ts';
import { nameOf, type Rule } from '../rule.ts';
import { hasWaysOut, pullHow } from './pullWords.ts';
import { pullNumbers } from './pullNumbers.ts';

/** What a gear, hub or wheel that slides on its shaft is taken off by. Common practice, no source. */
const GEAR_OFF =
  'Slide it off its shaft by hand or with a puller behind its hub, never on its teeth. Note which face was outwards, and keep what runs under it with it.';

/** How what lies loose comes out, by what it is. Common practice, no source. */
const OFF_HOW: Readonly<Partial<Record<StationKind, string>>> = {
  gear: GEAR_OFF,
  thrustWasher:
    'Lift it off with a magnet or by hand. Note which face was outwards and where its tab or lock sits.',
  needleThrust:
    'Lift off the cage and its races in their order, and tie them together. Note which face was outwards.',
  spacer: 'Slide it off. Note which end was outwards, and look at both ends for burrs.',
  key: 'Lift it out of its seat with cutters or a drift on its end, never with a chisel from the side.',
  dowel: 'Draw it straight out with a puller or pliers on its end. Its hole stays round.',
  stud: 'Two nuts locked on it, or a stud remover low on its plain length. Turn it out.',
  adjuster: 'Screw it out by hand. Keep it with its side.',
};

/** How rubber and rings come out of their grooves. Common practice, no source. */
const RING_OFF: Readonly<Partial<Record<StationKind, string>>> = {
  oRing:
    'Lift it out of its groove with a blunt plastic pick; steel scratches the groove and it leaks. It is not used again.',
  pistonSeal:
    'Note which way its lip faces. Lift it out of its groove with a blunt plastic pick. It is not used again.',
  ringSeal:
    'Unhook its ends, or open it only as far as it has to pass. Note how its ends lay, and keep each with its groove.',
};

/** What comes off or out by itself: loose things, seals in grooves, shells, the inner ring of a bearing that parts, a trial pack. */
export const OFF_RULES: readonly Rule[] = [
  {
    id: 'takeOff',
    phase: 'strip',
    on: 'station',
    kinds: ['gear', 'thrustWasher', 'needleThrust', 'spacer', 'key', 'dowel', 'stud', 'adjuster'],
    form: 'tick',
    title: (subject) => `Take off ${nameOf(subject)}`,
    how: ({ station }) => OFF_HOW[station.kind] ?? '',
    reason: 'What held it is off, and what lies behind it can be reached once it is away.',
  },
  {
    id: 'takeOutSmallSeal',
    phase: 'strip',
    on: 'station',
    kinds: ['oRing', 'ringSeal', 'pistonSeal'],
    form: 'tick',
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: ({ station }) => RING_OFF[station.kind] ?? '',
    reason: 'Its groove is looked at empty.',
    tools: ['blunt plastic pick'],
  },
  {
    id: 'takeOutShells',
    phase: 'strip',
    on: 'station',
    kinds: ['plainBearing'],
    form: 'tick',
    title: (subject) => `Take out ${nameOf(subject)}`,
    how: 'Push each half round by the edge away from its lug. Number its back with its place; scratches or marks on its face say how it ran.',
    reason: 'Its bed is looked at and measured bare.',
    tools: ['paint pen'],
  },
  {
    id: 'pullInner',
    phase: 'strip',
    on: 'station',
    kinds: ['taperedRoller', 'cylindricalRoller'],
    form: 'tick',
    title: ({ station }) => `Take off ${station.name}, ${ringWords(station).inner}`,
    how: ({ station }) =>
      station.tightRing === 'outer'
        ? 'Slide it off its journal by hand. Keep it with its outer ring.'
        : 'A puller behind the ring itself, never through the rollers or the cage. Straight, with the shaft held.',
    reason: 'Its journal is measured bare, and it is looked at all round.',
    numbers: pullNumbers,
    beside: ({ station }) => (hasWaysOut(station) ? ['waysOut'] : []),
    cautions: ({ station }) =>
      station.tightRing === 'outer' ? [] : (['splinters', 'press'] as const),
    tools: ({ station }) => (station.tightRing === 'outer' ? [] : ['puller behind the inner ring']),
  },
  {
    id: 'pullOuter',
    phase: 'strip',
    on: 'station',
    kinds: ['taperedRoller', 'cylindricalRoller'],
    form: 'tick',
    title: ({ station }) => `Take out ${station.name}, ${ringWords(station).outer}`,
    how: ({ station }) =>
      station.tightRing === 'inner'
        ? 'Slide it out of its bore by hand, straight. Note which face was outwards.'
        : pullHow(station, ['outer']),
    reason: 'Nothing is in front of it any more.',
    numbers: pullNumbers,
    beside: ({ station }) => (hasWaysOut(station) ? ['waysOut'] : []),
    cautions: ({ station }) =>
      station.tightRing === 'inner' ? [] : (['splinters', 'press', 'heavyFalls'] as const),
    tools: ({ station }) =>
      station.tightRing === 'inner' ? [] : ['expanding puller or press and ring'],
  },
  {
    id: 'takeOutPack',
    phase: 'select',
    on: 'station',
    kinds: ['shimSite'],
    form: 'tick',
    title: ({ station }) => `Take out ${whatLiesAt(station)}`,
    how: 'Keep its pieces together: their thickness is known.',
    reason: 'Another pack goes in its place.',
  },
];
