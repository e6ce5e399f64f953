export {
  CLOCK_KINDS,
  EVENT_VERSION,
  JOB_SCOPES,
  RING_CLOCKS,
  SEAT_OUTCOMES,
  type ClockKind,
  type Envelope,
  type EventOf,
  type JobEvent,
  type JobEventData,
  type JobEventType,
  type JobScope,
  type PlannedHeat,
  type RunStage,
  type ThroughPair,
  type SeatOutcome,
  type WorkshopEvent,
  type WorkshopEventData,
  type WorkshopEventType,
} from './events.ts';
export type { SetAfter, SpacerFeel } from './setRows.ts';
export {
  TORQUE_STAGES,
  type MeasuredPiece,
  type ShelfSpacer,
  type TorqueStage,
} from './settingEvents.ts';
export { foldJob, foldRest, packUncertainty, verdictOf } from './foldJob.ts';
export {
  foldWorkshop,
  piecesBySize,
  type OpenOrder,
  type StockedSize,
  type Person,
  type WorkshopInstrument,
  type WorkshopMaterial,
  type WorkshopTorqueTool,
  type WorkshopTemplate,
  type WorkshopState,
} from './foldWorkshop.ts';
export { JOB_FILE_VERSION, jobFile, readingRows, type JobFile, type ReadingRow } from './record.ts';
export { cyclesOf, type ReadingPhase } from './cycles.ts';
export { EMPTY_JOB } from './emptyJob.ts';
export {
  type Clock,
  type IgnoredEvent,
  type JobState,
  type MeasuredSize,
  type Pack,
  type Reading,
  type Run,
  type Spec,
  type StationSizes,
  type StepRecord,
  type TakenFigure,
  type TorqueRecord,
} from './state.ts';
export { stockAtHand, withUncertainty } from './stockAtHand.ts';
export { requireSpecBand } from './requireSpecBand.ts';
export { inPlaceNow } from './inPlace.ts';
export { requireFeel, requireTerm } from './settingReducers.ts';
export { requireClosing, requireTorque } from './torqueReducers.ts';
export { isInstant, secondsBetween } from './instants.ts';
export { nextToRedo, nextToUndo, standingEvents } from './undo.ts';
