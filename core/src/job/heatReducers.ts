import { isSimulated } from '../devices/index.ts';
import { requireNumber, requireOneOf } from '../faults/index.ts';
import { RING_HARDNESS_LIMIT, WAY_IDS, WAYS } from '../heat/index.ts';
import { findStation } from '../unit/index.ts';
import { RING_CLOCKS } from './events.ts';
import { NOT_IN_A_REAL_JOB } from './practice.ts';
import type { Reducers } from './reducer.ts';
import type { JobState } from './state.ts';

/** Heating, waiting and putting rings in. */
export const HEAT_REDUCERS: Reducers<
  'HeatSet' | 'ClockStarted' | 'ClockStopped' | 'TemperatureRead' | 'SeatTried' | 'SeatChecked' | 'LimitSet' | 'WayChosen'
> = {
  HeatSet: (state, { data: { partId, settings } }) => {
    for (const name of ['oven', 'rings', 'ambient', 'running', 'handling'] as const) requireNumber(`settings.${name}`, settings[name]);
    requireOneOf('settings.medium', settings.medium, ['fanOven', 'stillOven'] as const);
    return hasPart(state, partId) ?? { ...state, heat: { ...state.heat, [partId]: settings } };
  },

  ClockStarted: (state, { data, at }) => {
    if (state.finished !== null) return 'the job is finished';
    if (state.clocks.some(({ clockId }) => clockId === data.clockId)) return `clock ${data.clockId} exists`;
    const missing = RING_CLOCKS.includes(data.kind) ? hasStation(state, data.targetId) : hasPart(state, data.targetId);
    return missing ?? { ...state, clocks: [...state.clocks, { ...data, startedAt: at, stoppedAt: null }] };
  },

  ClockStopped: (state, { data: { clockId }, at }) => {
    const running = state.clocks.some((clock) => clock.clockId === clockId && clock.stoppedAt === null);
    if (!running) return `no clock ${clockId} runs`;
    const clocks = state.clocks.map((clock) => (clock.clockId === clockId ? { ...clock, stoppedAt: at } : clock));
    return { ...state, clocks };
  },

  TemperatureRead: (state, { data: { partId, value, device }, at }) => {
    if (isSimulated(device) && !state.practice) return NOT_IN_A_REAL_JOB;
    requireNumber('value', value, { min: -100, max: 400, unit: '°C' });
    const before = state.temperatures[partId] ?? [];
    return hasPart(state, partId) ?? { ...state, temperatures: { ...state.temperatures, [partId]: [...before, { value, at }] } };
  },

  // A ring that went in anew has not been checked yet.
  SeatTried: (state, { data: { stationId, outcome }, at }) =>
    hasStation(state, stationId) ?? {
      ...state,
      tries: { ...state.tries, [stationId]: [...(state.tries[stationId] ?? []), { outcome, at }] },
      seating: { ...state.seating, [stationId]: {} },
    },

  SeatChecked: (state, { data: { targetId, check, good }, at }) =>
    hasAxis(state, targetId) || hasStation(state, targetId) === null
      ? { ...state, seating: { ...state.seating, [targetId]: { ...state.seating[targetId], [check]: { good, at } } } }
      : `no station or axis ${targetId}`,

  WayChosen: (state, { data: { stationId, ring, way, pressRating } }) => {
    requireNumber('pressRating', pressRating, { above: 0, unit: 'N' });
    if (WAYS[requireOneOf('way', way, WAY_IDS)].ring !== ring) return `${way} is not a way for an ${ring} ring`;
    const chosen = { ...state.ways[stationId], [ring]: { way, pressRating } };
    return hasStation(state, stationId) ?? { ...state, ways: { ...state.ways, [stationId]: chosen } };
  },

  LimitSet: (state, { data: { targetId, limit, reason } }) => {
    requireNumber('limit', limit, { min: 30, max: 300, unit: '°C' });
    const isRing = hasStation(state, targetId) === null;
    if (!isRing && hasPart(state, targetId) !== null) return `no part or station ${targetId}`;
    if (isRing && limit > RING_HARDNESS_LIMIT) return `a ring loses its hardness past ${RING_HARDNESS_LIMIT} °C`;
    return { ...state, limits: { ...state.limits, [targetId]: { limit, reason } } };
  },
}; // prettier-ignore

function hasStation({ unit }: JobState, stationId: string): string | null {
  return unit === null || findStation(unit, stationId) === null ? `no station ${stationId}` : null;
}

function hasAxis({ unit }: JobState, axisId: string): boolean {
  return unit?.axes.some(({ id }) => id === axisId) === true;
}

function hasPart({ unit }: JobState, partId: string): string | null {
  return unit?.parts.some(({ id }) => id === partId) === true ? null : `no part ${partId}`;
}
