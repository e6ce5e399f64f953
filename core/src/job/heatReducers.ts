import { findStation } from '../unit/index.ts';
import type { Reducers } from './reducer.ts';
import type { JobState } from './state.ts';

/** Heating, waiting and putting rings in. */
export const HEAT_REDUCERS: Reducers<
  'HeatSet' | 'ClockStarted' | 'ClockStopped' | 'TemperatureRead' | 'SeatTried'
> = {
  HeatSet: (state, { data: { partId, settings } }) =>
    hasPart(state, partId) ?? { ...state, heat: { ...state.heat, [partId]: settings } },

  ClockStarted: (state, { data, at }) => {
    if (state.finished !== null) return 'the job is finished';
    if (state.clocks.some(({ clockId }) => clockId === data.clockId)) return `clock ${data.clockId} exists`;
    const missing = hasPart(state, data.targetId);
    return missing ?? { ...state, clocks: [...state.clocks, { ...data, startedAt: at, stoppedAt: null }] };
  },

  ClockStopped: (state, { data: { clockId }, at }) => {
    const running = state.clocks.some((clock) => clock.clockId === clockId && clock.stoppedAt === null);
    if (!running) return `no clock ${clockId} runs`;
    const clocks = state.clocks.map((clock) => (clock.clockId === clockId ? { ...clock, stoppedAt: at } : clock));
    return { ...state, clocks };
  },

  TemperatureRead: (state, { data: { partId, value }, at }) =>
    hasPart(state, partId) ?? {
      ...state,
      temperatures: { ...state.temperatures, [partId]: [...(state.temperatures[partId] ?? []), { value, at }] },
    },

  SeatTried: (state, { data: { stationId, outcome }, at }) =>
    state.unit === null || findStation(state.unit, stationId) === null
      ? `no station ${stationId}`
      : { ...state, tries: { ...state.tries, [stationId]: [...(state.tries[stationId] ?? []), { outcome, at }] } },
}; // prettier-ignore

function hasPart({ unit }: JobState, partId: string): string | null {
  return unit?.parts.some(({ id }) => id === partId) === true ? null : `no part ${partId}`;
}
