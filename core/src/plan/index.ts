export { CAUTIONS, type CautionId } from './cautions.ts';
export { compilePlan, type Plan } from './compilePlan.ts';
export { isRenewable, wayTo, type WayTo } from './wayTo.ts';
export { actionFor, cyclesLeft, nextAction, stageOf, type NextAction } from './nextAction.ts';
export { jointQuestion, kindSetAt, packQuestion, type SitePackQuestion } from './packQuestion.ts';
export { pairPacks } from './pairPacks.ts';
export { mostPiecesAt, packSite, stockAt, USUAL_MOST_PIECES } from './mostPieces.ts';
export { planFile, type PlanFile, type PlannedStep } from './planFile.ts';
export { readJob, readState, type JobReading, type Unreadable } from './readJob.ts';
export { ROUNDS, type Round, type RoundId, type Screen } from './rounds.ts';
export { soundAnswer, soundAnswers, type SoundAnswer } from './soundAnswers.ts';
export { STAGES_OF, type Stage } from './stages.ts';
export { possibleFindings } from './possibleFindings.ts';
export { inPhases, type PhaseRun } from './inPhases.ts';
export { PHASES, type Phase } from './phases.ts';
export { judgedFigures, type JudgedFigure } from './judgedFigures.ts';
export {
  currentRun,
  playShift,
  playSpec,
  playStage,
  playVerdict,
  wantsPreload,
  type JudgedVerdict,
  type PlayStage,
} from './playProgress.ts';
export { clampTerm } from './clampTerm.ts';
export { expectedReading } from './expectedReading.ts';
export { partEstimate, type PartEstimate } from './partEstimate.ts';
export { meanwhile } from './meanwhile.ts';
export { outOfTurn, type OutOfTurn } from './outOfTurn.ts';
export { openAtClose, type OpenAtClose } from './openAtClose.ts';
export { builtPlay, type BuiltPlay, type CarriedPlay } from './builtPlay.ts';
export type { LearnedAt } from './learnedAt.ts';
export { specOf } from './specOf.ts';
export { DEPTH_READINGS } from './depthReadings.ts';
export { isOverruled, leavesOutMark, type PairDepth } from './pairDepth.ts';
export { type PairBacklash } from './pairBacklash.ts';
export { marksAsBuilt, marksAsFound, type PairPattern } from './pairPattern.ts';
export { judgedPlaces } from './backlashNow.ts';
export { backlashFactor, meshAt, type AxisMesh } from './pairGears.ts';
export { PAIR_SITES, pairNow, wordOf, type PairNow, type PairSite } from './pairNow.ts';
export { pairMove, pairStep, type PairNext, type PairStep } from './pairStep.ts';
export type { PairWaits } from './pairWaits.ts';
export { pairTries, type PairTryRow } from './pairTries.ts';
export { chosenFigures, type ChosenFigure } from './chosenFigures.ts';
export { adjusterProgress, adjusterSetter } from './adjusterProgress.ts';
export { gainAt, TRIAL_APART, type Gain } from './gains.ts';
export { PLAY_DOUBTS, playDoubts, type PlayDoubt, type PlayDoubtId } from './playDoubts.ts';
export { runningPlay, USUAL_CONTACT_ANGLE, type RunningPlay } from './runningPlay.ts';
export {
  PLAY_KINDS,
  playSite,
  settersOf,
  spacerSetter,
  tableGain,
  type PlayKind,
  type Setter,
} from '../setters/index.ts';
export { spacerProgress, type RankedSpacer, type SpacerProgress } from './spacerProgress.ts';
export { comparisonOf } from './comparison.ts';
export { clearanceInService, type ClearanceInService } from './clearanceInService.ts';
export { heatNow, type HeatNow, type RingNow } from './heatNow.ts';
export { innerNow, isOnHeater, type InnerNow } from './innerNow.ts';
export { heatOfPart, jobHeat, type HeatOfPart, type JobHeat } from './jobHeat.ts';
export { bodyOf, ringLimitFor } from './heatSeat.ts';
export { LONG_OVEN } from './goesCold.ts';
export { isInSight, placeOfClock, type ClockPlace } from './stepOfClock.ts';
export { orderSubject, type OrderSubject } from './orderSubject.ts';
export { leftOut } from './ovenSeats.ts';
export { heatedParts } from './warmable.ts';
export { pressedWith, type JudgedDriver, type PressedWith } from './pressedWith.ts';
export { ringWaysOut } from './ringWaysOut.ts';
export { snapRingUnder } from './snapRingUnder.ts';
export { partWithSeat, ringOfShaft, ringWays, wayFor, wayTaken } from './ringWays.ts';
export { depthVerdict, expectedDepth, seatingChecks, seatingDone } from './seating.ts';
export { measuredSuggestions, type MeasuredSuggestion } from './measuredSuggestions.ts';
export { clearanceLimits } from './measuredClearance.ts';
export { depthFound, type DepthFound } from './depthFound.ts';
export { stopSet, type StopSet } from './stops.ts';
export { nominalOf } from './nominal.ts';
export { planInSystem } from './planInSystem.ts';
export { stepMarks, type FaceMark, type ForcedRing, type StepMarks } from './stepMarks.ts';
export { stepPicture, type PicturedStation, type Piece, type StepPicture } from './stepPicture.ts';
export { isSealed } from './closureOfStation.ts';
export { meanSize, ringWords, seatsOf, seatVerdict } from './seats.ts';
export { rollingVerdict } from './torqueProgress.ts';
export {
  closingProgress,
  sleeveProgress,
  type RestFrom,
  type SleeveProgress,
} from './sleeveProgress.ts';
export { usualMarks } from './usualMarks.ts';
export { isTurnedAtStops } from './turnedAtStops.ts';
export { sealDragOf, torqueSpec, wantsSealDrag } from './torqueReadings.ts';
export { STATION_STATES, stationStates, type StationState } from './stationStates.ts';
export {
  isBehind,
  type BesideId,
  type Figure,
  type Missing,
  type Orientation,
  type Step,
  type StepForm,
  type StepStatus,
} from './step.ts';
export { FACE_TO_WORDS } from './step.ts';
export { partsOfId } from './draft.ts';
