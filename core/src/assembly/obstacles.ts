import { oncePerPair } from '../memo/index.ts';
import { SIDES, type Side, type StationKind } from '../unit/index.ts';
import type { Assembly, EventKey } from './assembly.ts';
import type { Body } from './bodies.ts';
import type { Obstacle } from './obstacle.ts';
import { anyMeets } from './segment.ts';
import { IN_GROOVE, type Solid } from './solids.ts';
import {
  integralsOf,
  jointOf,
  sideOf,
  moversOf,
  subjectOf,
  type Movers,
  type State,
  type Way,
} from './state.ts';

/** A way in which an event can happen, and what is in the way of it. */
export interface Attempt {
  readonly way: Way;
  readonly obstacles: readonly Obstacle[];
}

/** A shaft comes with all that is on it where it can; else it leaves some behind, or is pressed out of its rings. */
const ALONG = ['left', 'right', 'pressedLeft', 'pressedRight'] as const;

const UNHINDERED: readonly Attempt[] = [{ way: null, obstacles: [] }];

/** The ways in which an event can happen, each with everything that is in the way; worked out once for a state. */
export function attemptsOf(assembly: Assembly, state: State, event: EventKey): readonly Attempt[] {
  const known = attemptsIn(assembly, state);
  const before = known.get(event);
  if (before !== undefined) return before;
  const attempts = workedOut(assembly, state, event);
  known.set(event, attempts);
  return attempts;
}

const attemptsIn = oncePerPair(
  (_assembly: Assembly, _state: State) => new Map<EventKey, readonly Attempt[]>(),
);

function workedOut(assembly: Assembly, state: State, event: EventKey): readonly Attempt[] {
  const id = subjectOf(event);
  if (event.startsWith('undo:')) return UNHINDERED;
  if (event.startsWith('part:')) return [partAttempt(assembly, state, event, id)];
  if (assembly.shafts.includes(id)) return shaftAttempts(assembly, state, event, id);
  const body = assembly.solidsOf.get(id)![0]!.body!;
  return bodyAttempts(assembly, state, body);
}

/** Bolts that are still tight. */
function tight(state: State, moving: string, bolts: readonly string[]): readonly Obstacle[] {
  return bolts
    .filter((by) => !state.done.has(`undo:${by}`))
    .map((by) => ({ moving, by, clearedBy: [`undo:${by}`] }));
}

function partAttempt(assembly: Assembly, state: State, event: EventKey, id: string): Attempt {
  const { side, bolts } = jointOf(assembly, id)!;
  return {
    way: side,
    obstacles: [
      ...tight(state, id, bolts),
      ...(side === null ? [] : met(assembly, state, moversOf(assembly, state, event, side), side)),
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
      obstacles: met(assembly, state, movers, sideOf(way)!),
    }));
  const caps = assembly.caps.get(id);
  if (caps !== undefined) return [{ way: 'across', obstacles: tight(state, id, caps) }, ...along];
  return [
    ...along,
    {
      way: 'across',
      obstacles: met(assembly, state, moversOf(assembly, state, event, 'across'), 'across'),
    },
  ];
}

function bodyAttempts(assembly: Assembly, state: State, body: Body): readonly Attempt[] {
  const { underJointOf } = body;
  const joint = underJointOf === null ? null : jointOf(assembly, underJointOf);
  if (joint !== null) {
    const opens: EventKey = `part:${joint.part}`;
    const closed = { moving: body.id, by: joint.part, clearedBy: [opens] };
    return [{ way: null, obstacles: state.done.has(opens) ? [] : [closed] }];
  }
  const movers = { parts: new Set<string>(), bodies: [body] };
  if (IN_GROOVE.has(body.station.kind) || isWalledIn(assembly, state, body))
    return [{ way: 'across', obstacles: met(assembly, state, movers, 'across') }];
  return sidesOf(assembly, state, body).map(({ side, behind }) => ({
    way: side,
    obstacles: [
      ...behind,
      ...met(assembly, state, movers, side),
      ...inTheDriver(assembly, state, body),
    ],
  }));
}

/** What is pressed is pressed through its whole bore: no shaft stands in it. */
const PRESSED: ReadonlySet<StationKind> = new Set(['bush', 'drawnCup']);

function inTheDriver(
  assembly: Assembly,
  state: State,
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
    .map((still) => ({ moving: id, by: still.id, clearedBy: { mover, still } }));
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
  const clearedBy: readonly EventKey[] = state.done.has(`take:${body.host}`)
    ? []
    : [`take:${body.host}`];
  const shoulder = { moving: body.id, by: body.host, clearedBy };
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
  { solidsOf }: Assembly,
  { where }: State,
  { parts, bodies }: Movers,
  to: Side | 'across',
): readonly Obstacle[] {
  const moving = new Set(parts);
  for (const { id } of bodies) moving.add(id);
  const [first] = moving;
  const from = where.get(first!);
  const found: Obstacle[] = [];
  for (const id of moving)
    for (const mover of solidsOf.get(id) ?? [])
      for (const still of mover.meets[to]) {
        if (where.get(still.id) !== from || moving.has(still.id)) continue;
        if (still.body === null && still.id === mover.home) continue;
        found.push({ moving: id, by: still.id, clearedBy: { mover, still } });
      }
  return found;
}
