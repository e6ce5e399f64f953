import { assemblyOf, buildOrder, stripOrder, type NoWay } from '../assembly/index.ts';
import { oncePerObject } from '../memo/index.ts';
import type { Station, Unit } from '../unit/index.ts';

const stationOf = (id: string): string => id.replace(/:(?:cup|cone)$/u, '');

/** By station, what it cannot come past, nor past what it could have come in: the id of a station or a part. */
const noWays = oncePerObject((unit: Unit): ReadonlyMap<string, string> => {
  const assembly = assemblyOf(unit);
  const found: readonly NoWay[] = [...stripOrder(assembly).noWay, ...buildOrder(assembly).noWay];
  return new Map(
    found.map(({ event, by }) => [stationOf(event.slice(event.indexOf(':') + 1)), by]),
  );
});

/** The name of what leaves a station no way in or out as the unit is described; null where it has one. */
export function noWayFor(unit: Unit, { id }: Station): string | null {
  const by = noWays(unit).get(id);
  if (by === undefined) return null;
  const stations = unit.axes.flatMap((axis) => axis.stations);
  return [...unit.parts, ...stations].find((one) => one.id === stationOf(by))?.name ?? by;
}
