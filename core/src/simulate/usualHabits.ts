import type { WorkHabits } from './recorded.ts';

/** How the imagined mechanic works where a trial does not care: one fine instrument, limits of every figure. mm and N·m. */
export const USUAL_HABITS: WorkHabits = {
  instrument: { id: 'm', name: 'm', graduation: 0.001, calibrationUncertainty: 0.0005, range: 25 },
  bands: {
    endPlay: { lower: 0.1, upper: 0.18, target: null },
    rollingTorque: { lower: 0.7, upper: 1.1, target: null },
    sideClearance: { lower: 0.1, upper: 0.25, target: null },
    backlash: { lower: 0.12, upper: 0.2, target: null },
    depth: { lower: -0.03, upper: 0.03, target: null },
  },
  source: 'book',
};
