import type { Axis, Side } from '../unit/index.ts';
import { forceOn, type ForceToDraw, type Stroke } from './stepForce.ts';
import type { Point, Shape, ShapeRole } from './geometry.ts';
import { liftOf, type Lift, type Piece, type StationToDraw } from './lift.ts';
import { stationShapes } from './stationShapes.ts';
import {
  DIMENSION_ROOM,
  dimensionOf,
  type DimensionToDraw,
  type PlacedDimension,
} from './stepDimension.ts';
import { placeNotes, ROW, type PlacedNote } from './stepNotes.ts';
import { windowOf, type Window } from './stepWindow.ts';

/** What is said of the work in the picture. */
export interface WorkToDraw {
  /** Words at a face of a station, or in its middle. */
  readonly notes: readonly {
    readonly stationId: string;
    readonly side: Side | null;
    readonly words: string;
  }[];
  readonly force: ForceToDraw | null;
  readonly dimension: DimensionToDraw | null;
  readonly hot: readonly string[];
  readonly cold: readonly string[];
}

/** A shape of the picture of a step. */
export interface StepShape {
  readonly shape: Shape;
  readonly stationId: string;
  readonly moving: boolean;
  readonly marked: boolean;
  readonly heat: 'hot' | 'cold' | null;
}

/** The picture of a step as plain geometry, mm; y is up, the axis lies on y = 0. */
export interface StepDrawing {
  readonly shapes: readonly StepShape[];
  /** From where something is lifted to, to its place: one for each side that anything is lifted to. */
  readonly arrows: readonly Stroke[];
  /** Onto the ring that takes the force, above and below the axis. */
  readonly forces: readonly Stroke[];
  /** The edge that is held against the force, above and below the axis. */
  readonly supports: readonly Stroke[];
  readonly notes: readonly PlacedNote[];
  readonly dimension: PlacedDimension | null;
  readonly window: Window;
  /** Strokes and letters are sized by it, mm. */
  readonly unit: number;
  /** All of the picture: the window with its rows of words. */
  readonly box: {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
  };
}

/** How a picture is laid out: how many letters' worth of strokes it is wide, in units, and how high at most. */
export interface Layout {
  readonly across: number;
  readonly high: number;
}
/** Of a screen at arm's length, and of a telephone. */
export const WIDE: Layout = { across: 104, high: 46 };
export const NARROW: Layout = { across: 62, high: 50 };
/** Over and under the section, in units: arrows, margin, and the line of the whole axis. */
const AROUND = 10;
/** However many words there are, the section has this of the height, in units. */
const LEAST_ROOM = 16;

/** Draw an axis as it is during a step: what is there in its place, what moves lifted out to its side, and what is said of the work. */
export function drawStep(
  axis: Axis,
  stations: readonly StationToDraw[],
  work: WorkToDraw,
  layout: Layout = WIDE,
): StepDrawing {
  const lift = liftOf(stations);
  const window = windowOf(axis, stations, lift);
  const moving = stations.filter((one) => one.moving.length > 0);
  const hasArrows = moving.some((one) => lift(one) !== 0);
  // Words take rows, and rows room from the section: laid out as if there were one, and again with as many as there are.
  const first = laidOut({ stations, work, lift, window, layout, hasArrows, rows: 1 });
  const rowsOf = (notes: readonly PlacedNote[]) => Math.max(0, ...notes.map(({ row }) => row + 1));
  const { unit, left, right, top, notes, force, dimension } = laidOut({
    stations,
    work,
    lift,
    window,
    layout,
    hasArrows,
    rows: rowsOf(first.notes),
  });
  return {
    shapes: [
      ...stations.flatMap((one) => shapesOf(one, one.there, 0, false, work)),
      ...moving.flatMap((one) => shapesOf(one, one.moving, lift(one), true, work)),
    ],
    arrows: arrowsOf(moving, lift, window.radius + 2.6 * unit),
    forces: force?.forces ?? [],
    supports: force?.supports ?? [],
    notes,
    dimension,
    window,
    unit,
    box: {
      left,
      right,
      top: top + rowsOf(notes) * ROW * unit,
      bottom: -window.radius - (dimension === null ? 1.5 : DIMENSION_ROOM) * unit,
    },
  };
}

const RING_ROLES: Readonly<Record<'cup' | 'cone', readonly ShapeRole[]>> = {
  cup: ['cup'],
  cone: ['cone', 'roller', 'ball'],
};

function shapesOf(
  { station, marked }: StationToDraw,
  pieces: readonly Piece[],
  shift: number,
  moving: boolean,
  { hot, cold }: WorkToDraw,
): readonly StepShape[] {
  if (pieces.length === 0) return [];
  const roles = pieces.flatMap((piece) => (piece === 'whole' ? [] : RING_ROLES[piece]));
  const heat = hot.includes(station.id) ? 'hot' : cold.includes(station.id) ? 'cold' : null;
  return stationShapes({ ...station, at: station.at + shift })
    .filter(({ role }) => pieces.includes('whole') || roles.includes(role))
    .map((shape) => ({ shape, stationId: station.id, moving, marked, heat }));
}

interface ToLayOut {
  readonly stations: readonly StationToDraw[];
  readonly work: WorkToDraw;
  readonly lift: Lift;
  readonly window: Window;
  readonly layout: Layout;
  readonly hasArrows: boolean;
  /** Of words. */
  readonly rows: number;
}

/** The scale of a picture in which the section has what the words leave it, and the words at their places. */
function laidOut({ stations, work, lift, window, layout, hasArrows, rows }: ToLayOut) {
  const below = work.dimension === null ? 0 : DIMENSION_ROOM;
  const room = Math.max(LEAST_ROOM, layout.high - AROUND - rows * ROW - below);
  const unit = Math.max((window.right - window.left) / layout.across, (2 * window.radius) / room);
  const middle = (window.left + window.right) / 2;
  const half = (layout.across * unit) / 2;
  const [left, right] = [middle - half, middle + half];
  const top = window.radius + (hasArrows ? 4.6 : 1.4) * unit;
  const faceOf = faces(stations, lift);
  const force = work.force === null ? null : forceOn(work.force, stations, lift, unit);
  const wanted = [
    ...work.notes.flatMap(({ stationId, side, words }) => {
      const at = faceOf(stationId, side);
      return at === null ? [] : [{ words, side, at }];
    }),
    ...(force?.notes ?? []),
  ].filter(({ at }) => at.x >= left && at.x <= right);
  const dimension =
    work.dimension === null
      ? null
      : dimensionOf(work.dimension, stations, {
          radius: window.radius,
          unit,
          from: left,
          to: right,
        });
  const notes = placeNotes(wanted, { left, right, top, unit });
  return { unit, left, right, top, force, notes, dimension };
}

/** One arrow for all that goes one way, over the section. */
function arrowsOf(moving: readonly StationToDraw[], lift: Lift, y: number): readonly Stroke[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const first = moving.find((one) => one.side === side && lift(one) !== 0);
    if (first === undefined) return [];
    const x = first.station.at + first.station.width / 2;
    return [{ from: { x: x + lift(first), y }, to: { x, y } }];
  });
}

/** Where a face of a station stands in the picture: of what is lifted, where it is lifted to; null of what is not drawn. */
function faces(stations: readonly StationToDraw[], lift: Lift) {
  return (id: string, side: Side | null): Point | null => {
    const one = stations.find(({ station }) => station.id === id);
    if (one === undefined) return null;
    const { at, width, outside } = one.station;
    const share = side === null ? 0.5 : side === 'left' ? 0.06 : 0.94;
    return { x: at + share * width + lift(one), y: 0.47 * outside };
  };
}
