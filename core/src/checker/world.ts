import type { Unit } from '../unit/index.ts';
import { piecesOf, turningParts, type Piece } from './pieces.ts';

/** Where everything is while a plan is carried out: things with one name for a place are together. */
export interface World {
  readonly unit: Unit;
  readonly pieces: readonly Piece[];
  readonly turning: ReadonlySet<string>;
  /** Of each part the heap it is in. */
  readonly heap: Map<string, string>;
  /** Pieces that are off their part. */
  readonly off: Set<string>;
  /** Pieces that stayed where a shaft was pulled out of them, with the heap they stayed in. */
  readonly left: Map<string, string>;
  readonly loosened: Set<string>;
  /** Shafts that went in, or never came out, since a joint was last closed: only that draws them into another ring. */
  readonly alreadyIn: Set<string>;
  /** Seals that were fitted while the plan is carried out. */
  readonly newSeals: Set<string>;
}

export function worldOf(unit: Unit): World {
  const turning = turningParts(unit);
  return {
    unit,
    pieces: piecesOf(unit),
    turning,
    heap: new Map(unit.parts.map(({ id }) => [id, 'unit'])),
    off: new Set(),
    left: new Map(),
    loosened: new Set(),
    alreadyIn: new Set(turning),
    newSeals: new Set(),
  };
}

/** The heap a piece is in; null when it is off. */
export const heapOf = ({ heap, off, left }: World, { id, on, within }: Piece): string | null => {
  if (off.has(id)) return null;
  if (within !== null && off.has(within)) return `thing ${within}`;
  return left.get(id) ?? left.get(within ?? '') ?? heap.get(on) ?? null;
};

/** What goes where a piece goes. */
export const ridingIn = ({ pieces, off }: World, { id }: Piece): readonly Piece[] =>
  pieces.filter((one) => one.within === id && !off.has(one.id));

export type Side = -1 | 1;
export const SIDES: readonly Side[] = [-1, 1];
/** Rings that overlap by less in diameter pass one another, and what sticks out by less does not count, mm. Rules of this program. */
const [PASSES, STICKS] = [1, 0.2];

/** The first thing that some pieces run into on their way to a side. */
export function runsInto(
  moving: readonly Piece[],
  others: readonly Piece[],
  side: Side,
): Piece | null {
  for (const one of moving)
    for (const other of others) {
      if (one.axisId !== other.axisId) continue;
      if (one.station === other.station) {
        if (isThrough(one, side)) return other;
        continue;
      }
      const ahead = side === 1 ? other.to - one.to : one.from - other.from;
      const overlap = Math.min(one.rim, other.rim) - Math.max(one.hole, other.hole);
      if (ahead > STICKS && overlap > PASSES) return other;
    }
  return null;
}

/** A cone never goes through its own cup, nor a cup over its own cone. */
function isThrough({ id, station: { thrust } }: Piece, side: Side): boolean {
  if (thrust === undefined) return false;
  const towards = thrust === 'right' ? 1 : -1;
  return id.endsWith(':cone') ? side === towards : side === -towards;
}

/**
 * What keeps some pieces from moving out of their heap, or into it, along the axis; null when one side is open.
 * @param only the one side that is allowed
 */
export function blockedBy(
  world: World,
  moving: readonly Piece[],
  heap: string,
  only?: Side,
): Piece | null {
  const own = new Set(moving);
  const others = world.pieces.filter((piece) => !own.has(piece) && heapOf(world, piece) === heap);
  const found = (only === undefined ? SIDES : [only]).map((side) => runsInto(moving, others, side));
  if (found.includes(null)) return null;
  return found.find((piece) => piece!.held !== 'one') ?? found[0]!;
}

/** The side to which a piece comes out, where it is described from which it went in. */
export function sideOut({ id, station, on }: Piece): Side | undefined {
  // A way is that into the part it is described on: what stays on its shaft has another.
  if (station.wayIn === undefined || id.endsWith(':cone') || on !== station.partId)
    return undefined;
  return station.wayIn === 'right' ? -1 : 1;
}
