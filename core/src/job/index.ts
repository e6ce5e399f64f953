export { EVENT_VERSION, type Envelope } from './envelope.ts';
export {
  type EventOf,
  type JobEvent,
  type JobEventData,
  type JobEventType,
  type WorkshopEvent,
  type WorkshopEventData,
  type WorkshopEventType,
} from './events.ts';
export type { AnyEventRow, EventRow, EventRows, LogTeller } from './eventRow.ts';
export { logLine } from './logLine.ts';
export { JOB_EVENTS } from './jobEventTable.ts';
export { WORKSHOP_EVENTS } from './workshopEventTable.ts';
export {
  CLOCK_KINDS,
  CLOCK_WORDS,
  JOB_SCOPES,
  JOB_STARTS,
  OUTCOME_WORDS,
  STATION_CLOCKS,
  RUN_STAGE_WORDS,
  SEAT_OUTCOMES,
  TORQUE_STAGES,
  type ClockKind,
  type JobScope,
  type JobStart,
  type MeasuredPiece,
  type PlannedHeat,
  type RunStage,
  type SeatOutcome,
  type ShelfSpacer,
  type TorqueStage,
} from './kinds.ts';
export type { SetAfter, SpacerFeel, TorqueReading } from './setRows.ts';
export { foldingJob, foldingRest, foldJob, liftedJobEvent, foldRest, toldTo } from './foldJob.ts';
export { packUncertainty } from './packUncertainty.ts';
export { verdictOf } from './runs.ts';
export { foldWorkshop, piecesBySize } from './foldWorkshop.ts';
export {
  type OpenOrder,
  type StockedSize,
  type Person,
  type WorkshopInstrument,
  type WorkshopMaterial,
  type WorkshopTorqueTool,
  type WorkshopTemplate,
  type WorkshopState,
} from './workshopState.ts';
export { JOB_FILE_VERSION, jobFile, readingRows, type JobFile, type ReadingRow } from './record.ts';
export { cyclesOf, type ReadingPhase } from './cycles.ts';
export { otherBench } from './otherBench.ts';
export { EMPTY_JOB } from './emptyJob.ts';
export { type JobState } from './state.ts';
export {
  type Clock,
  type IgnoredEvent,
  type MeasuredSize,
  type Pack,
  type Reading,
  type Run,
  type Spec,
  type StationSizes,
  type StepRecord,
  type AcceptedFigure,
  type TakenFigure,
  type ThroughPair,
  type TorqueRecord,
} from './stateRows.ts';
export type { BacklashRow, DepthRow, PatternRow } from './pairRows.ts';
export { stockAtHand, withUncertainty } from './stockAtHand.ts';
export { requireSpecBand } from './requireSpecBand.ts';
export { inPlaceNow } from './inPlace.ts';
export { isInstant, secondsBetween } from './instants.ts';
export { nextToRedo, nextToUndo, standingEvents } from './undo.ts';
