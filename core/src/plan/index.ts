export { CAUTIONS, type CautionId } from './cautions.ts';
export { compilePlan, type Plan } from './compilePlan.ts';
export {
  actionFor,
  cyclesLeft,
  nextAction,
  stageOf,
  STAGES_OF,
  type NextAction,
  type Stage,
} from './nextAction.ts';
export { packQuestion, USUAL_MOST_PIECES } from './packQuestion.ts';
export { PHASE_NAMES, PHASES, type Phase } from './phases.ts';
export { currentRun, playSite, wantsPreload, type JudgedVerdict } from './playProgress.ts';
export { comparisonOf } from './comparison.ts';
export { clearanceInService, type ClearanceInService } from './clearanceInService.ts';
export { heatedParts, jobHeat, leftOut, ringLimitFor, type JobHeat } from './jobHeat.ts';
export { ringWays, snapRingUnder } from './ringWays.ts';
export { depthVerdict, expectedDepth, seatingChecks, seatingDone } from './seating.ts';
export { measuredSuggestions, type MeasuredSuggestion } from './measuredSuggestions.ts';
export { isSealed, nominalOf, seatsOf, seatVerdict } from './seats.ts';
export {
  rollingVerdict,
  sealDragOf,
  sleeveOf,
  sleeveProgress,
  torqueSpec,
  wantsSealDrag,
  type SleeveProgress,
} from './torqueProgress.ts';
export { STATION_STATES, stationStates, type StationState } from './stationStates.ts';
export type { Figure, Missing, Orientation, Step, StepForm, StepStatus } from './step.ts';
