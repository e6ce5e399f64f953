import type { Axis, Side, Station } from '../unit/index.ts';
import type { Shape, ShapeRole } from './geometry.ts';
import { stationShapes } from './stationShapes.ts';

/** A station to be drawn: which rings of it stand in their place, and which are lifted out. */
export interface StationToDraw {
  readonly station: Station;
  readonly there: readonly ('cup' | 'cone' | 'whole')[];
  readonly moving: readonly ('cup' | 'cone' | 'whole')[];
  /** The side to which what moves of it is lifted; null where it stays in its place, marked. */
  readonly side: Side | null;
  readonly marked: boolean;
}

/** A shape of the picture of a step. */
export interface StepShape {
  readonly shape: Shape;
  readonly stationId: string;
  readonly moving: boolean;
  readonly marked: boolean;
}

/** The picture of a step as plain geometry, mm; y is up, the axis lies on y = 0. */
export interface StepDrawing {
  readonly shapes: readonly StepShape[];
  /** From where something is lifted to, to its place, for each body that moves along; mm. */
  readonly arrows: readonly {
    readonly stationId: string;
    readonly from: number;
    readonly to: number;
    readonly y: number;
  }[];
  readonly extent: { readonly left: number; readonly right: number; readonly radius: number };
}

/** What moves is lifted clear of everything by this share of the length of what is drawn. */
const CLEAR = 0.08;

/** Draw an axis as it is during a step: what is there in its place, what moves lifted out to its side. */
export function drawStep(axis: Axis, stations: readonly StationToDraw[]): StepDrawing {
  const all = stations.length > 0 ? stations.map(({ station }) => station) : axis.stations;
  const [left, right] = ends(all);
  const shifts = { left: shiftOf(stations, 'left'), right: shiftOf(stations, 'right') };
  const shiftBy = ({ side }: StationToDraw): number => (side === null ? 0 : shifts[side]);
  const moving = stations.filter((one) => one.moving.length > 0);
  const reach = moving.flatMap((one) => ends([one.station]).map((end) => end + shiftBy(one)));
  const [from, to] = [Math.min(left, ...reach), Math.max(right, ...reach)];
  const margin = 0.04 * Math.max(1, to - from);
  return {
    shapes: [
      ...stations.flatMap((one) => shapesOf(one, one.there, 0, false)),
      ...moving.flatMap((one) => shapesOf(one, one.moving, shiftBy(one), true)),
    ],
    arrows: moving
      .filter((one) => shiftBy(one) !== 0)
      .map((one) => arrowOf(one.station, shiftBy(one))),
    extent: {
      left: from - margin,
      right: to + margin,
      radius: Math.max(1, ...all.map(({ outside }) => outside / 2)),
    },
  };
}

/** Left and right end of some stations; of none a stretch of nothing. */
function ends(stations: readonly Station[]): readonly [number, number] {
  if (stations.length === 0) return [0, 1];
  return [
    Math.min(...stations.map(({ at }) => at)),
    Math.max(...stations.map(({ at, width }) => at + width)),
  ];
}

/** How far what moves to a side is lifted, so that it lies clear of what is there; negative to the left. */
function shiftOf(stations: readonly StationToDraw[], side: Side): number {
  const moving = stations.filter((one) => one.moving.length > 0 && one.side === side);
  const there = stations.filter((one) => one.there.length > 0).map(({ station }) => station);
  if (there.length === 0 || moving.length === 0) return 0;
  const [left, right] = ends(there);
  const [from, to] = ends(moving.map(({ station }) => station));
  const gap = CLEAR * (right - left);
  return side === 'right' ? right + gap - from : left - gap - to;
}

const RING_ROLES: Readonly<Record<'cup' | 'cone', readonly ShapeRole[]>> = {
  cup: ['cup'],
  cone: ['cone', 'roller', 'ball'],
};

function shapesOf(
  { station, marked }: StationToDraw,
  pieces: readonly ('cup' | 'cone' | 'whole')[],
  shift: number,
  moving: boolean,
): readonly StepShape[] {
  if (pieces.length === 0) return [];
  const roles = pieces.flatMap((piece) => (piece === 'whole' ? [] : RING_ROLES[piece]));
  return stationShapes({ ...station, at: station.at + shift })
    .filter(({ role }) => pieces.includes('whole') || roles.includes(role))
    .map((shape) => ({ shape, stationId: station.id, moving, marked }));
}

function arrowOf({ id, at, width, inside, outside }: Station, shift: number) {
  const middle = at + width / 2;
  return { stationId: id, from: middle + shift, to: middle, y: (inside + outside) / 4 };
}
