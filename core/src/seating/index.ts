export {
  SEATING_CHECK_IDS,
  SEATING_CHECKS,
  SHAFT_CHECKS,
  SHOULDER_FEELER,
  type SeatingCheck,
  type SeatingCheckId,
} from './checks.ts';
export {
  DEPTH_REMEDIES,
  DRIVEN_WITHIN,
  HOME_WITHIN,
  judgeDepth,
  type DepthKind,
  type DepthVerdict,
} from './judgeDepth.ts';
