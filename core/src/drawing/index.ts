export { drawAxis, type AxisDrawing, type DrawnStation, type LoadStroke } from './drawAxis.ts';
export { boltFace, type BoltFace } from './boltFace.ts';
export {
  drawStep,
  NARROW,
  WIDE,
  type StepDrawing,
  type StepShape,
  type WorkToDraw,
} from './drawStep.ts';
export type { StationToDraw } from './lift.ts';
export type { PlacedDimension } from './stepDimension.ts';
export type { Stroke } from './stepForce.ts';
export type { PlacedNote } from './stepNotes.ts';
export type { Point, Shape, ShapeRole } from './geometry.ts';
export type { StationLabel } from './placeLabels.ts';
