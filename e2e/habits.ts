import type { WorkHabits } from '@wendaxis/core/simulate';

/** How the imagined mechanic of the browser tests works where a test does not care: one fine gauge, usual limits. */
export const HABITS: WorkHabits = {
  instrument: {
    id: 'gauge',
    name: 'Bore gauge',
    graduation: 0.001,
    calibrationUncertainty: 0.001,
    range: 1,
  },
  bands: {
    endPlay: { lower: 0.1, upper: 0.3, target: null },
    rollingTorque: { lower: 0.7, upper: 1.1, target: null },
    backlash: { lower: 0.1, upper: 0.2, target: null },
    depth: { lower: -0.03, upper: 0.03, target: null },
  },
  source: 'sheet',
};
