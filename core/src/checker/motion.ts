import { isBetween, isDropped, isLiftedAcross, isUnderCaps } from './across.ts';
import {
  blockedBy,
  heapOf,
  ridingIn,
  runsInto,
  sideOut,
  SIDES,
  type Side,
  type World,
} from './world.ts';
import type { Piece } from './pieces.ts';

/** What kept a move from being made: what moved, and what it ran into. */
export interface Clash {
  readonly moving: string;
  readonly by: string;
}

const clash = (moving: string, by: Piece | string): Clash => ({
  moving,
  by: typeof by === 'string' ? by : by.id,
});

/** The pieces that an id names: its own, or those of its station. */
export const namedBy = ({ pieces }: World, id: string): readonly Piece[] => {
  const own = pieces.filter((piece) => piece.id === id && piece.held !== 'one');
  return own.length > 0
    ? own
    : pieces.filter(({ station, held }) => station.id === id && held !== 'one');
};

/** Take a piece off its part. */
export function takeOff(world: World, piece: Piece): Clash | null {
  const heap = heapOf(world, piece);
  if (heap === null) return null;
  const by = onItsWay(world, piece, heap);
  world.off.add(piece.id);
  world.left.delete(piece.id);
  return by;
}

/** Put a piece on its part: the way in is the way out. */
export function putOn(world: World, piece: Piece): Clash | null {
  if (!world.off.has(piece.id) && !world.left.has(piece.id)) return null;
  world.off.delete(piece.id);
  world.left.delete(piece.id);
  return onItsWay(world, piece, heapOf(world, piece)!);
}

/** Whether a piece that is in could come out, or go in, as things are. */
export function isFree(world: World, piece: Piece): boolean {
  const heap = heapOf(world, piece);
  return heap !== null && onItsWay(world, piece, heap) === null;
}

/** What a piece runs into, with what it carries, on its way out of a heap or into it. */
function onItsWay(world: World, piece: Piece, heap: string): Clash | null {
  if (isUnderCaps(world, piece)) return null;
  const others = { ...world, pieces: world.pieces.filter((one) => !isBeneath(piece, one)) };
  const by = blockedBy(others, [piece, ...ridingIn(world, piece)], heap, sideOut(piece));
  return by === null ? null : clash(piece.id, by);
}

/** What is one with the part a described way goes past: the description knows its own shoulders. */
const isBeneath = (piece: Piece, other: Piece): boolean =>
  other.on === piece.on &&
  other.held === 'one' &&
  (sideOut(piece) !== undefined || isFixing(piece));

/** Threads and grooves let what they hold pass over the edges beside them. */
const isFixing = ({ station: { kind } }: Piece): boolean =>
  kind === 'nut' || kind === 'snapRing' || kind === 'retainer' || kind === 'adjuster';

/** How a shaft comes out to one side: with what goes along, and what stays behind because it would run into something. */
interface Leaving {
  readonly side: Side;
  readonly behind: readonly Piece[];
  readonly by: Clash | null;
}

/** What a shaft leaves behind to a side: what is on it and would run into what is not, unless that pushes the shaft itself. */
function leaving(world: World, shaft: string, heap: string, side: Side): Leaving {
  const isOn = (piece: Piece) =>
    piece.on === shaft && !world.off.has(piece.id) && !world.left.has(piece.id);
  const others = world.pieces.filter((one) => !isOn(one) && heapOf(world, one) === heap);
  const behind: Piece[] = [];
  let load = world.pieces.filter(isOn);
  for (;;) {
    const standing = [...others, ...behind];
    const stuck = load.flatMap((piece) => {
      const by = runsInto([piece], standing, side);
      return by === null ? [] : [{ piece, by }];
    });
    const [fixed] = stuck.filter(({ piece }) => piece.held === 'one');
    if (fixed !== undefined) return { side, behind, by: clash(shaft, fixed.by) };
    if (stuck.length === 0) return { side, behind, by: null };
    for (const { piece } of stuck) behind.push(piece);
    load = load.filter((piece) => !behind.includes(piece));
  }
}

/** The side to which a shaft leaves least behind. */
function wayOfShaft(world: World, shaft: string, heap: string): Leaving {
  const ways = SIDES.map((side) => leaving(world, shaft, heap, side));
  const free = ways.filter(({ by }) => by === null);
  return free.toSorted((a, b) => a.behind.length - b.behind.length)[0] ?? ways[0]!;
}

/** Take a shaft out of the heap it is in. */
export function shaftOut(world: World, shaft: string): Clash | null {
  const heap = world.heap.get(shaft)!;
  if (heap === `shaft ${shaft}`) return null;
  if (isLiftedAcross(world, shaft)) {
    for (const piece of world.pieces)
      if (
        piece.id.endsWith(':cup') &&
        heapOf(world, piece) === heap &&
        isBetween(world, piece, shaft)
      )
        world.left.set(piece.id, `shaft ${shaft}`);
    world.heap.set(shaft, `shaft ${shaft}`);
    return null;
  }
  const { behind, by } = wayOfShaft(world, shaft, heap);
  if (by === null) for (const { id } of behind) world.left.set(id, heap);
  world.heap.set(shaft, `shaft ${shaft}`);
  return by;
}

/** Bring a shaft into a heap. What would not go in with it may lie in its place already: then it goes through that. */
export function shaftIn(world: World, shaft: string): Clash | null {
  if (world.heap.get(shaft) !== `shaft ${shaft}`) return null;
  const axes = new Set(world.pieces.filter(({ on }) => on === shaft).map(({ axisId }) => axisId));
  const hosts = world.pieces.filter(({ axisId, on }) => axes.has(axisId) && !world.turning.has(on));
  const heaps = [...new Set(hosts.map(({ on }) => world.heap.get(on)!))];
  const tries = (heaps.length === 0 ? ['unit'] : heaps).map((heap) => {
    const isAcross = isDropped(world, shaft, heap);
    return { heap, by: isAcross ? null : wayOfShaft(world, shaft, heap).by };
  });
  const open = tries.find(({ by }) => by === null) ?? tries[0]!;
  const carried = `shaft ${shaft}`;
  world.heap.set(shaft, open.heap);
  world.alreadyIn.add(shaft);
  for (const piece of world.pieces)
    if (piece.on === shaft || world.left.get(piece.id) === carried) world.left.delete(piece.id);
  return open.by;
}

/** The bolts that hold a part: its own, and of a half of a case those of the other. */
export function boltsOver({ unit }: World, partId: string) {
  const kindOf = (id: string) => unit.parts.find((part) => part.id === id)?.kind;
  const isHalf = kindOf(partId) === 'caseHalf';
  return unit.axes
    .flatMap(({ stations }) => stations)
    .filter(
      ({ kind, partId: on }) =>
        kind === 'bolts' && (on === partId || (isHalf && kindOf(on) === 'caseHalf')),
    );
}

/** Lift a part off what it lies on. */
export function partOff(world: World, partId: string): Clash | null {
  const heap = world.heap.get(partId)!;
  const bolts = boltsOver(world, partId);
  const shut = bolts.find(({ id }) => !world.loosened.has(id));
  const moving = world.pieces.filter(
    (piece) => piece.on === partId && heapOf(world, piece) === heap,
  );
  const rides = ridersOf(world, partId);
  const by = moving.length === 0 ? null : blockedBy(world, [...moving, ...rides], heap);
  world.heap.set(partId, `part ${partId}`);
  for (const { on } of rides) world.heap.set(on, `part ${partId}`);
  if (shut !== undefined) return clash(partId, shut.id);
  return by === null ? null : clash(partId, by);
}

/** Shafts that have no bearing but in one part go where it goes. */
function ridersOf(world: World, partId: string): readonly Piece[] {
  const heap = world.heap.get(partId);
  return world.pieces.filter((piece) => {
    if (!world.turning.has(piece.on) || heapOf(world, piece) !== heap) return false;
    // A bearing that stays on its shaft stands in a wall all the same: the one it is described on.
    const holders = world.pieces
      .filter(({ axisId, held }) => axisId === piece.axisId && held !== 'one')
      .map(({ station }) => station.partId)
      .filter((on) => !world.turning.has(on));
    return holders.length > 0 && holders.every((on) => on === partId);
  });
}

/** Put parts together again. */
export function partsOn(world: World, partIds: readonly string[]): Clash | null {
  const heaps = [...new Set(world.heap.values())];
  const home = heaps.find((heap) => heap === 'unit') ?? heaps[0]!;
  for (const partId of partIds) {
    const heap = world.heap.get(partId)!;
    if (heap === home) continue;
    const moving = world.pieces.filter((piece) => heapOf(world, piece) === heap);
    for (const [id, place] of world.heap) if (place === heap) world.heap.set(id, home);
    const by = moving.length === 0 ? null : blockedBy(world, moving, home);
    if (by !== null) return clash(partId, by);
  }
  return null;
}
