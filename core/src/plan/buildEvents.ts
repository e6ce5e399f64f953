import {
  assemblyOf,
  buildOrder,
  eventOfPart,
  type Assembly,
  type Body,
  type EventKey,
} from '../assembly/index.ts';
import {
  isTight,
  STATION_KIND_TABLE,
  type Axis,
  type Station,
  type StationKind,
  type Unit,
} from '../unit/index.ts';
import { isJoined } from './buildUp.ts';
import { setterAt } from './setters.ts';

/** The shafts that stand on an axis. */
export const shaftsOf = ({ stations }: Axis, { shafts }: Assembly): readonly EventKey[] =>
  shafts
    .filter((id) => stations.some(({ partId }) => partId === id))
    .map((id): EventKey => `take:${id}`);

/** What happens when an axis is built up, in its order: its shaft, what is laid in by hand with it, the joints over it. */
export function buildEvents(unit: Unit, axis: Axis, assembly: Assembly): readonly EventKey[] {
  const { places } = buildOrder(assembly);
  const laid = assembly.bodies.filter(
    (body) => body.axisId === axis.id && isLaidIn(unit, axis, body),
  );
  const joined = unit.parts
    .filter((part) => isJoined(part) && axis.stations.some(({ partId }) => partId === part.id))
    .map(({ id }) => eventOfPart(assembly, id))
    .filter((event) => event !== null);
  return [
    ...shaftsOf(axis, assembly),
    ...laid.map(({ id }): EventKey => `take:${id}`),
    ...joined,
  ].toSorted((a, b) => places.get(a)! - places.get(b)!);
}

/** What is laid in without a step of its own. */
const LAID_IN: ReadonlySet<StationKind> = new Set([
  'thrustWasher',
  'needleThrust',
  'spacer',
  'adjuster',
]);

/** Whether something goes in by hand: it slides, or a pack that is set there goes in with it. */
function isLaidIn(unit: Unit, axis: Axis, { id, station }: Body): boolean {
  if (station.kind === 'shimSite')
    return setterAt(axis, station) !== null && !goesOnFirst(unit, station);
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling') return LAID_IN.has(station.kind);
  if (id.endsWith(':cup')) return !isTight(station, 'outer');
  return id.endsWith(':cone') && !isTight(station, 'inner');
}

/** Whether a pack is on its shaft before that goes in: what shuts it in is fitted there. */
export function goesOnFirst(unit: Unit, site: Station): boolean {
  const assembly = assemblyOf(unit);
  const { places } = buildOrder(assembly);
  const host = assembly.bodies.find(({ id }) => id === site.id)?.host;
  return (
    host !== undefined &&
    assembly.shafts.includes(host) &&
    places.get(`take:${site.id}`)! < places.get(`take:${host}`)!
  );
}

/** The build of an axis of a unit, in its order. */
export const buildOf = (unit: Unit, axis: Axis): readonly EventKey[] =>
  buildEvents(unit, axis, assemblyOf(unit));
