import { shimGain } from '../arrangement/index.ts';
import { InputError, refuse, requireNumber, type InputFault } from '../faults/index.ts';
import type { Axis, Station, Unit } from './unit.ts';

/**
 * Check a unit's geometry and names; every fault is collected, each at its station.
 * @param path put before every field named, ending with a point
 * @throws InputError with paths such as `axes[0].stations[3].outside`
 */
export function requireUnit(unit: Unit, path = ''): Unit {
  const parts = new Set(unit.parts.map(({ id }) => id));
  const faults: InputFault[] = unit.axes.flatMap((axis, a) =>
    axis.stations.flatMap((station, s) =>
      faultsOf(() => requireStation(axis, station, `${path}axes[${a}].stations[${s}]`, parts)),
    ),
  );
  const ids = unit.axes.flatMap((axis) => axis.stations.map(({ id }) => id));
  const twice = ids.find((id, index) => ids.indexOf(id) !== index);
  if (twice !== undefined)
    faults.push({
      code: 'contradiction',
      field: `${path}axes.stations.id`,
      value: twice,
      expected: 'an id of its own for each station',
    });
  if (faults.length > 0) throw new InputError(faults);
  return unit;
}

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

function requireStation(
  axis: Axis,
  station: Station,
  field: string,
  parts: ReadonlySet<string>,
): void {
  requireNumber(`${field}.at`, station.at, { min: -5000, max: 5000, unit: 'mm' });
  requireNumber(`${field}.width`, station.width, { above: 0, max: 5000, unit: 'mm' });
  requireNumber(`${field}.inside`, station.inside, { min: 0, max: 3000, unit: 'mm' });
  requireNumber(`${field}.outside`, station.outside, {
    above: station.inside,
    max: 3000,
    unit: 'mm',
  });
  if (!parts.has(station.partId))
    refuse('unknownName', `${field}.partId`, station.partId, `one of ${[...parts].join(', ')}`);
  if (station.kind !== 'shimSite') return;
  if (station.place === null)
    return refuse('missing', `${field}.place`, null, 'where the thickness sits');
  shimGain(axis.arrangement, station.place, `${field}.place`);
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
