import { isDrawn, type Side, type Station } from '../unit/index.ts';

/** A piece of a body's outline: from one place to another along the axis, between two diameters. mm. */
export interface Segment {
  readonly from: number;
  readonly to: number;
  readonly inner: number;
  readonly outer: number;
  /** Of these diameters those that are only drawn; absent where both are known. */
  readonly drawn?: readonly Edge[];
  /** Where it stands and how wide it is are only drawn. */
  readonly placeDrawn?: true;
}
type Edge = 'inner' | 'outer';

/** What counts as in the way: every outline as it is drawn, or only what known diameters say. */
export type Outlines = 'drawn' | 'known';

/** The outline of a station. */
export function segmentOf(station: Station): Segment {
  const { at, width, inside, outside } = station;
  return {
    from: at,
    to: at + width,
    inner: inside,
    outer: outside,
    ...drawnEdges(station, 'inner', 'outer'),
    ...(isDrawn(station, 'at', 'width') ? { placeDrawn: true } : {}),
  };
}

/** Those edges of a station's outline that are only drawn. */
export function drawnEdges(station: Station, ...edges: readonly Edge[]): Pick<Segment, 'drawn'> {
  const drawn = edges.filter((edge) => isDrawn(station, edge === 'inner' ? 'inside' : 'outside'));
  return drawn.length === 0 ? {} : { drawn };
}

/** Rings in each other's way overlap by more than this in diameter, mm: drawings are no closer. A rule of this program. */
const OVERLAP = 0.6;
/** What reaches no further than this beyond the edge of what moves is beside it, mm. A rule of this program. */
const BESIDE = 0.05;

/** Whether a piece that moves out to a side meets another one on its way. */
export function meets(moving: Segment, other: Segment, side: Side, by: Outlines): boolean {
  const beyond =
    side === 'right' ? other.to > moving.to + BESIDE : other.from < moving.from - BESIDE;
  if (
    !beyond ||
    Math.min(moving.outer, other.outer) - Math.max(moving.inner, other.inner) <= OVERLAP
  )
    return false;
  return by === 'drawn' || isSure(moving, other);
}

/**
 * Whether two rings that overlap as they are drawn do so whatever the drawn diameters are in truth: all four are known, or
 * an edge that is known lies well within a ring of which both are.
 */
function isSure(a: Segment, b: Segment): boolean {
  const [sureA, sureB] = [a.drawn === undefined, b.drawn === undefined];
  return (sureA && (sureB || hasEdgeWithin(a, b))) || (sureB && hasEdgeWithin(b, a));
}

/** Whether the other ring has material within this one for certain: its inner edge with what lies outside, or its outer edge. */
function hasEdgeWithin({ inner, outer }: Segment, other: Segment): boolean {
  const isKnown = (edge: Edge) => other.drawn?.includes(edge) !== true;
  return (
    (isKnown('inner') && other.inner >= inner && outer - other.inner > OVERLAP) ||
    (isKnown('outer') && other.outer <= outer && other.outer - inner > OVERLAP)
  );
}

/** Whether any piece of what moves meets any piece of another on its way. */
export const anyMeets = (
  moving: readonly Segment[],
  others: readonly Segment[],
  side: Side,
  by: Outlines,
): boolean => moving.some((one) => others.some((other) => meets(one, other, side, by)));

/** Whether any piece of one lies at the same place along the axis as any of another, at whatever diameter. */
export const anyBeside = (
  one: readonly Segment[],
  other: readonly Segment[],
  by: Outlines,
): boolean =>
  one.some((a) =>
    other.some(
      (b) =>
        a.from < b.to &&
        b.from < a.to &&
        (by === 'drawn' || (a.placeDrawn === undefined && b.placeDrawn === undefined)),
    ),
  );
