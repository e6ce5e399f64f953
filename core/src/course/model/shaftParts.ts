import type { Part, Station, Unit } from '../../unit/index.ts';

/** The parts that turn, or that others turn on: shafts, carriers with steps on an axis, clusters of gears without a wall. */
export function shaftParts(unit: Unit): ReadonlySet<string> {
  const stations = unit.axes.flatMap((axis) => axis.stations);
  const has = (partId: string, kind: Station['kind']) =>
    stations.some((one) => one.partId === partId && one.kind === kind);
  const turns = ({ id, kind }: Part) =>
    kind === 'shaft' ||
    (kind === 'carrier' &&
      (has(id, 'shaftStep') || (has(id, 'gear') && !has(id, 'housing') && !has(id, 'cover'))));
  return new Set(unit.parts.filter(turns).map(({ id }) => id));
}
