export { panPlaces } from './panPlaces.ts';
export {
  COARSE_PITCH,
  isMild,
  proofStress,
  STRENGTH_CLASSES,
  type StrengthClass,
} from './metricThread.ts';
export {
  PATTERNS,
  STAGES_OF_TORQUE,
  tighteningOrder,
  torqueShares,
  torqueStages,
  type Pattern,
} from './tightening.ts';
