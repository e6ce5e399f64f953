import type { Band } from '../measure/index.ts';
import { unitFromTemplate, type Unit } from '../unit/index.ts';

/** Limits that the simulated pairs are set to, mm. */
export const PAIR_BANDS = {
  depth: { lower: -0.03, upper: 0.03, target: null },
  endPlay: { lower: -0.12, upper: -0.04, target: null },
  backlash: { lower: 0.1, upper: 0.18, target: null },
} as const satisfies Record<string, Band>;

const end = (bore: number, outside: number, width: number) => ({
  designation: null,
  family: 'taperedRoller' as const,
  dimensions: { bore, outside, width },
});

/** A differential whose pair is known by its angles; or not. */
export function pairUnit(known: boolean): Unit {
  const unit = unitFromTemplate('differentialOutboard', {
    name: 'Axle',
    left: end(30, 72, 28.75),
    right: end(25, 62, 18.25),
    span: 42,
  });
  const teeth: Readonly<Record<string, number>> = { pinion: 11, 'carrier-ring-gear': 41 };
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.map((station) =>
        teeth[station.id] === undefined ? station : { ...station, teeth: teeth[station.id]! },
      ),
    })),
    meshes: unit.meshes!.map((mesh) =>
      known ? { ...mesh, pressureAngle: 20, spiralAngle: 35, cut: 'faceMilled' as const } : mesh,
    ),
  };
}
