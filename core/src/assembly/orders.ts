import { oncePerObject } from '../memo/index.ts';
import { STATION_KIND_TABLE, type StationKind } from '../unit/index.ts';
import { asKnown, type Assembly, type EventKey } from './assembly.ts';
import type { Body } from './bodies.ts';
import type { Move, NoWay } from './move.ts';
import { clearedBy } from './clearedBy.ts';
import { attemptsOf, isShutIn } from './obstacles.ts';
import { peel } from './peel.ts';
import { builtState, subjectOf, type Way } from './state.ts';

/** Events with their places in an order that can be worked. */
export interface Order {
  readonly places: ReadonlyMap<EventKey, number>;
  /** Which way each comes out; what goes in comes from there. */
  readonly ways: ReadonlyMap<EventKey, Way>;
  /** What has to come before each: what clears its way where a unit is taken apart; what it would shut in where it is built. */
  readonly before: ReadonlyMap<EventKey, readonly EventKey[]>;
  /** What had to be forced, because the description leaves it no way. */
  readonly noWay: readonly NoWay[];
}

/** What a unit is taken apart in: fixings, joints, hubs, shafts, seals, then what sits on and in the parts. */
export const stripOrder = oncePerObject((assembly: Assembly): Order => {
  const { moves, noWay } = peel(assembly, builtState(assembly), assembly.events, (event) =>
    stripKey(assembly, event),
  );
  return apartBy(assembly, moves, [...noWay, ...betweenShoulders(assembly)]);
});

/**
 * What a unit is built up in: a second peel, of the finished unit, by what goes in last, read backwards. Whatever comes
 * out in an order goes in the other way round.
 */
export const buildOrder = oncePerObject((assembly: Assembly): Order => {
  const { moves, noWay } = peel(assembly, builtState(assembly), assembly.events, (event) =>
    buildKey(assembly, event),
  );
  return togetherBy(assembly, moves, [...noWay, ...betweenShoulders(assembly)]);
});

/** The order of some moves by which a finished unit comes apart. */
export const apartBy = (
  assembly: Assembly,
  moves: readonly Move[],
  noWay: readonly NoWay[] = [],
): Order => ({
  places: placesOf(moves.map(({ event }) => event)),
  ways: waysOf(moves),
  before: clearedBy(assembly, moves),
  noWay,
});

/** The same moves backwards, by which it goes together again. */
export function togetherBy(
  assembly: Assembly,
  moves: readonly Move[],
  noWay: readonly NoWay[] = [],
): Order {
  const before = new Map<EventKey, EventKey[]>(moves.map(({ event }) => [event, []]));
  for (const [event, cleared] of clearedBy(assembly, moves))
    for (const other of cleared) before.get(other)!.push(event);
  const places = placesOf(moves.map(({ event }) => event).toReversed());
  return { places, ways: waysOf(moves), before, noWay };
}

/** What shoulders of its own shaft hold on both sides: as it is described it could never have been put there. */
const betweenShoulders = (assembly: Assembly): readonly NoWay[] =>
  assembly.bodies
    .filter((body) => assembly.shafts.includes(body.host) && isShutIn(assembly, body))
    .map((body) => ({
      event: `take:${body.id}`,
      moving: body.id,
      by: body.host,
      drawn: !isShutIn(asKnown(assembly), body),
    }));

const waysOf = (moves: readonly Move[]): ReadonlyMap<EventKey, Way> =>
  new Map(moves.map(({ event, way }) => [event, way]));

const placesOf = (events: readonly EventKey[]): ReadonlyMap<EventKey, number> =>
  new Map(events.map((event, at) => [event, at]));

/** Everything that stands in front of something in the finished unit, near and far. */
export function coversOf(assembly: Assembly, event: EventKey): ReadonlySet<EventKey> {
  const known = knownCovers(assembly);
  const before = known.get(event);
  if (before !== undefined) return before;
  const covers = new Set<EventKey>();
  const visit = (one: EventKey): void => {
    for (const [other, shutIn] of buildOrder(assembly).before)
      if (shutIn.includes(one) && !covers.has(other)) {
        covers.add(other);
        visit(other);
      }
  };
  visit(event);
  known.set(event, covers);
  return covers;
}

/** Of an assembly, the covers that were asked for. */
const knownCovers = oncePerObject((_: Assembly) => new Map<EventKey, ReadonlySet<EventKey>>());

/** Where kinds of bodies stand when a unit is taken apart, among those that are free: lower ones first. */
const STRIP_RANKS: Readonly<Partial<Record<StationKind, number>>> = {
  nut: 1,
  retainer: 2,
  seal: 6,
  looseRollers: 7,
  snapRing: 8,
};
/** The same when the finished unit is peeled to find what goes in last. */
const BUILD_RANKS: Readonly<Partial<Record<StationKind, number>>> = {
  seal: 1,
  nut: 2,
  retainer: 4,
  snapRing: 4,
  adjuster: 4,
};
const [HUB, JOINT, SHAFT, ON_SHAFT, IN_PART] = [2.5, 3, 5, 9, 10];

function stripKey(assembly: Assembly, event: EventKey): readonly number[] {
  const at = assembly.events.indexOf(event);
  return [rankOf(assembly, event, STRIP_RANKS), partAt(assembly, event), at];
}

/** Read backwards: what is described first goes in first. */
function buildKey(assembly: Assembly, event: EventKey): readonly number[] {
  const at = assembly.events.indexOf(event);
  return [rankOf(assembly, event, BUILD_RANKS), -partAt(assembly, event), -at];
}

function rankOf(
  assembly: Assembly,
  event: EventKey,
  ranks: Readonly<Partial<Record<StationKind, number>>>,
): number {
  if (event.startsWith('undo:')) return 0;
  if (event.startsWith('part:')) return JOINT;
  const body = bodyOf(assembly, event);
  if (body === null) return SHAFT;
  if (isOverSeal(assembly, event)) return HUB;
  return ranks[body.station.kind] ?? (assembly.shafts.includes(body.host) ? ON_SHAFT : IN_PART);
}

/** Whether a gear or hub lies straight over a seal, so that it goes on its shaft after it. */
export function isOverSeal(assembly: Assembly, event: EventKey): boolean {
  if (bodyOf(assembly, event)?.station.kind !== 'gear') return false;
  return assembly.bodies.some(
    ({ id, station }) => station.kind === 'seal' && overs(assembly).get(id)!.has(subjectOf(event)),
  );
}

/** By seal what it meets on every way out. */
const overs = oncePerObject((assembly: Assembly): ReadonlyMap<string, ReadonlySet<string>> => {
  const built = builtState(assembly);
  const seals = assembly.bodies.filter(({ station }) => station.kind === 'seal');
  return new Map(
    seals.map(({ id }) => {
      const [first, ...others] = attemptsOf(assembly, built, `take:${id}`).map(
        ({ obstacles }) => new Set(obstacles.map(({ by }) => by)),
      );
      const always = [...(first ?? [])].filter((by) => others.every((other) => other.has(by)));
      return [id, new Set(always)];
    }),
  );
});

/** What sits in one part stands together: one part is hot at a time. */
function partAt(assembly: Assembly, event: EventKey): number {
  const body = bodyOf(assembly, event);
  if (body === null || STATION_KIND_TABLE[body.station.kind].bearing === null) return 0;
  return assembly.unit.parts.findIndex(({ id }) => id === body.host);
}

const bodyOf = ({ solidsOf }: Assembly, event: EventKey): Body | null =>
  solidsOf.get(subjectOf(event))?.[0]?.body ?? null;

/** The events by which a station comes out: of a bearing that parts those of cup and cone. */
export function eventsOfStation(assembly: Assembly, stationId: string): readonly EventKey[] {
  const bodies = assembly.bodies.filter(({ station }) => station.id === stationId);
  if (bodies.length > 0) return bodies.map(({ id }): EventKey => `take:${id}`);
  const bolts: EventKey = `undo:${stationId}`;
  return assembly.events.includes(bolts) ? [bolts] : [];
}

/** The event by which a part comes away: a shaft is taken out, another part comes off its joint; null where neither is so. */
export function eventOfPart(assembly: Assembly, partId: string): EventKey | null {
  if (assembly.shafts.includes(partId)) return `take:${partId}`;
  return assembly.joints.some(({ part }) => part === partId) ? `part:${partId}` : null;
}
