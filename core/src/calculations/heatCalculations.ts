import {
  classFit,
  effectiveInterference,
  FINISHES,
  fitAtTemperature,
  toleranceClass,
  type Finish,
} from '../fits/index.ts';
import { coolingFactorFrom, waysIn, type WayInput } from '../heat/index.ts';
import { MATERIAL_IDS, type MaterialId } from '../materials/index.ts';
import {
  clearanceLeft,
  drawScrew,
  pressFit,
  type ClearanceInput,
  type PressFitInput,
} from '../pressFit/index.ts';
import {
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

const mm = (path: string, range: string, meaning: string) =>
  field(path, 'number', 'mm', range, meaning);
const degrees = (path: string, meaning: string) =>
  field(path, 'number', '°C', '−273.15 to 500', meaning);
const BODY = (prefix = '') => [
  field(`${prefix}material`, MATERIAL_IDS, '', '', 'material'),
  field(`${prefix}mass`, 'number', 'kg', 'more than 0, at most 5000', 'mass'),
  field(`${prefix}area`, 'number', 'm²', 'more than 0, at most 50', 'surface that takes heat'),
];

/** Fits, press fits, heating and freezing. */
export const HEAT_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'tolerance-class',
    summary: 'Limits of a size in a tolerance class, by ISO 286-1',
    fields: [
      field(
        'toleranceClass',
        'text',
        '',
        'G H J JS K M N P R, f g h j js k m n p r, grades 4 to 10',
        'such as H7 or k6',
      ),
      mm('size', 'over 3, up to 500', 'nominal size'),
    ],
    run: ({ toleranceClass: name, size }: { toleranceClass: string; size: number }) =>
      toleranceClass(name, size),
  },
  {
    name: 'class-fit',
    summary:
      'Interference of two tolerance classes: limits, and the part that nearly all pairs fall into',
    fields: [
      mm('size', 'over 3, up to 500', 'nominal size'),
      field('hole', 'text', '', 'a hole class', 'such as H7'),
      field('shaft', 'text', '', 'a shaft class', 'such as k6'),
    ],
    run: ({ size, hole, shaft }: { size: number; hole: string; shaft: string }) =>
      classFit(toleranceClass(shaft, size, 'shaft'), toleranceClass(hole, size, 'hole')),
  },
  {
    name: 'roughness-loss',
    summary: 'Effective interference: what is left once the peaks of a seat are flattened',
    fields: [
      mm('interference', '−10 to 10', 'as measured'),
      mm('diameter', 'more than 0, at most 1000', 'seat'),
      field('finish', FINISHES, '', '', 'how it is finished'),
    ],
    run: ({
      interference,
      diameter,
      finish,
    }: {
      interference: number;
      diameter: number;
      finish: Finish;
    }) => ({ effective: effectiveInterference(interference, diameter, finish) }),
  },
  {
    name: 'fit-at-temperature',
    summary: 'Interference with both parts at other temperatures',
    fields: [
      mm('interference', '−10 to 10', 'at 20 °C'),
      mm('diameter', 'more than 0, at most 1000', 'seat'),
      ...['inner', 'outer'].flatMap((name) => [
        field(`${name}.material`, MATERIAL_IDS, '', '', 'material'),
        degrees(`${name}.temperature`, 'temperature'),
      ]),
    ],
    run: ({
      interference,
      diameter,
      ...temperatures
    }: { interference: number; diameter: number } & Record<
      'inner' | 'outer',
      { material: MaterialId; temperature: number }
    >) => ({ interference: fitAtTemperature(interference, diameter, temperatures) }),
  },
  {
    name: 'press-fit',
    summary: 'Pressure, stress, press force and torque of a press fit, by Lamé',
    fields: [
      mm('interference', '0 to 10', 'diametral'),
      mm('diameter', 'more than 0, at most 1000', 'common diameter'),
      mm('innerBore', '0 to less than the diameter', 'bore of the inner part'),
      mm('outerOutside', 'more than the diameter', 'outside of the outer part'),
      mm('length', 'more than 0, at most 1000', 'length'),
      field('innerMaterial', MATERIAL_IDS, '', '', 'inner part'),
      field('outerMaterial', MATERIAL_IDS, '', '', 'outer part'),
      field('friction', 'number', '', 'more than 0, at most 1', 'coefficient'),
    ],
    run: (input: PressFitInput) => pressFit(input),
  },
  {
    name: 'clearance-left',
    summary: 'Radial internal clearance left in service',
    fields: [
      mm('initial', '−1 to 1', 'before fitting'),
      mm('bore', 'more than 0', 'bore'),
      mm('innerRaceway', 'more than the bore', 'inner raceway'),
      field('innerPressure', 'number', 'MPa', '0 to 1000', 'on the bore'),
      mm('outside', 'more than the outer raceway', 'outside'),
      mm('outerRaceway', 'more than the inner one', 'outer raceway'),
      field('outerPressure', 'number', 'MPa', '0 to 1000', 'on the outside'),
      field('innerRise', 'number', 'K', '−100 to 200', 'inner ring above 20 °C'),
      field('outerRise', 'number', 'K', '−100 to 200', 'outer ring above 20 °C'),
    ],
    run: (input: ClearanceInput) => clearanceLeft(input),
  },
  {
    name: 'draw-screw',
    summary: 'What a draw-in screw is turned with, and what it can take',
    fields: [
      field('force', 'number', 'N', '0 to 10,000,000', 'force'),
      mm('thread', 'more than 2, at most 100', 'nominal diameter'),
      mm('pitch', 'more than 0.2, at most 8', 'pitch'),
      field('proofStress', 'number', 'MPa', 'more than 0, at most 2000', 'of the screw'),
    ],
    run: (input: Parameters<typeof drawScrew>[0]) => drawScrew(input),
  },
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
      mm('bore', 'less than the diameter', 'bore of the bearing'),
      mm('interference', '−5 to 5', 'planned for, at 20 °C'),
      mm('clearance', '0 to 1', 'with which it drops in'),
      ...BODY('part.'),
      degrees('part.temperature', 'of the part'),
      field('bearingMass', 'number', 'kg', 'more than 0, at most 500', 'whole bearing'),
      degrees('ringTemperature', 'of the ring'),
      degrees('ambient', 'of the shop'),
      field('coolingFactor', 'number', '', '0.1 to 10', 'seen cooling', 'optional'),
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
      mm('tightest', '−5 to 5', 'largest interference'),
      field('material', MATERIAL_IDS, '', '', 'of the part with the seat'),
      field('sealed', 'yesNo', '', '', 'sealed or greased'),
      field('bush', 'yesNo', '', '', 'a bush, not a ring', 'optional'),
      field('pressRating', 'number', 'N', 'more than 0', 'what the press can take'),
    ],
    run: (input: WayInput) => ({ ways: waysIn(input) }),
  },
  {
    name: 'cooling-factor',
    summary:
      'How much faster a part cools than its lumped body says, from one reading; null when it does not tell',
    fields: [
      ...BODY(),
      degrees('oven', 'when it came out'),
      degrees('ambient', 'of the shop'),
      degrees('read', 'as read'),
      field('seconds', 'number', 's', 'more than 0, at most 86400', 'since it came out'),
    ],
    run: ({
      oven,
      ambient,
      read,
      seconds,
      ...body
    }: LumpedBody & Record<'oven' | 'ambient' | 'read' | 'seconds', number>) => ({
      factor: coolingFactorFrom(body, { oven, ambient, read, seconds }),
    }),
  },
];
