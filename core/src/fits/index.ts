export { dropIn, FREEZER, REFERENCE_TEMPERATURE, type DropIn } from './dropIn.ts';
export { interference, type Interference, type SizeRange } from './interference.ts';
export { ringLimits, type Ring, type RingFamily } from './ringTolerance.ts';
export { GRADES, standardTolerance, type Grade } from './standardTolerance.ts';
