import {
  apartBy,
  assemblyOf,
  builtState,
  clear,
  eventsOfStation,
  jointOf,
  subjectOf,
  togetherBy,
  type Assembly,
  type EventKey,
  type Move,
  type NoWay,
  type Order,
} from '../assembly/index.ts';
import type { JobState } from '../job/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { sleeveOf, isTight, type Axis, type StationKind, type Unit } from '../unit/index.ts';
import { settersOf } from './setters.ts';
import { sleeveNut } from './sleeves.ts';
import { spacerSetter } from './spacerProgress.ts';

/** What a job to renew something takes apart. */
export interface Reached {
  readonly events: ReadonlySet<EventKey>;
  /** In which it comes apart, and goes together again. */
  readonly apart: Order;
  readonly together: Order;
  /** What cannot come out as the unit is described. */
  readonly noWay: readonly NoWay[];
  /** Stations that come out, and those of them that are renewed. */
  readonly stations: ReadonlySet<string>;
  readonly renewed: ReadonlySet<string>;
  /** Axes on which something that sets a figure comes out; and those on which it is renewed: a new nut clamps as the old one did. */
  readonly moved: ReadonlySet<string>;
  readonly set: ReadonlySet<string>;
}

/** The shortest way to everything that is renewed. */
export const reachedBy = oncePerPair((unit: Unit, renew: readonly string[]): Reached =>
  reach(unit, new Set(renew)),
);

/** What a job takes out before it builds; null where it is all of it. */
export function reachedIn({ unit, sheet }: JobState): ReadonlySet<EventKey> | null {
  if (sheet.scope === 'setPlay') return NOTHING;
  return sheet.scope === 'renew' ? reachedBy(unit!, sheet.renew).events : null;
}
const NOTHING: ReadonlySet<EventKey> = new Set();

/** Whether a unit whose play is only set is opened with its oil in: it came so, and was measured so. */
export const isOpenedWet = ({ sheet }: JobState, off: readonly Move[]): boolean =>
  sheet.scope === 'setPlay' &&
  sheet.start === 'running' &&
  off.some(({ event }) => event.startsWith('part:'));

/** A nut that has crushed a sleeve is not turned again: the sleeve under it is renewed with whatever it lets out. */
function reach(unit: Unit, renewed: ReadonlySet<string>, sites: readonly string[] = []): Reached {
  const assembly = assemblyOf(unit);
  const wanted = [...renewed, ...sites].flatMap((id) => eventsOfStation(assembly, id));
  const { events, moves, noWay } = clear(assembly, builtState(assembly), wanted);
  const spent = unit.axes.flatMap((axis) => {
    const [nut, sleeve] = [sleeveNut(axis), sleeveOf(axis)];
    const isOff = nut !== null && events.has(`take:${nut.id}`);
    return isOff && sleeve !== null && !renewed.has(sleeve.id) ? [sleeve.id] : [];
  });
  const melted = rubberIn(unit, events).filter((id) => !renewed.has(id));
  const opened = ringsUnder(unit, events).filter((id) => !renewed.has(id));
  if (spent.length + melted.length + opened.length > 0)
    return reach(unit, new Set([...renewed, ...spent, ...melted, ...opened]), sites);
  const stations = new Set(
    unit.axes
      .flatMap((axis) => axis.stations)
      .filter(({ id }) => eventsOfStation(assembly, id).some((event) => events.has(event)))
      .map(({ id }) => id),
  );
  const nuts = new Set(
    unit.axes
      .flatMap((axis) => axis.stations)
      .filter(({ kind }) => kind === 'nut')
      .map(({ id }) => id),
  );
  const axesWith = (ids: ReadonlySet<string>) =>
    new Set(
      unit.axes
        .filter((axis) => axis.stations.some(({ id, kind }) => ids.has(id) && SETS.has(kind)))
        .map(({ id }) => id),
    );
  const set = axesWith(new Set([...renewed].filter((id) => !nuts.has(id))));
  const changed = unit.axes
    .filter(({ id }) => set.has(id))
    .flatMap(settingSites)
    .filter((id) => !sites.includes(id) && !renewed.has(id));
  if (changed.length > 0) return reach(unit, renewed, [...sites, ...changed]);
  const shut = unit.axes
    .filter(({ id }) => set.has(id))
    .flatMap(settingSites)
    .flatMap((site) => sealsOver(assembly, site, events))
    .filter((id) => !renewed.has(id));
  if (shut.length > 0) return reach(unit, new Set([...renewed, ...shut]), sites);
  const apart = unit.axes.filter((axis) => isOpened(assembly, axis, events)).map(({ id }) => id);
  return {
    events,
    apart: apartBy(assembly, moves, noWay),
    together: togetherBy(assembly, moves, noWay),
    noWay,
    stations,
    renewed,
    moved: new Set([...axesWith(stations), ...apart]),
    set,
  };
}

/** Seals that would have to come out again for what is set, where they stay in otherwise: they are renewed with it. */
function sealsOver(
  assembly: Assembly,
  site: string,
  events: ReadonlySet<EventKey>,
): readonly string[] {
  const isSeal = (id: string) =>
    assembly.bodies.some((body) => body.id === id && body.station.kind === 'seal');
  const notYet = new Set([...events].map(subjectOf).filter(isSeal));
  return clear(assembly, builtState(assembly, notYet), [`take:${site}`])
    .moves.map(({ event }) => subjectOf(event))
    .filter(isSeal);
}

/** Seals in parts that are heated for a ring: they come out before, and what came out is not used again. */
function rubberIn({ axes }: Unit, events: ReadonlySet<EventKey>): readonly string[] {
  const stations = axes.flatMap((axis) => axis.stations);
  const hot = new Set(
    stations
      .filter((one) => isTight(one, 'outer'))
      .filter(({ id }) => events.has(`take:${id}`) || events.has(`take:${id}:cup`))
      .map(({ partId }) => partId),
  );
  return stations
    .filter(({ kind, partId }) => kind === 'seal' && hot.has(partId))
    .map(({ id }) => id);
}

/** O-rings of joints that some events part: flattened once, they are not used again. */
export function ringsUnder(unit: Unit, events: Iterable<EventKey>): readonly string[] {
  const assembly = assemblyOf(unit);
  const all = new Set(events);
  return assembly.bodies
    .filter(({ station, underJointOf }) => {
      const joint = underJointOf === null ? null : jointOf(assembly, underJointOf);
      return station.kind === 'oRing' && joint !== null && all.has(`part:${joint.part}`);
    })
    .map(({ station }) => station.id);
}

/** Where a play or preload of an axis is set: it has to be reached. */
const settingSites = (axis: Axis): readonly string[] => {
  const spacer = spacerSetter(axis);
  const sites = settersOf(axis).map(({ station }) => station.id);
  return spacer === null ? sites : [...sites, spacer.id];
};

/** What has a part in a play or a preload. */
const SETS: ReadonlySet<StationKind> = new Set([
  'taperedRoller',
  'ballBearing',
  'cylindricalRoller',
  'needleThrust',
  'thrustWasher',
  'shimSite',
  'spacer',
  'adjuster',
  'nut',
]);

/** Whether a shaft of an axis is out, or a part that holds a bearing or a pack of it. */
function isOpened(assembly: Assembly, { stations }: Axis, events: ReadonlySet<EventKey>): boolean {
  const away = [...events].filter(
    (event) => event.startsWith('part:') || assembly.shafts.includes(subjectOf(event)),
  );
  return away.some((event) =>
    stations.some(
      ({ partId, kind }) =>
        partId === subjectOf(event) && (SETS.has(kind) || assembly.shafts.includes(partId)),
    ),
  );
}
