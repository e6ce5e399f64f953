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
  field(`${prefix}material`, MATERIAL_IDS, '', '', 'material'),
  field(`${prefix}mass`, 'number', 'kg', 'more than 0, at most 5000', 'mass'),
  field(`${prefix}area`, 'number', 'm²', 'more than 0, at most 50', 'surface that takes heat'),
];

/** Heating, freezing, and the ways in. */
export const HEAT_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'soak-time',
    summary: 'Time until a part in an oven or freezer is within 5 K of its target',
    fields: [
      ...BODY(),
      field('medium', Object.keys(MEDIA), '', '', 'what surrounds it'),
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
      mm('diameter', 'more than 0, at most 1000', 'seat'),
      mm('width', 'more than 0, at most 500', 'width'),
      mm('interference', '−5 to 5', 'of the tightest pair, at 20 °C'),
      field('loosest', 'number', 'mm', '−5 to interference', 'of the loosest pair', 'optional'),
      mm('clearance', '0 to 1', 'with which it drops in'),
      ...BODY('outer.'),
      degrees('outer.temperature', 'of what lies outside'),
      ...BODY('inner.'),
      degrees('inner.temperature', 'of what goes in'),
      degrees('ambient', 'of the shop'),
      field('ring', RINGS, '', '', 'which of them is the ring'),
    ],
    run: (input: SeatWindowInput) => seatWindow(input),
  },
  {
    name: 'seat-order',
    summary: 'Order in which the rings of one part go in, with the fewest heats',
    fields: [
      field('seats[].id', 'text', '', 'each its own', 'ring'),
      field('seats[].deadline', 'number', 's', 'at least 0', 'last moment'),
      field('seats[].handling', 'number', 's', 'more than 0, at most 3600', 'to put it in'),
      field('seats[].after[]', 'text', '', 'ids', 'rings that have to be in before'),
    ],
    run: ({ seats }: { seats: readonly SeatTask[] }) => ({ order: seatOrder(seats) }),
  },
  {
    name: 'ways-in',
    summary: 'Every way of the trade to get a ring on its seat, with what limits it here',
    fields: [
      field('ring', ['outer', 'inner'], '', '', 'which ring'),
      mm('diameter', 'more than 0, at most 1000', 'seat'),
      mm('other', 'more than 0, at most 1000', 'the bearing’s other diameter'),
      mm('width', 'more than 0, at most 500', 'width'),
      mm('fit.least', '−5 to 5', 'smallest interference'),
      mm('fit.mean', '−5 to 5', 'middle interference'),
      mm('fit.most', '−5 to 5', 'largest interference'),
      field('material', MATERIAL_IDS, '', '', 'of the part with the seat'),
      field('sealed', 'yesNo', '', '', 'sealed or greased'),
      field('bush', MATERIAL_IDS, '', '', 'what a bush is made of; a bearing without', 'optional'),
      field('pressRating', 'number', 'N', 'more than 0', 'what the press can take'),
    ],
    run: (input: WayInput) => ({ ways: waysIn(input) }),
  },
  {
    name: 'least-heat',
    summary: 'Least temperature of a part with which all its rings go in from one heat',
    fields: [
      ...BODY('part.'),
      field('seats[].id', 'text', '', 'each its own', 'ring'),
      mm('seats[].diameter', 'more than 0, at most 1000', 'seat'),
      mm('seats[].bore', 'less than the diameter', 'bore of the bearing'),
      mm('seats[].width', 'more than 0', 'width'),
      mm('seats[].fit.most', '−5 to 5', 'largest interference'),
      field('seats[].after[]', 'text', '', 'ids', 'rings that have to be in before'),
      degrees('work.rings', 'of the rings'),
      degrees('work.ambient', 'of the shop'),
      field('work.carry', 'number', 's', '0 to 600', 'from oven to bench'),
      field('work.handling', 'number', 's', '3 to 600', 'to put one ring in'),
      field('work.coolingFactor', 'number', '', '0.1 to 10', 'seen cooling; 1 when none was'),
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
      field('history.stays[].from', 'number', 's', '', 'when it came there'),
      field('history.stays[].medium', Object.keys(MEDIA), '', '', 'what surrounds it'),
      degrees('history.stays[].temperature', 'of the medium'),
      field('history.readings[].at', 'number', 's', '', 'when it was read'),
      degrees('history.readings[].value', 'as read'),
      field('history.now', 'number', 's', '', 'when it is asked'),
    ],
    run: ({ body, history }: { body: LumpedBody; history: Parameters<typeof followBody>[1] }) =>
      followBody(body, history),
  },
];
