import { GAIN_TABLE } from '../arrangement/index.ts';
import {
  degrees,
  identifier,
  leftOut,
  list,
  lookedAtLater,
  millimetres,
  number,
  oneOf,
  orNull,
  record,
  someOf,
  text,
  type Schema,
} from '../schema/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import { FIGURE_KINDS } from '../figures/index.ts';
import { BACKLASH_CONTACTS, DEPTH_METHODS, ETCHING_SIGNS, TOOTH_CUTS } from '../gears/index.ts';
import { MOST_MESHES } from './mesh.ts';
import { DEPTH_MOVES, type Mesh } from './meshRow.ts';
import { MOST_OWN_STEPS, OWN_STEP_SCHEMA } from './ownStep.ts';
import { SIZE_NAMES } from './unit.ts';
import { DETAIL_NAMES, DETAIL_TABLE } from './detailTable.ts';
import type { DetailName } from './stationDetails.ts';
import {
  PART_KINDS,
  STATION_KINDS,
  type Axis,
  type Part,
  type Station,
  type Unit,
} from './unit.ts';
import { MOST_AXES, MOST_PARTS, MOST_STATIONS } from './unitFile.ts';

const ARRANGEMENTS = [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))];

export const PART_SCHEMA: Schema<Part> = record({
  id: identifier(),
  name: text(80, 1),
  kind: oneOf(PART_KINDS),
  material: orNull(lookedAtLater<MaterialChoice>()),
  mass: orNull(number(0.001, 5000, 'kg')),
  area: orNull(number(0.0001, 50, 'm²')),
  wall: orNull(millimetres(0.1, 500)),
});

/** A station, with the details of the table; which of them its kind has is a rule that joins fields. */
export const STATION_SCHEMA: Schema<Station> = record({
  id: identifier(),
  kind: oneOf(STATION_KINDS),
  name: text(80, 1),
  at: millimetres(-5000, 5000),
  width: millimetres(0, 5000),
  inside: millimetres(0, 3000),
  outside: millimetres(0, 3000),
  drawn: leftOut(someOf(SIZE_NAMES)),
  partId: identifier(),
  ...Object.fromEntries(DETAIL_NAMES.map((name) => [name, leftOut(detailSchema(name))])),
});

function detailSchema(name: DetailName): Schema<unknown> {
  const row = DETAIL_TABLE[name];
  if (row.type === 'choice') return oneOf(row.values);
  return row.type === 'text' ? text(row.longest) : number(row.least, row.most);
}

const BARE_AXIS = {
  id: identifier(),
  name: text(80, 1),
  arrangement: oneOf(ARRANGEMENTS),
  sets: someOf(FIGURE_KINDS),
};

/** An axis without what stands on it. */
export const BARE_AXIS_SCHEMA: Schema<Omit<Axis, 'stations'>> = record(BARE_AXIS);

/** An axis with all that stands on it. */
export const AXIS_SCHEMA: Schema<Axis> = record({
  ...BARE_AXIS,
  stations: list(MOST_STATIONS, STATION_SCHEMA),
});

/** A mesh; that its gears are there is a rule that joins fields. */
export const MESH_SCHEMA: Schema<Mesh> = record({
  id: identifier(),
  driverId: orNull(identifier()),
  drivenId: identifier(),
  pressureAngle: orNull(degrees(10, 30)),
  spiralAngle: orNull(degrees(0, 50)),
  cut: orNull(oneOf(TOOTH_CUTS)),
  contact: oneOf(BACKLASH_CONTACTS),
  depthAt: orNull(identifier()),
  thicker: oneOf(DEPTH_MOVES),
  depthBy: orNull(oneOf(DEPTH_METHODS)),
  etchingSign: orNull(oneOf(ETCHING_SIGNS)),
  mountingDistance: orNull(millimetres(1, 1000)),
  gearSideAt: orNull(identifier()),
  otherSideAt: orNull(identifier()),
});

export const UNIT_SCHEMA: Schema<Unit> = record({
  id: identifier(),
  name: text(80, 1),
  description: text(2000),
  parts: list(MOST_PARTS, PART_SCHEMA),
  axes: list(MOST_AXES, AXIS_SCHEMA),
  meshes: leftOut(list(MOST_MESHES, MESH_SCHEMA)),
  ownSteps: leftOut(list(MOST_OWN_STEPS, OWN_STEP_SCHEMA)),
});
