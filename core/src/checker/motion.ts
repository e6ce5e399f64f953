import { isBetween, isDropped, isLiftedAcross, isUnderCaps } from './across.ts';
import { blockedBy, heapOf, sideOut, type World } from './world.ts';
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
  const others = { ...world, pieces: world.pieces.filter((one) => !isBeneath(piece, one)) };
  const by = isUnderCaps(world, piece) ? null : blockedBy(others, [piece], heap, sideOut(piece));
  world.off.add(piece.id);
  world.left.delete(piece.id);
  return by === null ? null : clash(piece.id, by);
}

/** Put a piece on its part: the way in is the way out. */
export function putOn(world: World, piece: Piece): Clash | null {
  if (!world.off.has(piece.id) && !world.left.has(piece.id)) return null;
  world.off.delete(piece.id);
  world.left.delete(piece.id);
  const heap = world.heap.get(piece.on)!;
  const others = { ...world, pieces: world.pieces.filter((one) => !isBeneath(piece, one)) };
  const by = isUnderCaps(world, piece) ? null : blockedBy(others, [piece], heap, sideOut(piece));
  return by === null ? null : clash(piece.id, by);
}

/**
 * What is one with the part a described way goes past: the description knows its own shoulders. And what slides on the same
 * shaft: a hand slides it off.
 */
const isBeneath = (piece: Piece, other: Piece): boolean =>
  other.on === piece.on &&
  ((other.held === 'loose' && other !== piece) ||
    (other.held === 'one' && (sideOut(piece) !== undefined || isFixing(piece))));

/** Threads and grooves let what they hold pass over the edges beside them. */
const isFixing = ({ station: { kind } }: Piece): boolean =>
  kind === 'nut' || kind === 'snapRing' || kind === 'retainer' || kind === 'adjuster';

/** A shaft with what holds on it; pressed, it leaves its rings behind. */
function shaftLoad(world: World, shaft: string, pressed: boolean): readonly Piece[] {
  const heap = world.heap.get(shaft);
  return world.pieces.filter(
    (piece) =>
      piece.on === shaft &&
      heapOf(world, piece) === heap &&
      (piece.held === 'one' || (piece.held === 'tight' && !(pressed && isRing(piece)))),
  );
}

const isRing = ({ station }: Piece): boolean =>
  ['taperedRoller', 'ballBearing', 'cylindricalRoller'].includes(station.kind);

/** What slides on a shaft is in nobody's way while that shaft moves: a hand takes it along, or it stays. */
function withoutSliding(world: World, shaft: string): World {
  const slides = ({ on, held }: Piece) => on === shaft && held === 'loose';
  return { ...world, pieces: world.pieces.filter((piece) => !slides(piece)) };
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
  const ways = [false, true].map((pressed) => {
    const load = shaftLoad(world, shaft, pressed);
    const seen = pressed ? withoutRings(world, load, shaft) : withoutSliding(world, shaft);
    return { pressed, load, by: blockedBy(seen, load, heap) };
  });
  const free = ways.find(({ by }) => by === null);
  if (free?.pressed === true)
    for (const piece of world.pieces)
      if (piece.on === shaft && isRing(piece) && heapOf(world, piece) === heap)
        world.left.set(piece.id, heap);
  world.heap.set(shaft, `shaft ${shaft}`);
  return free === undefined ? clash(shaft, ways[0]!.by!) : null;
}

const withoutRings = (world: World, load: readonly Piece[], shaft: string): World => {
  const sliding = withoutSliding(world, shaft);
  return {
    ...sliding,
    pieces: sliding.pieces.filter(
      (piece) => load.includes(piece) || piece.on !== shaft || piece.held === 'one',
    ),
  };
};

/** Bring a shaft into a heap. Its rings may lie in their places already: then it goes through them. */
export function shaftIn(world: World, shaft: string): Clash | null {
  if (world.heap.get(shaft) !== `shaft ${shaft}`) return null;
  const axes = new Set(world.pieces.filter(({ on }) => on === shaft).map(({ axisId }) => axisId));
  const hosts = world.pieces.filter(({ axisId, on }) => axes.has(axisId) && !world.turning.has(on));
  const heaps = [...new Set(hosts.map(({ on }) => world.heap.get(on)!))];
  const tries = (heaps.length === 0 ? ['unit'] : heaps).map((heap) => {
    const load = shaftLoad(world, shaft, false);
    const laid = load.filter((piece) => !isRing(piece));
    const sliding = withoutSliding(world, shaft);
    const by = isDropped(world, shaft, heap) ? null : blockedBy(sliding, load, heap);
    return { heap, by: by === null ? null : blockedBy(sliding, laid, heap) };
  });
  const open = tries.find(({ by }) => by === null) ?? tries[0]!;
  const carried = `shaft ${shaft}`;
  world.heap.set(shaft, open.heap);
  for (const piece of world.pieces)
    if (piece.on === shaft || world.left.get(piece.id) === carried) world.left.delete(piece.id);
  return open.by === null ? null : clash(shaft, open.by);
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
