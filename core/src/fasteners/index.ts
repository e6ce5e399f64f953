export {
  PATTERNS,
  STAGES_OF_TORQUE,
  tighteningOrder,
  torqueStages,
  type Pattern,
} from './tightening.ts';
