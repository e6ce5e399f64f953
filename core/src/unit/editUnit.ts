import { DETAIL_NAMES } from './detailTable.ts';
import { meshesLeft } from './mesh.ts';
import type { Axis, Part, Station, Unit } from './unit.ts';

/** A unit whose stations hold only what was described of them. */
export function withoutEmptyDetails(unit: Unit): Unit {
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({ ...axis, stations: axis.stations.map(asDescribed) })),
  };
}

/** A station without details whose text is empty: nothing was described there. */
function asDescribed(station: Station): Station {
  const empty = DETAIL_NAMES.filter(
    (name) => typeof station[name] === 'string' && station[name].trim() === '',
  );
  if (empty.length === 0) return station;
  const kept = Object.entries(station).filter(
    ([name]) => !(empty as readonly string[]).includes(name),
  );
  return Object.fromEntries(kept) as unknown as Station;
}

/** Put a station on an axis, in place of one with its id on any axis. Stations stand in order along the axis. */
export function withStation(unit: Unit, axisId: string, station: Station): Unit {
  return meshesLeft({
    ...unit,
    axes: unit.axes.map((axis) => {
      const others = axis.stations.filter(({ id }) => id !== station.id);
      if (axis.id !== axisId) return { ...axis, stations: others };
      return { ...axis, stations: inOrder([...others, asDescribed(station)]) };
    }),
  });
}

/** Take a station away. */
export function withoutStation(unit: Unit, stationId: string): Unit {
  return meshesLeft({
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.filter(({ id }) => id !== stationId),
    })),
  });
}

/** Put a part in, in place of one with its id. */
export function withPart(unit: Unit, part: Part): Unit {
  return { ...unit, parts: replaced(unit.parts, part) };
}

/** Take a part away. The caller sees to it that nothing stands on it. */
export function withoutPart(unit: Unit, partId: string): Unit {
  return { ...unit, parts: unit.parts.filter(({ id }) => id !== partId) };
}

/** Put an axis in, or change one; its stations stay where they are. */
export function withAxis(unit: Unit, axis: Omit<Axis, 'stations'>): Unit {
  const stations = unit.axes.find(({ id }) => id === axis.id)?.stations ?? [];
  return { ...unit, axes: replaced(unit.axes, { ...axis, stations }) };
}

/** Take an axis away with what stands on it. */
export function withoutAxis(unit: Unit, axisId: string): Unit {
  return meshesLeft({ ...unit, axes: unit.axes.filter(({ id }) => id !== axisId) });
}

/** From left to right by the middle; what begins at the same place keeps its order. */
function inOrder(stations: readonly Station[]): readonly Station[] {
  return stations.toSorted((a, b) => a.at + a.width / 2 - (b.at + b.width / 2));
}

function replaced<Row extends { readonly id: string }>(
  rows: readonly Row[],
  row: Row,
): readonly Row[] {
  return rows.some(({ id }) => id === row.id)
    ? rows.map((candidate) => (candidate.id === row.id ? row : candidate))
    : [...rows, row];
}
