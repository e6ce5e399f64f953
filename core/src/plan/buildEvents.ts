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
  type Part,
  type Station,
  type StationKind,
  type Unit,
} from '../unit/index.ts';
import { hasTrial, isJoined, looseOnShaft, shaftsOn, standsInPart } from './buildUp.ts';
import { comesAsOne } from './seats.ts';
import { setterAt } from './setters.ts';

/** Of the shafts that stand on an axis the events by which they move. */
export const shaftsOf = (axis: Axis, { unit }: Assembly): readonly EventKey[] =>
  shaftsOn(unit, axis).map((id): EventKey => `take:${id}`);

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
  const joined = joinedWith(unit, axis, places)
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
    .filter((body) => hasOwnStep(body) && !laid.includes(body))
    .map((body) => places.get(takes(body)) ?? -1)
    .filter((place) => place > start);
  const until = Math.min(...fitted, Infinity);
  return {
    first: events.filter((event) => at(event) < until),
    then: events.filter((event) => at(event) >= until),
  };
}

/** Whether anything goes in at a part of a build: joints alone are closed with their bolts. */
export const buildsUp = (unit: Unit, axis: Axis, order: Order, part: keyof Build): boolean =>
  buildOf(unit, axis, order)[part].some((event) => event.startsWith('take:'));

/**
 * Parts that are joined as an axis is built up. What several axes go through is closed with the last of them that is measured
 * so; where none is, with the last of all: a case that is shut lets no other shaft in.
 */
export function joinedWith(unit: Unit, axis: Axis, places: Order['places']): readonly Part[] {
  const { shafts } = assemblyOf(unit);
  const isBuilt = ({ stations }: Axis) =>
    stations.some(({ partId }) => shafts.includes(partId) && places.has(`take:${partId}`));
  return unit.parts.filter((part) => {
    if (!isJoined(part)) return false;
    const through = unit.axes.filter(({ stations }) =>
      stations.some(({ partId }) => partId === part.id),
    );
    if (!through.includes(axis)) return false;
    const built = through.filter(isBuilt);
    const measured = built.filter(hasTrial);
    const last = measured.at(-1) ?? built.at(-1) ?? through.at(-1);
    return axis === last;
  });
}

const takes = ({ id }: Body): EventKey => `take:${id}`;
/** What has a step of its own in which it is fitted. */
const isFitted = ({ station }: Body): boolean =>
  STATION_KIND_TABLE[station.kind].bearing === 'rolling';

/** What goes in at a step of its own on the way: a ring, a pack that sets something else, a tube in a bore. */
const hasOwnStep = (body: Body): boolean =>
  isFitted(body) || body.station.kind === 'shimSite' || body.station.kind === 'spacer';

/** What is laid in without a step of its own. */
const LAID_IN: ReadonlySet<StationKind> = new Set([
  'key',
  'thrustWasher',
  'needleThrust',
  'spacer',
  'adjuster',
]);

/** Whether something goes in by hand as the axis is built up: it slides, or a pack that is set there goes in with it. */
function isLaidIn(unit: Unit, axis: Axis, body: Body): boolean {
  const { id, station } = body;
  if (station.kind === 'spacer' && standsInPart(unit, station)) return false;
  if (station.kind === 'shimSite')
    return setterAt(axis, station) !== null && !goesOnFirst(unit, axis, body);
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling')
    return LAID_IN.has(station.kind) && !goesOnFirst(unit, axis, body);
  if (id.endsWith(':cup')) return !isTight(station, 'outer');
  return id.endsWith(':cone') && !isTight(station, 'inner');
}

/** Whether something is on its shaft before the shaft goes in: a ring that is fitted on the bench, or in its bore, shuts it in. */
function goesOnFirst(unit: Unit, { id, stations }: Axis, body: Body): boolean {
  const assembly = assemblyOf(unit);
  if (!assembly.shafts.includes(body.host)) return false;
  const { places } = buildOrder(assembly);
  const [own, shaft] = [places.get(takes(body))!, places.get(`take:${body.host}`)!];
  if (own > shaft) return false;
  if (stations.some(comesAsOne)) return true;
  return assembly.bodies.some((other) => {
    const at = places.get(takes(other))!;
    return (
      other.axisId === id &&
      other.host === body.host &&
      isFitted(other) &&
      other.hold === 'fixed' &&
      at > own &&
      at <= shaft
    );
  });
}

/** Whether the pack at a site is on its shaft before that goes in. */
export function isPackFirst(unit: Unit, axis: Axis, site: Station): boolean {
  const body = assemblyOf(unit).bodies.find(({ id }) => id === site.id);
  return body !== undefined && goesOnFirst(unit, axis, body);
}

/** What is put on a shaft by hand before it goes in, in its order: gears that run on it, and what a ring shuts in. */
export function dressedWith(unit: Unit, axis: Axis): readonly Station[] {
  const assembly = assemblyOf(unit);
  const { places } = buildOrder(assembly);
  const gears = new Set(looseOnShaft(unit, axis).map(({ id }) => id));
  return assembly.bodies
    .filter(
      (body) =>
        body.axisId === axis.id &&
        (gears.has(body.id) || (LAID_IN.has(body.station.kind) && goesOnFirst(unit, axis, body))),
    )
    .toSorted((a, b) => places.get(takes(a))! - places.get(takes(b))!)
    .map(({ station }) => station);
}
