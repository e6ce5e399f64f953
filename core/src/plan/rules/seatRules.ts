import type { JobState } from '../../job/index.ts';
import { materialOf } from '../../materials/index.ts';
import {
  isSeparable,
  isTight,
  STATION_KIND_TABLE,
  STATION_KINDS,
  type Station,
} from '../../unit/index.ts';
import { numbers } from '../figures.ts';
import { placesFor } from '../../inspect/index.ts';
import { ringsIn } from '../ringsIn.ts';
import { nameOf, type Rule, type StationSubject } from '../rule.ts';
import { gaugedNumbers } from './inspectNumbers.ts';
import { comesAsOne, ringWords, seatInterference } from '../seats.ts';
import type { CautionId } from '../cautions.ts';
import { atFitting, besideCompound } from '../compound.ts';
import { ovenSeats } from '../ovenSeats.ts';
import { WAY_CAUTIONS } from '../ringWays.ts';
import { seatingChecks, seatingDone, wantsDepth } from '../seating.ts';
import { orientationOf } from './orientation.ts';
import { heatNumbers } from './heatNumbers.ts';
import { innerNumbers, seatNumbers } from './seatNumbers.ts';
import { depthNumbers, fitNumbers } from './fitNumbers.ts';
import { LAY_RULES } from './layRules.ts';
import { READY } from './seated.ts';

const ROLLING = STATION_KINDS.filter((kind) => STATION_KIND_TABLE[kind].bearing === 'rolling');

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

/** Between two places of an order. */
const HALF = 0.5;

/** Looked at when everything that goes into its part is in: a hot part is filled first. */
const afterItsPart = ({ state, unit, station }: StationSubject): number =>
  ringsIn(state, unit, station.partId).last + HALF / 2;

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
    block: ({ state, unit, part }) => ringsIn(state, unit, part.id).first - HALF,
    on: 'part',
    form: 'heat',
    when: ({ state, part }) => part.kind !== 'shaft' && ovenSeats(state, part.id).length > 0,
    title: (subject) => `Heat ${nameOf(subject)}`,
    how: 'Plugs, sensors and seals out. Evenly, in an oven; measure on the boss with a contact thermometer, not by the dial.',
    reason: 'All its rings go in from one heat, so their fits are settled first.',
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
    beside: besideCompound('outer'),
    ring: 'outer',
    phase: 'seat',
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
        ? 'Press on the marked end with a stepped driver; stop at the depth.'
        : station.kind === 'bush'
          ? 'Oil hole in line with its feed; press with a pilot; check the hole, then the bore.'
          : 'Straight in with one movement. Hold it down until it grips, listen for the note to change, check from behind, turn it by hand.'),
    reason: ({ state, station, part }) =>
      part !== null && ovenSeats(state, part.id).some(({ id }) => id === station.id)
        ? 'The part is hot now; rings that others would block go in first.'
        : 'The seat is sound; rings that others would block go in first.',
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
    ...(ring === 'outer' ? { block: afterItsPart } : {}),
    on: 'station',
    kinds: ring === 'outer' ? [...ROLLING, 'drawnCup', 'bush'] : ROLLING,
    form: 'seating',
    when: ({ station }) =>
      ring === 'inner'
        ? isSeparable(station) && isTight(station, 'inner')
        : STATION_KIND_TABLE[station.kind].bearing !== 'rolling' || isTight(station, 'outer'),
    title: ({ station }) =>
      `Is ${station.name}${isSeparable(station) ? `, ${ringWords(station)[ring]},` : ''} home?`,
    how: 'When it has gripped and can be touched. Answer each check; a “no” shows what to do.',
    reason: 'A ring that is not home moves under load, and every figure taken after it is wrong.',
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
    title: (subject) => `Gauge the bore of ${nameOf(subject)} in place`,
    how: 'Three angles at two depths, once it is home and cold. Too tight: ream or hone it in place, and gauge it again.',
    reason: 'The bore closes in by pressing: the clearance is what it is now.',
    numbers: gaugedNumbers,
    sizes: () => ['fittedBore'],
    tools: ['bore gauge'],
    after: [{ rule: 'checkSeat', of: 'station' }],
    done: ({ state, station }) =>
      Object.keys(state.inspection.sizes[station.id]?.fittedBore ?? {}).length >=
      placesFor('fittedBore').length,
  },
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
