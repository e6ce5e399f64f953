export {
  EVENT_VERSION,
  type Envelope,
  type EventOf,
  type JobEvent,
  type JobEventData,
  type JobEventType,
  type MeasuredPiece,
  type RunStage,
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
  type WorkshopState,
} from './foldWorkshop.ts';
export { JOB_FILE_VERSION, jobFile, readingRows, type JobFile, type ReadingRow } from './record.ts';
export {
  cyclesOf,
  EMPTY_JOB,
  type IgnoredEvent,
  type JobState,
  type Pack,
  type Reading,
  type ReadingPhase,
  type Run,
  type Spec,
} from './state.ts';
export { piecesInJobs, stockAtHand, withUncertainty } from './stockAtHand.ts';
export { nextToRedo, nextToUndo, standingEvents } from './undo.ts';
