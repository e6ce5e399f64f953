export { cordTorque, type CordPull } from './cordTorque.ts';
export {
  AGREE_WITHIN,
  carrierTorque,
  judgeRolling,
  requireInRange,
  requireTool,
  USED_SHARE,
  type RollingRun,
  type RollingVerdict,
  type TorqueReading,
  type TorqueTool,
} from './rollingTorque.ts';
export {
  EXPONENTS,
  FINEST_STEP,
  FREE_STEP,
  sleeveForecast,
  type AngleRange,
  type SleeveFit,
  type SleeveForecast,
  type SleevePoint,
  type SleeveQuestion,
} from './sleeveForecast.ts';
export { solidStop, STOP_CAUSES, type SolidStop, type StopPoint } from './solidStop.ts';
export {
  clampShortening,
  FIRST_SHARE,
  spacerCut,
  type SpacerCut,
  type SpacerTrial,
} from './spacerCut.ts';
export { warmPlay, type WarmCup, type WarmPlay } from './warmPlay.ts';
