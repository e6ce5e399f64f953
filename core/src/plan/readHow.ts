import { FIGURES, type FigureKind } from '../figures/index.ts';
import type { Axis } from '../unit/index.ts';
import { isTurnedAtStops } from './turnedAtStops.ts';

/** How a figure of an axis is read, by what the axis runs in. */
export function readHow(axis: Axis, kind: FigureKind): string {
  const { how } = FIGURES[kind];
  return isTurnedAtStops(axis, kind)
    ? `${how} At each stop turn it both ways under load, until its rollers are seated.`
    : how;
}
