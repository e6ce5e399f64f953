import type { JobState } from '../../job/index.ts';
import { materialOf } from '../../materials/index.ts';
import { packThickness } from '../../shims/index.ts';
import { SOURCES } from '../../sources/index.ts';
import {
  isSeparable,
  isTight,
  DETAIL_TABLE,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type Station,
} from '../../unit/index.ts';
import { figure, lacksStep, numbers } from '../figures.ts';
import { placesFor } from '../../inspect/index.ts';
import { looseOnShaft, outwardness } from '../buildUp.ts';
import { afterAll, nameOf, type Rule, type StationSubject } from '../rule.ts';
import { gaugedNumbers } from './inspectNumbers.ts';
import { setterAt } from '../setters.ts';
import { ringWords, seatInterference } from '../seats.ts';
import type { CautionId } from '../cautions.ts';
import { atFitting } from '../compound.ts';
import { ovenSeats } from '../jobHeat.ts';
import { WAY_CAUTIONS } from '../ringWays.ts';
import { seatingChecks, seatingDone, wantsDepth } from '../seating.ts';
import { orientationOf } from './orientation.ts';
import { heatNumbers, innerNumbers, seatNumbers } from './seatNumbers.ts';
import { depthNumbers, fitNumbers } from './fitNumbers.ts';
import { READY, comesAsOne } from './seated.ts';

const ROLLING = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].bearing === 'rolling');

const PLACE_WORDS = DETAIL_TABLE.place.type === 'choice' ? DETAIL_TABLE.place.valueWords : {};

/** Whether the last try put the ring home. */
function isSeated({ fitting: { tries } }: JobState, { id }: Station): boolean {
  const last = tries[id]?.at(-1);
  return last !== undefined && last.outcome !== 'stoppedHalfWay';
}

/** Cautions of the way that was chosen, else the usual ones. */
function waysCautions(
  { fitting: { ways } }: JobState,
  { id }: Station,
  ring: 'outer' | 'inner',
  usual: readonly CautionId[],
): readonly CautionId[] {
  const chosen = ways[id]?.[ring];
  return chosen === undefined ? usual : WAY_CAUTIONS[chosen.way];
}

/** Everything that goes into one part stands together: one part is hot at a time. */
const ofItsPart = ({ unit, part }: StationSubject): number =>
  part === null ? -1 : unit.parts.indexOf(part);

/** Fits, heat, and everything that goes into its seat. */
export const SEAT_RULES: readonly Rule[] = [
  ...(['outer', 'inner'] as const).map((ring): Rule => ({
    id: ring === 'outer' ? 'fitOuter' : 'fitInner',
    phase: 'fits',
    on: 'station',
    kinds: ROLLING,
    form: 'tick',
    when: ({ station }) => isTight(station, ring),
    title: ({ station }) =>
      `Fit of ${station.name}, ${ringWords(station)[ring]} ${ring === 'outer' ? 'in its bore' : 'on its journal'}`,
    how: 'Worked out from the sizes measured. Where it is loose, decide on the remedy before heating anything.',
    reason: 'No heat is chosen before the fit is known.',
    numbers: (subject) => fitNumbers(subject, ring),
    after: [...READY, { rule: 'measureSeats', of: 'station' }],
    done: ({ state, station }) => (seatInterference(state, station, ring)?.mean ?? 0) > 0,
  })),
  {
    id: 'heat',
    phase: 'seat',
    block: ({ unit, part }) => unit.parts.indexOf(part),
    on: 'part',
    form: 'heat',
    when: ({ state, part }) => part.kind !== 'shaft' && ovenSeats(state, part.id).length > 0,
    title: (subject) => `Heat ${nameOf(subject)}`,
    how: 'Plugs, sensors and seals out. Evenly, in an oven; measure on the boss with a contact thermometer, not by the dial.',
    reason: 'All its rings go in from one heat, so their fits come first.',
    numbers: heatNumbers,
    cautions: ({ part }) => [
      'hotParts',
      'fumes',
      ...(part.material !== null && !materialOf(part.material).flame ? ['noFlame' as const] : []),
    ],
    tools: ['oven', 'contact thermometer', 'dry heat-proof gloves'],
    after: [
      { rule: 'fitOuter', of: 'part' },
      { rule: 'compare', of: 'part' },
      { rule: 'repairPart', of: 'part' },
      { rule: 'replacePart', of: 'part' },
      { rule: 'repair', of: 'part' },
    ],
  },
  {
    id: 'seatOuter',
    ring: 'outer',
    phase: 'seat',
    block: ofItsPart,
    rank: ({ axis, station }) => outwardness(axis, station),
    on: 'station',
    kinds: [...ROLLING, 'drawnCup', 'bush'],
    form: 'tick',
    when: ({ station }) =>
      STATION_KIND_TABLE[station.kind].bearing !== 'rolling' || isTight(station, 'outer'),
    title: ({ station, part }) =>
      `Seat ${station.name}${isSeparable(station) ? `, ${ringWords(station).outer},` : ''} in ${part?.name ?? 'its bore'}`,
    how: ({ state, station }) =>
      atFitting(state, station, 'outer') ??
      (station.kind === 'drawnCup'
        ? 'Press on the lettered end with a stepped driver; stop at the depth.'
        : station.kind === 'bush'
          ? 'Oil hole in line with its feed; press with a pilot; check the hole, then the bore.'
          : 'Straight in with one movement. Hold it down until it grips, listen for the note to change, look from behind, turn it by hand.'),
    reason: ({ state, station, part }) =>
      part !== null && ovenSeats(state, part.id).some(({ id }) => id === station.id)
        ? 'Its part is hot now; what others block goes in first.'
        : 'Its seat is sound; what others block goes in first.',
    numbers: seatNumbers,
    orientation: ({ station }) => orientationOf(station),
    cautions: ({ state, station }) =>
      atFitting(state, station, 'outer') !== null
        ? ['compound']
        : STATION_KIND_TABLE[station.kind].bearing === 'rolling'
          ? waysCautions(state, station, 'outer', ['hotParts'])
          : ['press'],
    tools: ({ station }) =>
      STATION_KIND_TABLE[station.kind].bearing === 'rolling'
        ? ['driver on the outer ring']
        : ['press', 'stepped driver'],
    done: ({ state, station }) => isSeated(state, station),
    after: [...READY, { rule: 'heat', of: 'part' }, { rule: 'fitOuter', of: 'station' }],
  },
  ...(['outer', 'inner'] as const).map((ring): Rule => ({
    id: ring === 'outer' ? 'checkSeat' : 'checkCone',
    phase: 'seat',
    ...(ring === 'outer' ? { block: ofItsPart } : {}),
    on: 'station',
    kinds: ring === 'outer' ? [...ROLLING, 'drawnCup', 'bush'] : ROLLING,
    form: 'seating',
    when: ({ station }) =>
      ring === 'inner'
        ? isSeparable(station) && isTight(station, 'inner')
        : STATION_KIND_TABLE[station.kind].bearing !== 'rolling' || isTight(station, 'outer'),
    title: ({ station }) =>
      `Is ${station.name}${isSeparable(station) ? `, ${ringWords(station)[ring]},` : ''} home?`,
    how: 'When it has gripped and can be touched. One answer for each; a no says what to do.',
    reason: 'A ring that is not home moves under load, and every figure after it is wrong.',
    numbers: (subject) => (ring === 'outer' ? depthNumbers(subject) : numbers()),
    checks: ({ state, station }) => seatingChecks(state, station, ring),
    sizes: ({ station }) => (ring === 'outer' && wantsDepth(station) ? ['seatedDepth'] : []),
    tools: ({ station }) =>
      ring === 'inner'
        ? ['feeler, 0.03 mm']
        : wantsDepth(station)
          ? ['depth gauge']
          : ['lamp', 'mirror'],
    after: [
      { rule: ring === 'outer' ? 'seatOuter' : 'seatInner', of: 'station' },
      { rule: 'measureDepth', of: 'station' },
    ],
    done: ({ state, station }) => seatingDone(state, station, ring),
  })),
  {
    id: 'gauge',
    phase: 'seat',
    on: 'station',
    kinds: ['bush', 'drawnCup'],
    form: 'sizes',
    title: (subject) => `Gauge the bore of ${nameOf(subject)} where it stands`,
    how: 'Three angles at two depths, once it is home and cold. Too tight: ream or hone it in place, and gauge it again.',
    reason: 'What is pressed in closes in: its clearance is what it has now.',
    numbers: gaugedNumbers,
    sizes: () => ['fittedBore'],
    tools: ['bore gauge'],
    after: [{ rule: 'checkSeat', of: 'station' }],
    done: ({ state, station }) =>
      Object.keys(state.inspection.sizes[station.id]?.fittedBore ?? {}).length >=
      placesFor('fittedBore').length,
  },
  {
    id: 'dressShaft',
    phase: 'seat',
    on: 'axis',
    form: 'tick',
    when: ({ unit, axis }) => looseOnShaft(unit, axis).length > 0,
    title: (subject) => `Put on the shaft what runs on it, ${nameOf(subject)}`,
    how: ({ unit, axis }) =>
      `In this order, each oiled, the way round it was: ${looseOnShaft(unit, axis)
        .map(({ name }) => name)
        .join(', ')}. What is one with the shaft is there already.`,
    reason: 'The bearings that go on after it hold it.',
    consumables: ['the unit’s own oil'],
    after: [{ rule: 'gauge', of: 'axis' }, ...afterAll('axis', 'inspect', 'newPart', 'repair')],
  },
  {
    id: 'placeShims',
    phase: 'seat',
    on: 'station',
    kinds: ['shimSite'],
    form: 'tick',
    when: ({ axis, station }) => setterAt(axis, station) === null,
    title: (subject) => `Lay the shims in at ${nameOf(subject)}`,
    how: ({ station }) =>
      station.place === undefined
        ? 'In their old order, wiped clean.'
        : `They sit ${PLACE_WORDS[station.place]}. Wiped clean, the old thickness to begin with unless a part that sets the position was changed.`,
    reason: 'The ring in front of them covers them.',
    numbers: ({ state, station }) => {
      const pack = state.setting.packs[station.id];
      return numbers(
        pack === undefined
          ? lacksStep(`the pack found at ${station.name}`, `recordPack:${station.id}`)
          : figure('Thickness', 'length', packThickness(pack.pieces), SOURCES.asMeasured.title),
      );
    },
    after: [
      { rule: 'recordPack', of: 'station' },
      { rule: 'inspect', of: 'station' },
      { rule: 'newPart', of: 'station' },
    ],
  },
  {
    id: 'seatInner',
    ring: 'inner',
    phase: 'seat',
    on: 'station',
    kinds: ROLLING,
    form: 'tick',
    when: ({ station }) => isTight(station, 'inner'),
    title: ({ station }) =>
      comesAsOne(station)
        ? `Bring the shaft into ${station.name}`
        : `Fit ${station.name}, ${ringWords(station).inner}, on its journal`,
    how: ({ state, station }) =>
      atFitting(state, station, 'inner') ??
      (comesAsOne(station)
        ? 'Warm the inner ring, or draw the shaft in by a puller acting on the inner ring. Never pull it in by the case bolts. Then relieve side load and check that it turns.'
        : 'Warm it evenly, slide it home against the shoulder and hold it there until it grips. Check the gap to the shoulder with a feeler when cold.'),
    reason: 'The journal is sound and the ring is the right one.',
    numbers: innerNumbers,
    orientation: ({ station }) => orientationOf(station),
    cautions: ({ state, station }) => waysCautions(state, station, 'inner', ['hotParts', 'press']),
    tools: ['induction heater, oven or oil-free bath', 'tube on the inner ring'],
    after: [
      ...READY,
      { rule: 'fitInner', of: 'station' },
      { rule: 'checkSeat', of: 'axis' },
      { rule: 'placeShims', of: 'axis' },
      { rule: 'dressShaft', of: 'axis' },
    ],
  },
];
