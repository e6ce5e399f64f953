export { classFit, type ClassFit } from './classFit.ts';
export { dropInClearance } from './dropInClearance.ts';
export {
  fitAtTemperature,
  REFERENCE_TEMPERATURE,
  type SeatTemperatures,
} from './fitAtTemperature.ts';
export {
  innerTemperatureFor,
  outerTemperatureFor,
  type SeatFit,
  type WarmBody,
} from './temperatureFor.ts';
export { interference, type Interference, type SizeRange } from './interference.ts';
export { ringLimits, type Ring, type RingFamily } from './ringTolerance.ts';
export { effectiveInterference, FINISHES, type Finish } from './roughnessLoss.ts';
export { GRADES, standardTolerance, type Grade } from './standardTolerance.ts';
export { sizeByClass, toleranceClass, type ToleranceClass } from './toleranceClass.ts';
