export {
  CLOCK_KINDS,
  EVENT_VERSION,
  JOB_SCOPES,
  RING_CLOCKS,
  TORQUE_STAGES,
  SEAT_OUTCOMES,
  type ClockKind,
  type Envelope,
  type EventOf,
  type JobEvent,
  type JobEventData,
  type JobEventType,
  type JobScope,
  type MeasuredPiece,
  type PlannedHeat,
  type RunStage,
  type TorqueStage,
  type SeatOutcome,
  type WorkshopEvent,
  type WorkshopEventData,
  type WorkshopEventType,
} from './events.ts';
export { foldJob, packUncertainty, verdictOf } from './foldJob.ts';
export {
  foldWorkshop,
  piecesBySize,
  type Person,
  type WorkshopInstrument,
  type WorkshopMaterial,
  type WorkshopTorqueTool,
  type WorkshopTemplate,
  type WorkshopState,
} from './foldWorkshop.ts';
export { JOB_FILE_VERSION, jobFile, readingRows, type JobFile, type ReadingRow } from './record.ts';
export {
  cyclesOf,
  EMPTY_JOB,
  type Clock,
  type IgnoredEvent,
  type JobState,
  type MeasuredSize,
  type Pack,
  type Reading,
  type ReadingPhase,
  type Run,
  type Spec,
  type StationSizes,
  type StepRecord,
  type TakenFigure,
  type TorqueRecord,
} from './state.ts';
export { piecesInJobs, stockAtHand, withUncertainty } from './stockAtHand.ts';
export { requireSpecBand } from './requireSpecBand.ts';
export { requireTorque } from './torqueReducers.ts';
export { secondsBetween } from './secondsBetween.ts';
export { nextToRedo, nextToUndo, standingEvents } from './undo.ts';
