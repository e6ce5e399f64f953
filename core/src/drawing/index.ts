export { drawAxis, type AxisDrawing, type DrawnStation, type LoadStroke } from './drawAxis.ts';
export { drawStep, type StationToDraw, type StepDrawing, type StepShape } from './drawStep.ts';
export type { Point, Shape, ShapeRole } from './geometry.ts';
export type { StationLabel } from './placeLabels.ts';
