import { findStation } from '../unit/index.ts';
import type { JobState } from './state.ts';

/** What was read of a sleeve, or of a nut that sets a preload by itself, no longer counts: it is begun anew. */
export function begunAnew(state: JobState, stationId: string, order: number): JobState {
  const { [stationId]: _scrapped, ...closing } = state.measured.closing;
  const sleeveSince = {
    ...state.setting.sleeveSince,
    [stationId]: state.measured.torques.length,
  };
  const moved = { ...state.setting.moved, [stationId]: order };
  return {
    ...state,
    measured: { ...state.measured, closing },
    setting: { ...state.setting, sleeveSince, moved },
  };
}

/** Steps that say of their station that there is a new one. */
const NEW_ONE = /^newPart:(?<stationId>[^#]+)(?:#\d+)?$/u;

/** The job once a step is done: with a new sleeve nothing that was read of the one before counts. */
export function withNewSleeve(state: JobState, stepId: string, order: number): JobState {
  const stationId = NEW_ONE.exec(stepId)?.groups?.['stationId'];
  if (stationId === undefined || state.unit === null) return state;
  const station = findStation(state.unit, stationId)?.station;
  return station?.kind === 'spacer' && station.spacerType === 'collapsible'
    ? begunAnew(state, stationId, order)
    : state;
}
