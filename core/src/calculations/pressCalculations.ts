import {
  classFit,
  dropInClearance,
  effectiveInterference,
  FINISHES,
  fitAtTemperature,
  outerTemperatureFor,
  toleranceClass,
  type Finish,
  type WarmBody,
} from '../fits/index.ts';
import { MATERIAL_IDS, type MaterialId } from '../materials/index.ts';
import {
  clearanceLeft,
  drawScrew,
  pressFit,
  ringForce,
  type ClearanceInput,
  type PressFitInput,
  type SeatedRing,
} from '../pressFit/index.ts';
import { field, type Calculation } from './calculation.ts';
import { degrees, mm, RINGS } from './quantityFields.ts';

/** Fits and press fits. */
export const PRESS_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'tolerance-class',
    summary: 'Limits of a size in a tolerance class, by ISO 286-1',
    fields: [
      field(
        'toleranceClass',
        'text',
        '',
        { note: 'G H J JS K M N P R, f g h j js k m n p r, grades 4 to 10' },
        'such as H7 or k6',
      ),
      mm('size', { above: 3, max: 500 }, 'nominal size'),
    ],
    run: ({ toleranceClass: name, size }: { toleranceClass: string; size: number }) =>
      toleranceClass(name, size),
  },
  {
    name: 'class-fit',
    summary:
      'Interference of two tolerance classes: limits, and the part that nearly all pairs fall into',
    fields: [
      mm('size', { above: 3, max: 500 }, 'nominal size'),
      field('hole', 'text', '', { note: 'a hole class' }, 'such as H7'),
      field('shaft', 'text', '', { note: 'a shaft class' }, 'such as k6'),
    ],
    run: ({ size, hole, shaft }: { size: number; hole: string; shaft: string }) =>
      classFit(toleranceClass(shaft, size, 'shaft'), toleranceClass(hole, size, 'hole')),
  },
  {
    name: 'roughness-loss',
    summary: 'Effective interference: what is left once the peaks of a seat are flattened',
    fields: [
      mm('interference', { min: -10, max: 10 }, 'as measured'),
      mm('diameter', { above: 0, max: 1000 }, 'seat'),
      field('finish', FINISHES, '', {}, 'how it is finished'),
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
    name: 'drop-in',
    summary:
      'Temperature of a part at which a ring drops in with its clearance, and at which it slides',
    fields: [
      field('diameter', 'number', 'mm', { above: 0, max: 1000 }, 'seat'),
      field('interference', 'number', 'mm', { min: -10, max: 10 }, 'the tightest'),
      field('material', MATERIAL_IDS, '', {}, 'material of the part'),
      field('ring.material', MATERIAL_IDS, '', {}, 'material of the ring'),
      field(
        'ring.temperature',
        'number',
        '°C',
        { min: -273.15, max: 500 },
        'temperature of the ring',
      ),
    ],
    run: ({
      diameter,
      interference: tightest,
      material,
      ring,
    }: {
      diameter: number;
      interference: number;
      material: MaterialId;
      ring: WarmBody;
    }) => {
      const clearance = dropInClearance(diameter);
      const at = (gap: number) =>
        outerTemperatureFor({ diameter, interference: tightest, clearance: gap }, material, ring);
      return { clearance, drops: at(clearance), slides: at(0) };
    },
  },
  {
    name: 'fit-at-temperature',
    summary: 'Interference with both parts at other temperatures',
    fields: [
      mm('interference', { min: -10, max: 10 }, 'at 20 °C'),
      mm('diameter', { above: 0, max: 1000 }, 'seat'),
      ...['inner', 'outer'].flatMap((name) => [
        field(`${name}.material`, MATERIAL_IDS, '', {}, 'material'),
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
      mm('interference', { min: 0, max: 10 }, 'diametral'),
      mm('diameter', { above: 0, max: 1000 }, 'common diameter'),
      mm('innerBore', { min: 0, lessThan: 'diameter' }, 'bore of the inner part'),
      mm('outerOutside', { moreThan: 'diameter', max: 2000 }, 'outside of the outer part'),
      mm('length', { above: 0, max: 1000 }, 'length'),
      field('innerMaterial', MATERIAL_IDS, '', {}, 'inner part'),
      field('outerMaterial', MATERIAL_IDS, '', {}, 'outer part'),
      field('friction', 'number', '', { above: 0, max: 1 }, 'coefficient'),
    ],
    run: (input: PressFitInput) => pressFit(input),
  },
  {
    name: 'clearance-left',
    summary: 'Radial internal clearance left in service',
    fields: [
      mm('initial', { min: -1, max: 1 }, 'before fitting'),
      mm('bore', { above: 0, max: 1000 }, 'bore'),
      mm('innerRaceway', { moreThan: 'bore', max: 2000 }, 'inner raceway'),
      field('innerPressure', 'number', 'MPa', { min: 0, max: 1000 }, 'on the bore'),
      mm('outside', { moreThan: 'outerRaceway', max: 2000 }, 'outside'),
      mm('outerRaceway', { moreThan: 'innerRaceway', max: 2000 }, 'outer raceway'),
      field('outerPressure', 'number', 'MPa', { min: 0, max: 1000 }, 'on the outside'),
      field('innerRise', 'number', 'K', { min: -100, max: 200 }, 'inner ring above 20 °C'),
      field('outerRise', 'number', 'K', { min: -100, max: 200 }, 'outer ring above 20 °C'),
    ],
    run: (input: ClearanceInput) => clearanceLeft(input),
  },
  {
    name: 'draw-screw',
    summary: 'What a draw-in screw is turned with, and what it can take',
    fields: [
      field('force', 'number', 'N', { min: 0, max: 10000000 }, 'force'),
      mm('thread', { above: 2, max: 100 }, 'nominal diameter'),
      mm('pitch', { above: 0.2, max: 8 }, 'pitch'),
      field('proofStress', 'number', 'MPa', { above: 0, max: 2000 }, 'of the screw'),
    ],
    run: (input: Parameters<typeof drawScrew>[0]) => drawScrew(input),
  },
  {
    name: 'ring-force',
    summary: 'Force to move a ring on its seat, in or out, with its spread',
    fields: [
      field('seat.ring', RINGS, '', {}, 'into a bore, or on a shaft'),
      mm('seat.diameter', { above: 0, max: 1000 }, 'seat'),
      mm('seat.other', { above: 0, max: 1000 }, 'the bearing’s other diameter'),
      mm('seat.width', { above: 0, max: 1000 }, 'width'),
      field(
        'seat.partSize',
        'number',
        'mm',
        { above: 0, max: 2000 },
        'outside of the boss, or bore of the hollow shaft',
        'optional',
      ),
      field('seat.material', MATERIAL_IDS, '', {}, 'of the part with the seat'),
      field('seat.bush', MATERIAL_IDS, '', {}, 'of a bush; null for a bearing', 'nullable'),
      mm('fit.least', { min: -10, max: 10 }, 'smallest interference'),
      mm('fit.mean', { min: -10, max: 10 }, 'middle interference'),
      mm('fit.most', { min: -10, max: 10 }, 'largest interference'),
      field('way', ['in', 'out'], '', {}, 'as it is pressed, or after it has stood'),
    ],
    run: ({
      seat,
      fit,
      way,
    }: {
      seat: SeatedRing;
      fit: Parameters<typeof ringForce>[1];
      way: 'in' | 'out';
    }) => ringForce(seat, fit, way),
  },
];
