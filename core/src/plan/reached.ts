import {
  assemblyOf,
  builtState,
  clear,
  eventsOfStation,
  subjectOf,
  type Assembly,
  type EventKey,
} from '../assembly/index.ts';
import { oncePerPair } from '../memo/index.ts';
import type { Axis, StationKind, Unit } from '../unit/index.ts';
import { sleeveNut, sleeveOf } from './sleeves.ts';

/** What a job to renew something takes apart. */
export interface Reached {
  readonly events: ReadonlySet<EventKey>;
  /** Stations that come out, and those of them that are renewed. */
  readonly stations: ReadonlySet<string>;
  readonly renewed: ReadonlySet<string>;
  /** Axes on which something that sets a figure comes out; and those on which it is renewed. */
  readonly moved: ReadonlySet<string>;
  readonly set: ReadonlySet<string>;
}

/** The shortest way to everything that is renewed. */
export const reachedBy = oncePerPair((unit: Unit, renew: readonly string[]): Reached =>
  reach(unit, new Set(renew)),
);

/** A nut that has crushed a sleeve is not turned again: the sleeve under it is renewed with whatever it lets out. */
function reach(unit: Unit, renewed: ReadonlySet<string>): Reached {
  const assembly = assemblyOf(unit);
  const wanted = [...renewed].flatMap((id) => eventsOfStation(assembly, id));
  const { events } = clear(assembly, builtState(assembly), wanted);
  const spent = unit.axes.flatMap((axis) => {
    const [nut, sleeve] = [sleeveNut(axis), sleeveOf(axis)];
    const isOff = nut !== null && events.has(`take:${nut.id}`);
    return isOff && sleeve !== null && !renewed.has(sleeve.id) ? [sleeve.id] : [];
  });
  if (spent.length > 0) return reach(unit, new Set([...renewed, ...spent]));
  const stations = new Set(
    unit.axes
      .flatMap((axis) => axis.stations)
      .filter(({ id }) => eventsOfStation(assembly, id).some((event) => events.has(event)))
      .map(({ id }) => id),
  );
  const axesWith = (ids: ReadonlySet<string>) =>
    new Set(
      unit.axes
        .filter((axis) => axis.stations.some(({ id, kind }) => ids.has(id) && SETS.has(kind)))
        .map(({ id }) => id),
    );
  const opened = unit.axes.filter((axis) => isOpened(assembly, axis, events)).map(({ id }) => id);
  return {
    events,
    stations,
    renewed,
    moved: new Set([...axesWith(stations), ...opened]),
    set: axesWith(renewed),
  };
}

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
