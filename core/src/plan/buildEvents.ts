import {
  assemblyOf,
  buildOrder,
  eventOfPart,
  type Assembly,
  type Body,
  type EventKey,
  type Order,
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

/** What happens when an axis is built up, in its order; and what of it waits for a ring that is fitted to the shaft in its place. */
export interface Build {
  readonly first: readonly EventKey[];
  readonly then: readonly EventKey[];
}

/** What is laid in by hand, the shafts, the joints over them: of what goes in on a job. */
export function buildOf(unit: Unit, axis: Axis, { places }: Order): Build {
  const assembly = assemblyOf(unit);
  const own = assembly.bodies.filter(({ axisId }) => axisId === axis.id);
  const laid = own.filter((body) => isLaidIn(unit, axis, body));
  const joined = unit.parts
    .filter((part) => isJoined(part) && axis.stations.some(({ partId }) => partId === part.id))
    .map(({ id }) => eventOfPart(assembly, id))
    .filter((event) => event !== null);
  const at = (event: EventKey) => places.get(event)!;
  const shafts = shaftsOf(axis, assembly);
  const events = [...shafts, ...laid.map(takes), ...joined]
    .filter((event) => places.has(event))
    .toSorted((a, b) => at(a) - at(b));
  const known = events.filter((event) => shafts.includes(event)).map(at);
  const start = known.length > 0 ? Math.max(...known) : Math.min(...events.map(at));
  const fitted = own
    .filter((body) => isFitted(body) && !laid.includes(body))
    .map((body) => places.get(takes(body)) ?? -1)
    .filter((place) => place > start);
  const until = Math.min(...fitted, Infinity);
  return {
    first: events.filter((event) => at(event) < until),
    then: events.filter((event) => at(event) >= until),
  };
}

const takes = ({ id }: Body): EventKey => `take:${id}`;
/** What has a step of its own in which it is fitted. */
const isFitted = ({ station }: Body): boolean =>
  STATION_KIND_TABLE[station.kind].bearing === 'rolling';

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
