import type { InspectionVerdict } from '@wendaxis/core/inspect';
import type { StationState, StepStatus } from '@wendaxis/core/plan';

/** How a station stands, in a word. */
export const STATION_STATE_WORDS: Readonly<Record<StationState, string>> = {
  fault: 'Does not fit',
  next: 'Next',
  missing: 'Figure missing',
  toDo: 'To do',
  waiting: 'Waits',
  done: 'Done',
  plain: '',
};

/** How a step stands, in a word. */
export const STEP_STATUS_WORDS: Readonly<Record<StepStatus, string>> = {
  done: 'Done',
  setAside: 'Not needed',
  ready: 'Ready',
  missing: 'Figure missing',
  waiting: 'Waits',
};

/** What was decided on a part, in a word. */
export const INSPECTION_WORDS: Readonly<Record<InspectionVerdict, string>> = {
  reuse: 'Reuse',
  repair: 'Repair',
  replace: 'Replace',
};
