import type { Station } from '../unit/index.ts';
import type { Piece } from './pieces.ts';
import { heapOf, type World } from './world.ts';

/** Whether nothing stands round something, within it or beside it: a hand lifts it out. */
function isAlone(world: World, piece: Piece): boolean {
  const heap = world.off.has(piece.id) ? world.heap.get(piece.on)! : heapOf(world, piece);
  return !world.pieces.some(
    (other) =>
      other !== piece &&
      other.axisId === piece.axisId &&
      heapOf(world, other) === heap &&
      other.from < piece.to &&
      piece.from < other.to,
  );
}

/** Shells are halves: what holds them is a cap on a bed. */
const runsInShells = (stations: readonly Station[]): boolean =>
  stations.some(({ kind }) => kind === 'plainBearing');

/** Whether something lies in a saddle whose caps are off, or alone: it is lifted out across. */
export function isUnderCaps(world: World, piece: Piece): boolean {
  const { unit, turning, loosened } = world;
  const { on, axisId } = piece;
  if (turning.has(on)) return false;
  if (isAlone(world, piece)) return true;
  const stations = unit.axes.find(({ id }) => id === axisId)!.stations;
  const carriers = new Set(unit.parts.filter(({ kind }) => kind === 'carrier').map(({ id }) => id));
  const caps = stations.filter(
    ({ kind, partId, count }) => kind === 'bolts' && partId === on && (count ?? 2) > 1,
  );
  const isSplit =
    stations.some(({ kind, partId }) => kind === 'shaftStep' && carriers.has(partId)) ||
    runsInShells(stations);
  return isSplit && caps.length > 0 && caps.every(({ id }) => loosened.has(id));
}

/**
 * Whether a shaft is lifted out across its axis: from between caps that are off, with the rings it runs in; or from where
 * nothing stands round it and nothing goes through it.
 */
export function isLiftedAcross(world: World, shaft: string): boolean {
  const own = world.pieces.filter(({ on }) => on === shaft);
  const axes = world.unit.axes.filter(({ id }) => own.some(({ axisId }) => axisId === id));
  const caps = axes
    .flatMap(({ stations }) => stations)
    .filter(({ kind, count }) => kind === 'bolts' && (count ?? 2) > 1);
  const isCarrier = world.unit.parts.find(({ id }) => id === shaft)?.kind === 'carrier';
  const isSplit = isCarrier || axes.some(({ stations }) => runsInShells(stations));
  if (isSplit && caps.length > 0) return caps.every(({ id }) => world.loosened.has(id));
  const others = world.pieces.filter(
    (piece) =>
      piece.on !== shaft &&
      own.some(({ axisId }) => axisId === piece.axisId) &&
      heapOf(world, piece) === world.heap.get(shaft),
  );
  return !others.some((other) => own.some((one) => one.from < other.to && other.from < one.to));
}

/** Whether a cup is on the axis of a carrier: it comes out on its cone. */
export const isBetween = (world: World, { axisId }: Piece, shaft: string): boolean =>
  world.pieces.some(
    ({ on, axisId: axis, held }) => on === shaft && axis === axisId && held === 'one',
  );

/** Whether a shaft is laid in across its axis: as it was lifted out. */
export function isDropped(world: World, shaft: string, heap: string): boolean {
  const before = world.heap.get(shaft)!;
  world.heap.set(shaft, heap);
  const across = isLiftedAcross(world, shaft);
  world.heap.set(shaft, before);
  return across;
}
