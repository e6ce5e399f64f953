export { outOfReach } from './toolReach.ts';
export { cordTorque, type CordPull } from './cordTorque.ts';
export {
  AGREE_WITHIN,
  carrierTorque,
  judgeRolling,
  USED_SHARE,
  type RollingRun,
  type RollingVerdict,
  type TorqueReading,
} from './rollingTorque.ts';
export {
  requireInRange,
  requireTool,
  TORQUE_TOOL_KINDS,
  type TorqueTool,
  type TorqueToolKind,
} from './torqueTool.ts';
export {
  EXPONENTS,
  FINEST_STEP,
  NARROW,
  SEARCH_STEP,
  sleeveForecast,
  type SleeveForecast,
} from './sleeveForecast.ts';
export type { SleeveQuestion } from './sleeveQuestion.ts';
export { type ContactBound, type SleeveContact } from './sleeveContact.ts';
export { sleeveWindow, USUAL_RISE, type SleeveWindow } from './sleeveWindow.ts';
export { sleeveCurve, type AngleRange, type SleeveFit, type SleevePoint } from './sleeveFit.ts';
export { solidStop, STOP_CAUSES, type SolidStop, type StopPoint } from './solidStop.ts';
export { adjusterTurn, turnWithin, type AdjusterTurn } from './adjusterTurn.ts';
export { clampShortening, type ClampInput } from './clampShortening.ts';
export { CLAMP_SCHEMA, CORD_PULL_SCHEMA, TORQUE_TOOL_SCHEMA } from './schemas.ts';
export { closingPlay, type ClosingPlay, type PlayPoint } from './closingPlay.ts';
export {
  SPACER_BASES,
  spacerLength,
  type SpacerLength,
  type SpacerTarget,
} from './spacerLength.ts';
export { type SpacerTrial } from './spacerZeroPlay.ts';
export { FIRST_SHARE, spacerCut, type SpacerCut } from './spacerCut.ts';
export { turnWords } from './turnWords.ts';
export { warmPlay, type WarmCup, type WarmPlay } from './warmPlay.ts';
export { preloadForce, type PreloadedBearing, type PreloadForce } from './preloadForce.ts';
export { rigidWarmPlay, type RaceCone } from './rigidWarmPlay.ts';
