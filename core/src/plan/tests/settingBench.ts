import type { Axis, Unit } from '../../unit/index.ts';

export const STOCK = [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.5, 1].map((thickness) => ({
  id: `s${thickness}`,
  thickness,
  count: 4,
  uncertainty: 0.001,
}));
export const place = (unit: Unit, id: string, change: object): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((one) => (one.id === id ? { ...one, ...change } : one)),
  })),
});
export const sets = (unit: Unit, ...kinds: Axis['sets']): Unit => ({
  ...unit,
  axes: unit.axes.map((axis) => ({ ...axis, sets: kinds })),
});
