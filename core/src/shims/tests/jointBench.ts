import type { JointQuestion } from '../jointQuestion.ts';

/** A box with three pieces of each size. mm. */
export const STOCK = [0.1, 0.15, 0.2, 0.25, 0.3, 0.5, 1].map((thickness) => ({
  id: `s${thickness}`,
  thickness,
  count: 3,
  uncertainty: 0.001,
}));
/** End float by cover shims; the gear's side clearance by its sleeve, which takes as much out of the float. */
export const JOINT: JointQuestion = {
  specs: [
    {
      id: 'endPlay',
      value: 0.42,
      uncertainty: 0.003,
      degreesOfFreedom: null,
      band: { lower: 0.1, upper: 0.18, target: null },
    },
    {
      id: 'sideClearance',
      value: 0.05,
      uncertainty: 0.003,
      degreesOfFreedom: null,
      band: { lower: 0.15, upper: 0.25, target: null },
    },
  ],
  sites: [
    { id: 'cover', thickness: 0.5, uncertainty: 0.001, gains: { endPlay: 1, sideClearance: 0 } },
    { id: 'sleeve', thickness: 1, uncertainty: 0.001, gains: { endPlay: -1, sideClearance: 1 } },
  ],
  stock: STOCK,
  mostPieces: 3,
};
