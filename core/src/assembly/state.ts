import { oncePerPair } from '../memo/index.ts';
import type { Assembly, EventKey } from './assembly.ts';
import type { Body } from './bodies.ts';
import type { Joint } from './joints.ts';
import { anyMeets, type Segment } from './segment.ts';
import { STATION_KIND_TABLE, type Side } from '../unit/index.ts';

/**
 * Which way something comes out: along its axis; a shaft also pressed out of the rings on it, which stay behind, or across,
 * from between its caps; null as nothing described tells.
 */
export type Way = Side | 'pressedLeft' | 'pressedRight' | 'across' | null;

/** The side to which something moves along its axis; null where it does not. */
export function sideOf(way: Way): Side | null {
  if (way === 'left' || way === 'pressedLeft') return 'left';
  return way === 'right' || way === 'pressedRight' ? 'right' : null;
}

/** How far a unit is apart. Everything that is still together has one name in `where`; what is out has none. */
export interface State {
  readonly done: ReadonlySet<EventKey>;
  /** Of every part, and of every body that is in its place: what it is together with. */
  readonly where: ReadonlyMap<string, string>;
  /** What the last event was about and took elsewhere. */
  readonly moved: readonly string[];
}

const WHOLE = 'unit';

/** The unit as it is built, but for what is missing already. */
export function builtState(
  { bodies, unit }: Assembly,
  missing: ReadonlySet<string> = new Set(),
): State {
  const present = [...unit.parts, ...bodies].filter(({ id }) => !missing.has(id));
  return { done: new Set(), where: new Map(present.map(({ id }) => [id, WHOLE])), moved: [] };
}

/** What moves when an event happens. */
export interface Movers {
  readonly parts: ReadonlySet<string>;
  readonly bodies: readonly Body[];
}

/** What an event is about: the id after its kind. */
export const subjectOf = (event: EventKey): string => event.slice(event.indexOf(':') + 1);

/** What moves when a body, a shaft or a part comes out to a side. */
export function moversOf(assembly: Assembly, state: State, event: EventKey, way: Way): Movers {
  const id = subjectOf(event);
  if (event.startsWith('part:')) return partMovers(assembly, state, id);
  if (assembly.shafts.includes(id)) return shaftMovers(assembly, state, id, way);
  return { parts: new Set(), bodies: assembly.bodies.filter((body) => body.id === id) };
}

/** A part with what stands in it, and with the shafts that only it carries. */
function partMovers(assembly: Assembly, state: State, partId: string): Movers {
  const parts = sideOfJoint(assembly, state, partId);
  const bodies = assembly.bodies.filter(
    ({ id, host }) => parts.has(host) && state.where.get(id) === state.where.get(partId),
  );
  return { parts, bodies };
}

/** The parts that go with one whose joint is parted: those that hang on it, and the shafts that have no bearing elsewhere. */
export function sideOfJoint(assembly: Assembly, state: State, partId: string): ReadonlySet<string> {
  const sides = sidesOfJoints(assembly, state);
  const known = sides.get(partId);
  if (known !== undefined) return known;
  const side = sideWorkedOut(assembly, state, partId);
  sides.set(partId, side);
  return side;
}

/** Of one state, the sides that were asked for. */
const sidesOfJoints = oncePerPair(
  (_assembly: Assembly, _state: State) => new Map<string, ReadonlySet<string>>(),
);

function sideWorkedOut(assembly: Assembly, state: State, partId: string): ReadonlySet<string> {
  const cluster = state.where.get(partId);
  const own = assembly.joints.find(({ part }) => part === partId);
  const side = new Set([partId]);
  const links = assembly.joints.filter(
    (joint) => joint !== own && !state.done.has(`part:${joint.part}`),
  );
  for (let size = 0; size !== side.size;) {
    size = side.size;
    for (const { part, to } of links) {
      if (side.has(to) && part !== own?.to) side.add(part);
      if (side.has(part) && to !== own?.to) side.add(to);
    }
  }
  for (const shaft of assembly.shafts) {
    const hosts = hostsOfBearings(assembly, shaft);
    if (
      state.where.get(shaft) === cluster &&
      hosts.length > 0 &&
      hosts.every((host) => side.has(host))
    )
      side.add(shaft);
  }
  return side;
}

/** The parts in which a shaft runs. */
function hostsOfBearings(
  { bodies, integrals, shafts }: Assembly,
  shaft: string,
): readonly string[] {
  const axes = new Set(
    integrals.filter(({ partId }) => partId === shaft).map(({ axisId }) => axisId),
  );
  return bodies
    .filter(
      ({ axisId, host, station }) =>
        axes.has(axisId) && !shafts.includes(host) && RUNS_IN.has(station.kind),
    )
    .map(({ host }) => host);
}

const RUNS_IN: ReadonlySet<string> = new Set([
  'taperedRoller',
  'ballBearing',
  'cylindricalRoller',
  'drawnCup',
  'bush',
  'plainBearing',
  'looseRollers',
]);

/** A shaft with what is fixed on it, what it pushes before it, and across also the rings it runs in. */
function shaftMovers(assembly: Assembly, state: State, shaft: string, way: Way): Movers {
  const cluster = state.where.get(shaft);
  const here = assembly.bodies.filter(({ id }) => state.where.get(id) === cluster);
  const staysBehind = way === 'pressedLeft' || way === 'pressedRight' ? isRing : () => false;
  const moving = new Set(
    here.filter((body) => body.host === shaft && body.hold === 'fixed' && !staysBehind(body)),
  );
  const free = here.filter(({ host, hold }) => host === shaft && hold === 'free');
  const side = sideOf(way);
  if (side !== null)
    for (let size = -1; size !== moving.size;) {
      size = moving.size;
      for (const body of free)
        if (
          !moving.has(body) &&
          (isPushed(assembly, body, shaft, moving, side) ||
            isUnhindered(assembly, state, body, moving, side))
        )
          moving.add(body);
    }
  else {
    const axes = new Set([...moving, ...free].map(({ axisId }) => axisId));
    for (const body of here)
      if (body.host === shaft || (axes.has(body.axisId) && body.id.endsWith(':cup')))
        moving.add(body);
  }
  return { parts: new Set([shaft]), bodies: [...moving] };
}

/** A ring of a rolling bearing: a press leaves it where it is. */
const isRing = ({ station }: Body): boolean =>
  STATION_KIND_TABLE[station.kind].bearing === 'rolling';

/** Whether what slides on a shaft meets nothing on its way, so that a hand keeps it where it is. */
function isUnhindered(
  assembly: Assembly,
  state: State,
  body: Body,
  moving: ReadonlySet<Body>,
  side: Side,
): boolean {
  return assembly.solidsOf
    .get(body.id)![0]!
    .meets[side].every(
      (other) =>
        other.home === body.host ||
        state.where.get(other.id) !== state.where.get(body.id) ||
        (other.body !== null && moving.has(other.body)),
    );
}

function isPushed(
  assembly: Assembly,
  body: Body,
  shaft: string,
  moving: ReadonlySet<Body>,
  side: Side,
): boolean {
  const steps = integralsOf(assembly, shaft, body.axisId);
  const others = [...moving].filter(({ axisId }) => axisId === body.axisId);
  const pushing = [...steps, ...others.flatMap(({ segments }) => segments)];
  return anyMeets(pushing, body.segments, side, assembly.outlines);
}

/** What of a part lies along an axis. */
export const integralsOf = (
  { solidsOf }: Assembly,
  partId: string,
  axisId: string,
): readonly Segment[] =>
  solidsOf.get(partId)?.find((one) => one.body === null && one.axisId === axisId)?.segments ?? [];

/** The state after an event. */
export function after(assembly: Assembly, state: State, event: EventKey, way: Way): State {
  const done = new Set(state.done).add(event);
  const id = subjectOf(event);
  if (event.startsWith('undo:')) return { done, where: state.where, moved: [id] };
  const { parts, bodies } = moversOf(assembly, state, event, way);
  const where = new Map(state.where);
  if (parts.size === 0) {
    where.delete(id);
    return { done, where, moved: [id] };
  }
  const moved = [...parts, ...bodies.map((body) => body.id)];
  for (const one of moved) where.set(one, event);
  return { done, where, moved };
}

/** The joint by which a part comes off, of the half that stays the one over it; null where it has none. */
export const jointOf = ({ joints }: Assembly, partId: string): Joint | null =>
  joints.find(({ part }) => part === partId) ??
  joints.find(({ to, halves }) => to === partId && halves) ??
  null;
