import {
  InputError,
  refuse,
  requireId,
  requireNumber,
  requireOneOf,
  requireText,
  type InputFault,
} from '../faults/index.ts';
import { GAIN_TABLE } from '../arrangement/index.ts';
import { requireMaterial } from '../materials/index.ts';
import { UNIT_TABLE } from '../units/index.ts';
import { FIGURE_KINDS } from '../figures/index.ts';
import { DETAIL_NAMES, DETAIL_TABLE } from './detailTable.ts';
import type { DetailName } from './stationDetails.ts';
import { MOST_MESHES, requireMesh } from './mesh.ts';
import { MOST_OWN_STEPS, requireOwnStep } from './ownStep.ts';
import { SIZE_NAMES } from './unit.ts';
import { STATION_KIND_TABLE } from './stationKinds.ts';
import {
  PART_KINDS,
  STATION_KINDS,
  type Axis,
  type Part,
  type Station,
  type Unit,
} from './unit.ts';

/**
 * Check that a unit can be worked with at all: names that lead somewhere, numbers that are numbers. What is
 * merely impossible in its geometry is told by `geometryFaults`, at the station, and does not stop the rest.
 * @param path put before every field named, ending with a point
 * @throws InputError with every fault, at paths such as `axes[0].stations[3].partId`
 */
export function requireUnit(unit: Unit, path = ''): Unit {
  if (!Array.isArray(unit?.parts) || !Array.isArray(unit.axes))
    refuse('missing', path.slice(0, -1) || 'unit', null, { id: 'unitWithParts' });
  const parts = new Set(unit.parts.map((part) => part?.id));
  const faults: InputFault[] = [
    ...faultsOf(() => requireNamed(unit, path.slice(0, -1) || 'unit')),
    ...unit.parts.flatMap((part, p) =>
      faultsOf(() => void requirePart(part, `${path}parts[${p}]`)),
    ),
    ...unit.axes.flatMap((axis, a) => faultsOf(() => requireWholeAxis(axis, `${path}axes[${a}]`))),
    ...unit.axes.flatMap((axis, a) =>
      stationsOf(axis).flatMap((station, s) =>
        faultsOf(() => requireStation(station, parts, `${path}axes[${a}].stations[${s}]`)),
      ),
    ),
    ...meshFaults(unit, path),
    ...rowFaults(`${path}ownSteps`, unit.ownSteps, MOST_OWN_STEPS, requireOwnStep),
    ...twiceFault(`${path}parts.id`, unit.parts),
    ...twiceFault(`${path}axes.id`, unit.axes),
    ...twiceFault(`${path}axes.stations.id`, unit.axes.flatMap(stationsOf)),
  ];
  if (faults.length > 0) throw new InputError(faults);
  return unit;
}

/** What cannot be so of the meshes, where axes and stations can be looked at. */
function meshFaults({ meshes, axes }: Unit, path: string): readonly InputFault[] {
  const looked = axes.map((axis) => ({ ...axis, stations: stationsOf(axis) }));
  return rowFaults(`${path}meshes`, meshes, MOST_MESHES, (mesh, field) =>
    requireMesh(mesh, { axes: looked }, field),
  );
}

/** What cannot be so of a list that may be left out, and of its rows. */
function rowFaults<Row extends { readonly id: string }>(
  field: string,
  rows: readonly Row[] | undefined,
  most: number,
  check: (row: Row, field: string) => unknown,
): readonly InputFault[] {
  if (rows === undefined) return [];
  if (!Array.isArray(rows) || rows.length > most)
    return [{ code: 'missing', field, value: rows, wanted: { id: 'list', most } }];
  const faults = rows.flatMap((row, r) => faultsOf(() => void check(row, `${field}[${r}]`)));
  return faults.length > 0 ? faults : twiceFault(`${field}.id`, rows);
}

/** Check an axis, and that there is a list of what stands on it. */
function requireWholeAxis(axis: Axis, field: string): void {
  requireAxis(axis, field);
  if (!Array.isArray(axis.stations))
    refuse('missing', `${field}.stations`, axis.stations, { id: 'stationsList' });
}

function stationsOf(axis: Axis | null): readonly Station[] {
  return Array.isArray(axis?.stations) ? axis.stations : [];
}

/**
 * Check an axis without what stands on it.
 * @throws InputError naming `id`, `name`, `arrangement` or `sets`
 */
export function requireAxis<Row extends Omit<Axis, 'stations'>>(axis: Row, field: string): Row {
  requireNamed(axis, field);
  requireOneOf(`${field}.arrangement`, axis.arrangement, ARRANGEMENTS);
  if (!Array.isArray(axis.sets)) refuse('missing', `${field}.sets`, axis.sets, { id: 'setsList' });
  for (const kind of axis.sets) requireOneOf(`${field}.sets`, kind, FIGURE_KINDS);
  return axis;
}

const ARRANGEMENTS = [...new Set(GAIN_TABLE.map(({ arrangement }) => arrangement))];

/** The station with this id and the axis it stands on. */
export function findStation(
  unit: Unit,
  stationId: string,
): { readonly axis: Axis; readonly station: Station } | null {
  for (const axis of unit.axes) {
    const station = axis.stations.find(({ id }) => id === stationId);
    if (station !== undefined) return { axis, station };
  }
  return null;
}

/**
 * Check a part's figures.
 * @throws InputError naming `material`, `mass`, `area` or `wall`
 */
export function requirePart(part: Part, field: string): Part {
  requireNamed(part, field);
  const { kind, material, mass, area, wall } = part;
  requireOneOf(`${field}.kind`, kind, PART_KINDS);
  if (material !== null) requireMaterial(`${field}.material`, material);
  if (mass !== null) requireNumber(`${field}.mass`, mass, { above: 0, max: 5000, unit: 'kg' });
  if (area !== null) requireNumber(`${field}.area`, area, { above: 0, max: 50, unit: 'm²' });
  if (wall !== null) requireNumber(`${field}.wall`, wall, { above: 0, max: 500, unit: 'mm' });
  return part;
}

/**
 * Check that a station's numbers are numbers, its part is there and its details belong to its kind.
 * @throws InputError naming the field
 */
export function requireStation(station: Station, parts: ReadonlySet<string>, field: string): void {
  requireNamed(station, field);
  requireNumber(`${field}.at`, station.at, { min: -5000, max: 5000, unit: 'mm' });
  requireNumber(`${field}.width`, station.width, { min: 0, max: 5000, unit: 'mm' });
  requireNumber(`${field}.inside`, station.inside, { min: 0, max: 3000, unit: 'mm' });
  requireNumber(`${field}.outside`, station.outside, { min: 0, max: 3000, unit: 'mm' });
  for (const name of station.drawn ?? []) requireOneOf(`${field}.drawn`, name, SIZE_NAMES);
  if (!parts.has(station.partId))
    refuse('unknownName', `${field}.partId`, station.partId, { id: 'oneOf', names: [...parts] });
  const { words, details } =
    STATION_KIND_TABLE[requireOneOf(`${field}.kind`, station.kind, STATION_KINDS)];
  for (const name of DETAIL_NAMES) {
    const value = station[name];
    if (value === undefined) continue;
    if (!details.includes(name))
      refuse('contradiction', `${field}.${name}`, value, { id: 'detailOf', kind: words });
    requireDetail(name, value, `${field}.${name}`);
  }
}

function requireNamed(named: { readonly id: string; readonly name: string }, field: string): void {
  if (typeof named !== 'object' || named === null)
    return refuse('missing', field, named, { id: 'object' });
  const { id, name } = named;
  requireId(`${field}.id`, id);
  requireText(`${field}.name`, name, 80);
}

function requireDetail(name: DetailName, value: string | number, field: string): void {
  const row = DETAIL_TABLE[name];
  if (row.type === 'number') {
    const number = requireNumber(field, value, {
      min: row.least,
      max: row.most,
      ...(row.quantity === 'number' ? {} : { unit: UNIT_TABLE[row.quantity][0]!.sign }),
    });
    if (row.whole && !Number.isInteger(number))
      refuse('outOfRange', field, value, { id: 'number', whole: true });
  } else if (row.type === 'choice') requireOneOf(field, value as string, row.values);
  else if (typeof value !== 'string' || value.length > row.longest)
    refuse('outOfRange', field, value, { id: 'textLength', longest: row.longest });
}

function twiceFault(
  field: string,
  rows: readonly { readonly id: string }[],
): readonly InputFault[] {
  const seen = new Set<string>();
  const twice = rows.find(({ id }) => seen.size === seen.add(id).size);
  return twice === undefined
    ? []
    : [{ code: 'contradiction', field, value: twice.id, wanted: { id: 'ownId' } }];
}

function faultsOf(check: () => void): readonly InputFault[] {
  try {
    check();
    return [];
  } catch (error) {
    if (error instanceof InputError) return error.faults;
    throw error;
  }
}
