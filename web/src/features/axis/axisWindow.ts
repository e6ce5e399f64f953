import type { AxisDrawing } from '@wendaxis/core/drawing';

/** The part of a drawing that is shown, mm with y downwards, and the unit in which strokes and letters are sized. */
export interface AxisWindow {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly unit: number;
}

/** Strokes and letters are sized so that this many units go across. */
const UNITS_ACROSS = 100;
/** Proportion of the plate; a long slim shaft does not make its letters small. */
const SQUAT = 0.42;
/** A station looked at closely has this many times its own size around it. */
const AROUND = 2.2;

/** The window on a drawing: all of it, or the surroundings of one station. */
export function windowOn(drawing: AxisDrawing, stationId: string | null): AxisWindow {
  const drawn = drawing.stations.find(({ station }) => station.id === stationId);
  if (drawn !== undefined) {
    const { x, y, width, height } = drawn.box;
    const reach = AROUND * Math.max(width, height);
    const middle = { x: x + width / 2, y: -(y + height / 2) };
    return {
      x: middle.x - reach,
      y: middle.y - 0.5 * reach,
      width: 2 * reach,
      height: reach,
      unit: (2 * reach) / UNITS_ACROSS,
    };
  }
  const { left, right, radius } = drawing.extent;
  const across = Math.max(right - left, (2 * radius) / (2 * SQUAT));
  const unit = across / UNITS_ACROSS;
  const above = (1.5 + 4.1 * drawing.gains.length) * unit;
  const below = drawing.labels.length > 0 ? 9.5 * unit : unit;
  return {
    x: (left + right - across) / 2,
    y: -radius - above,
    width: across,
    height: 2 * radius + above + below,
    unit,
  };
}
