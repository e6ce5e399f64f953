export {
  SEATING_CHECK_IDS,
  SEATING_CHECKS,
  SHOULDER_FEELER,
  type SeatingCheck,
  type SeatingCheckId,
} from './checks.ts';
export { DEPTH_REMEDIES, HOME_WITHIN, judgeDepth, type DepthVerdict } from './judgeDepth.ts';
