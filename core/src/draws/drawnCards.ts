/** The indicator that drawn runs are read with. Lengths in mm. */
export const DRAWN_DIAL = {
  id: 'dial',
  name: 'Dial',
  graduation: 0.01,
  calibrationUncertainty: 0.002,
  range: 10,
};

/** The wrench that drawn torques are read with, N·m. */
export const DRAWN_WRENCH = {
  id: 'wrench',
  name: 'Wrench',
  graduation: 0.05,
  calibrationUncertainty: 0.02,
  least: 0,
  most: 50,
};
