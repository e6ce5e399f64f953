import { SIDES, type Side, type StationKind } from '../unit/index.ts';
import type { Assembly, EventKey } from './assembly.ts';
import type { Body } from './bodies.ts';
import { anyMeets } from './segment.ts';
import { IN_GROOVE, type Solid } from './solids.ts';
import {
  integralsOf,
  jointOf,
  sideOf,
  moversOf,
  sideOfJoint,
  subjectOf,
  type Movers,
  type State,
  type Way,
} from './state.ts';

/** One thing that is in another's way, and the events any of which clears it. */
export interface Obstacle {
  /** Id of what moves, and of what it meets: bodies, parts, bolt circles. */
  readonly moving: string;
  readonly by: string;
  /** Worked out when it is asked for. */
  readonly remedies: () => readonly EventKey[];
}

/** A way in which an event can happen, and what is in the way of it. */
export interface Attempt {
  readonly way: Way;
  readonly obstacles: readonly Obstacle[];
}

/** A shaft comes with all that is on it where it can; else it leaves some behind, or is pressed out of its rings. */
const ALONG = ['left', 'right', 'pressedLeft', 'pressedRight'] as const;

const UNHINDERED: readonly Attempt[] = [{ way: null, obstacles: [] }];

/** The ways in which an event can happen, each with everything that is in the way. */
export function attemptsOf(assembly: Assembly, state: State, event: EventKey): readonly Attempt[] {
  const id = subjectOf(event);
  if (event.startsWith('undo:')) return UNHINDERED;
  if (event.startsWith('part:')) return [partAttempt(assembly, state, event, id)];
  if (assembly.shafts.includes(id)) return shaftAttempts(assembly, state, event, id);
  const body = assembly.bodies.find((one) => one.id === id)!;
  return bodyAttempts(assembly, state, event, body);
}

/** Bolts that are still tight. */
function tight(state: State, moving: string, bolts: readonly string[]): readonly Obstacle[] {
  return bolts
    .filter((by) => !state.done.has(`undo:${by}`))
    .map((by) => ({ moving, by, remedies: () => [`undo:${by}`] }));
}

function partAttempt(assembly: Assembly, state: State, event: EventKey, id: string): Attempt {
  const { side, bolts } = jointOf(assembly, id)!;
  return {
    way: side,
    obstacles: [
      ...tight(state, id, bolts),
      ...(side === null
        ? []
        : met(assembly, state, event, moversOf(assembly, state, event, side), side)),
    ],
  };
}

function shaftAttempts(
  assembly: Assembly,
  state: State,
  event: EventKey,
  id: string,
): readonly Attempt[] {
  const along = ALONG.map((way) => ({ way, movers: moversOf(assembly, state, event, way) }))
    .toSorted((a, b) => b.movers.bodies.length - a.movers.bodies.length)
    .map(({ way, movers }) => ({
      way,
      obstacles: met(assembly, state, event, movers, sideOf(way)!),
    }));
  const caps = assembly.caps.get(id);
  if (caps !== undefined) return [{ way: 'across', obstacles: tight(state, id, caps) }, ...along];
  return [
    ...along,
    {
      way: 'across',
      obstacles: met(assembly, state, event, moversOf(assembly, state, event, 'across'), 'across'),
    },
  ];
}

function bodyAttempts(
  assembly: Assembly,
  state: State,
  event: EventKey,
  body: Body,
): readonly Attempt[] {
  const { underJointOf } = body;
  const joint = underJointOf === null ? null : jointOf(assembly, underJointOf);
  if (joint !== null) {
    const opens: EventKey = `part:${joint.part}`;
    const closed = { moving: body.id, by: joint.part, remedies: () => [opens] };
    return [{ way: null, obstacles: state.done.has(opens) ? [] : [closed] }];
  }
  const movers = { parts: new Set<string>(), bodies: [body] };
  if (IN_GROOVE.has(body.station.kind) || isWalledIn(assembly, state, body))
    return [{ way: 'across', obstacles: met(assembly, state, event, movers, 'across') }];
  return sidesOf(assembly, state, body).map(({ side, behind }) => ({
    way: side,
    obstacles: [
      ...behind,
      ...met(assembly, state, event, movers, side),
      ...inTheDriver(assembly, state, event, body),
    ],
  }));
}

/** What is pressed is pressed through its whole bore: no shaft stands in it. */
const PRESSED: ReadonlySet<StationKind> = new Set(['bush', 'drawnCup']);

function inTheDriver(
  assembly: Assembly,
  state: State,
  event: EventKey,
  { id, host, station }: Body,
): readonly Obstacle[] {
  if (!PRESSED.has(station.kind) || assembly.shafts.includes(host)) return [];
  const [mover] = assembly.solidsOf.get(id) as readonly [Solid];
  return mover.meets.across
    .filter(
      (other) =>
        other.body === null &&
        assembly.shafts.includes(other.id) &&
        state.where.get(other.id) === state.where.get(id),
    )
    .map((other) => ({
      moving: id,
      by: other.id,
      remedies: () => remediesFor(assembly, state, event, mover, other),
    }));
}

/** Whether something lies between walls of its own part: a hand lifts it out across, when nothing goes through it. */
const isWalledIn = (assembly: Assembly, { where }: State, body: Body): boolean =>
  !assembly.shafts.includes(body.host) &&
  where.get(body.id) === where.get(body.host) &&
  isShutIn(assembly, body);

/** Whether its own part stands in the way of a body on both sides, and nothing says how it goes in. */
export function isShutIn(
  assembly: Assembly,
  { ways, host, axisId, segments, station }: Body,
): boolean {
  const own = integralsOf(assembly, host, axisId);
  return (
    ways === null &&
    !GIVES.has(station.kind) &&
    SIDES.every((side) => anyMeets(segments, own, side, assembly.outlines))
  );
}

/** What is turned past an edge, or gives way to it: threads, rings in grooves, lips. */
const GIVES: ReadonlySet<StationKind> = new Set([
  'snapRing',
  'nut',
  'retainer',
  'adjuster',
  'seal',
  'oRing',
]);

/**
 * Sides to which a body comes out of its own part: as described, else as its part leaves it; both where neither tells. What
 * slides on a shaft also comes off over a shoulder once the shaft has gone out of it.
 */
function sidesOf(
  assembly: Assembly,
  state: State,
  body: Body,
): readonly { readonly side: Side; readonly behind: readonly Obstacle[] }[] {
  const free = (sides: readonly Side[]) => sides.map((side) => ({ side, behind: [] }));
  if (body.ways !== null) return free(body.ways);
  if (state.where.get(body.id) !== state.where.get(body.host)) return free(SIDES);
  const own = integralsOf(assembly, body.host, body.axisId);
  const open = SIDES.filter((side) => !anyMeets(body.segments, own, side, assembly.outlines));
  if (open.length === 0) return free(SIDES);
  const slides = body.hold === 'free' && assembly.shafts.includes(body.host);
  const remedies: readonly EventKey[] = state.done.has(`take:${body.host}`)
    ? []
    : [`take:${body.host}`];
  const shoulder = { moving: body.id, by: body.host, remedies: () => remedies };
  return [
    ...free(open),
    ...SIDES.filter((side) => slides && !open.includes(side)).map((side) => ({
      side,
      behind: [shoulder],
    })),
  ];
}

/** Everything that is still together with what moves, and that it meets on its way. */
function met(
  assembly: Assembly,
  state: State,
  event: EventKey,
  { parts, bodies }: Movers,
  to: Side | 'across',
): readonly Obstacle[] {
  const moving = new Set([...bodies.map(({ id }) => id), ...parts]);
  const from = state.where.get([...moving].at(-1)!);
  const found: Obstacle[] = [];
  for (const id of moving)
    for (const mover of assembly.solidsOf.get(id) ?? [])
      for (const other of mover.meets[to]) {
        if (state.where.get(other.id) !== from || moving.has(other.id)) continue;
        if (other.body === null && other.id === mover.home) continue;
        const remedies = () => remediesFor(assembly, state, event, mover, other);
        found.push({ moving: mover.id, by: other.id, remedies });
      }
  return found;
}

/** Whatever gets one out of the way of the other: taking it out, or parting what they stand in. */
function remediesFor(
  assembly: Assembly,
  state: State,
  event: EventKey,
  mover: Solid,
  still: Solid,
): readonly EventKey[] {
  const isShaft = (id: string) => assembly.shafts.includes(id);
  const remedies: EventKey[] = [];
  if (still.body !== null) remedies.push(`take:${still.id}`);
  if (isShaft(still.home) && still.home !== mover.home) remedies.push(`take:${still.home}`);
  for (const { part } of assembly.joints) {
    if (state.done.has(`part:${part}`)) continue;
    const side = sideOfJoint(assembly, state, part);
    if (side.has(mover.home) !== side.has(still.home)) remedies.push(`part:${part}`);
  }
  if (isShaft(mover.home) && mover.home !== still.home) remedies.push(`take:${mover.home}`);
  if (mover.id !== mover.home) remedies.push(`take:${mover.id}`);
  return remedies.filter((remedy) => remedy !== event && !state.done.has(remedy));
}
