import { leastHeat, waysIn, type HeatSeat, type WayInput } from '../heat/index.ts';
import { MATERIAL_IDS } from '../materials/index.ts';
import {
  followBody,
  MEDIA,
  seatOrder,
  seatWindow,
  soakTime,
  timeConstant,
  type LumpedBody,
  type Medium,
  type SeatTask,
  type SeatWindowInput,
} from '../thermal/index.ts';
import { field, type Calculation } from './calculation.ts';
import { degrees, mm, RINGS } from './quantityFields.ts';

const BODY = (prefix = '') => [
  field(`${prefix}material`, MATERIAL_IDS, '', {}, 'material'),
  field(`${prefix}mass`, 'number', 'kg', { above: 0, max: 5000 }, 'mass'),
  field(`${prefix}area`, 'number', 'm²', { above: 0, max: 50 }, 'surface that takes heat'),
];

/** Heating, freezing, and the ways in. */
export const HEAT_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'soak-time',
    summary: 'Time until a part in an oven or freezer is within 5 K of its target',
    fields: [
      ...BODY(),
      field('medium', Object.keys(MEDIA), '', {}, 'what surrounds it'),
      degrees('from', 'at the start'),
      degrees('surroundings', 'of oven or freezer'),
      degrees('target', 'wanted'),
    ],
    run: ({
      medium,
      from,
      surroundings,
      target,
      ...body
    }: LumpedBody & { medium: Medium; from: number; surroundings: number; target: number }) =>
      soakTime({
        from,
        medium: surroundings,
        target,
        tau: timeConstant(body, MEDIA[medium].transfer),
      }),
  },
  {
    name: 'seat-window',
    summary: 'How long a ring still drops in, and how soon it grips',
    fields: [
      mm('diameter', { above: 0, max: 1000 }, 'seat'),
      mm('width', { above: 0, max: 500 }, 'width'),
      mm('interference', { min: -5, max: 5 }, 'of the tightest pair, at 20 °C'),
      field(
        'loosest',
        'number',
        'mm',
        { min: -5, atMost: 'interference' },
        'of the loosest pair',
        'optional',
      ),
      mm('clearance', { min: 0, max: 1 }, 'with which it drops in'),
      ...BODY('outer.'),
      degrees('outer.temperature', 'of what lies outside'),
      ...BODY('inner.'),
      degrees('inner.temperature', 'of what goes in'),
      degrees('ambient', 'of the shop'),
      field('ring', RINGS, '', {}, 'which of them is the ring'),
    ],
    run: (input: SeatWindowInput) => seatWindow(input),
  },
  {
    name: 'seat-order',
    summary: 'Order in which the rings of one part go in, with the fewest heats',
    fields: [
      field('seats[].id', 'text', '', { note: 'each its own' }, 'ring'),
      field('seats[].deadline', 'number', 's', { min: 0, max: 1e6 }, 'last moment'),
      field('seats[].handling', 'number', 's', { above: 0, max: 3600 }, 'to put it in'),
      field('seats[].after[]', 'text', '', { note: 'ids' }, 'rings that have to be in before'),
    ],
    run: ({ seats }: { seats: readonly SeatTask[] }) => ({ order: seatOrder(seats) }),
  },
  {
    name: 'ways-in',
    summary: 'Every way of the trade to get a ring on its seat, with what limits it here',
    fields: [
      field('ring', ['outer', 'inner'], '', {}, 'which ring'),
      mm('diameter', { above: 0, max: 1000 }, 'seat'),
      mm('other', { above: 0, max: 1000 }, 'the bearing’s other diameter'),
      mm('width', { above: 0, max: 500 }, 'width'),
      mm('fit.least', { min: -5, max: 5 }, 'smallest interference'),
      mm('fit.mean', { min: -5, max: 5 }, 'middle interference'),
      mm('fit.most', { min: -5, max: 5 }, 'largest interference'),
      field('material', MATERIAL_IDS, '', {}, 'of the part with the seat'),
      field('sealed', 'yesNo', '', {}, 'sealed or greased'),
      field('bush', MATERIAL_IDS, '', {}, 'what a bush is made of; a bearing without', 'optional'),
      field('pressRating', 'number', 'N', { above: 0, max: 1e8 }, 'what the press can take'),
    ],
    run: (input: WayInput) => ({ ways: waysIn(input) }),
  },
  {
    name: 'least-heat',
    summary: 'Least temperature of a part with which all its rings go in from one heat',
    fields: [
      ...BODY('part.'),
      field('seats[].id', 'text', '', { note: 'each its own' }, 'ring'),
      mm('seats[].diameter', { above: 0, max: 1000 }, 'seat'),
      mm('seats[].bore', { above: 0, lessThan: 'diameter' }, 'bore of the bearing'),
      mm('seats[].width', { above: 0, max: 500 }, 'width'),
      mm('seats[].fit.most', { min: -5, max: 5 }, 'largest interference'),
      field('seats[].after[]', 'text', '', { note: 'ids' }, 'rings that have to be in before'),
      degrees('work.rings', 'of the rings'),
      degrees('work.ambient', 'of the shop'),
      field('work.carry', 'number', 's', { min: 0, max: 600 }, 'from oven to bench'),
      field('work.handling', 'number', 's', { min: 3, max: 600 }, 'to put one ring in'),
      field(
        'work.coolingFactor',
        'number',
        '',
        { min: 0.1, max: 10 },
        'seen cooling; 1 when none was',
      ),
    ],
    run: ({
      part,
      seats,
      work,
    }: {
      part: LumpedBody;
      seats: readonly HeatSeat[];
      work: Parameters<typeof leastHeat>[2];
    }) => leastHeat(part, seats, work),
  },
  {
    name: 'follow-body',
    summary: 'How warm a body is by what it lay in, corrected by thermometer readings',
    fields: [
      ...BODY('body.'),
      degrees('history.start', 'at the start'),
      field('history.stays[].from', 'number', 's', { min: -1e9, max: 1e9 }, 'when it came there'),
      field('history.stays[].medium', Object.keys(MEDIA), '', {}, 'what surrounds it'),
      degrees('history.stays[].temperature', 'of the medium'),
      field('history.readings[].at', 'number', 's', { min: -1e9, max: 1e9 }, 'when it was read'),
      degrees('history.readings[].value', 'as read'),
      field('history.now', 'number', 's', { min: -1e9, max: 1e9 }, 'when it is asked'),
    ],
    run: ({ body, history }: { body: LumpedBody; history: Parameters<typeof followBody>[1] }) =>
      followBody(body, history),
  },
];
