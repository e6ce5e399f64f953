export { classFit, type ClassFit } from './classFit.ts';
export { dropInClearance } from './dropInClearance.ts';
export { dropIn, FREEZER, REFERENCE_TEMPERATURE, type DropIn } from './dropIn.ts';
export { fitAtTemperature, type SeatTemperatures } from './fitAtTemperature.ts';
export { interference, type Interference, type SizeRange } from './interference.ts';
export { ringLimits, type Ring, type RingFamily } from './ringTolerance.ts';
export { effectiveInterference, FINISHES, type Finish } from './roughnessLoss.ts';
export { GRADES, standardTolerance, type Grade } from './standardTolerance.ts';
export { toleranceClass, type ToleranceClass } from './toleranceClass.ts';
