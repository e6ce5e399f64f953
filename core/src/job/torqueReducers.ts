import { isSimulated } from '../devices/index.ts';
import { refuse, requireNumber } from '../faults/index.ts';
import { cordTorque, requireInRange, requireTool } from '../preload/index.ts';
import { findStation } from '../unit/index.ts';
import type { JobEventData } from './events.ts';
import { withItem } from './growing.ts';
import type { Reducers } from './reducer.ts';
import { NOT_IN_A_REAL_JOB } from './practice.ts';
import { inPlaceNow } from './inPlace.ts';

/** Rolling torque, and sleeves that are crushed to it. */
export const TORQUE_REDUCERS: Reducers<'TorqueRead' | 'ClosingRead' | 'SleeveRenewed'> = {
  TorqueRead: (state, { id: eventId, data, at }) => {
    if (state.finished !== null) return 'the job is finished';
    if (state.unit?.axes.every(({ id }) => id !== data.axisId) !== false) return `no axis ${data.axisId}`;
    if (isSimulated(data.device) && !state.practice) return NOT_IN_A_REAL_JOB;
    requireTorque(data);
    return { ...state, torques: withItem(state.torques, { ...data, inPlace: inPlaceNow(state), eventId, at }) };
  },

  ClosingRead: (state, { data }) => {
    if (state.finished !== null) return 'the job is finished';
    const station = findStation(state.unit!, data.stationId)?.station;
    if (station?.kind !== 'spacer' || station.spacerType !== 'collapsible') return `no sleeve ${data.stationId}`;
    requireClosing(data);
    const before = state.closing[data.stationId] ?? [];
    const stood = before.at(-1)?.angle ?? 0;
    if (data.angle < stood) refuse('contradiction', 'angle', data.angle, `at least ${stood}°: a nut on a collapsible sleeve is never backed off`);
    return { ...state, closing: { ...state.closing, [data.stationId]: [...before, data] } };
  },

  SleeveRenewed: (state, { data: { stationId } }) => {
    const station = state.unit === null ? undefined : findStation(state.unit, stationId)?.station;
    if (station?.kind !== 'spacer') return `no sleeve ${stationId}`;
    const { [stationId]: _scrapped, ...closing } = state.closing;
    return { ...state, closing, sleeveSince: { ...state.sleeveSince, [stationId]: state.torques.length } };
  },
}; // prettier-ignore

/** @throws InputError naming `angle`, `play` or `instrument.graduation` */
export function requireClosing({ angle, play, instrument }: JobEventData['ClosingRead']): void {
  requireNumber('angle', angle, { min: 0, max: 7200, unit: '°' });
  requireNumber('play', play, { min: 0, max: 20, unit: 'mm' });
  requireNumber('instrument.graduation', instrument.graduation, {
    min: 0.0001,
    max: 1,
    unit: 'mm',
  });
}

/**
 * Check a reading against its tool, and a pull against the torque it is said to give.
 * @throws InputError naming `value`, `tool.…` or `pull.…`
 */
export function requireTorque({ tool, value, pull }: JobEventData['TorqueRead']): void {
  requireTool(tool);
  requireInRange(tool, value, 'value');
  if (pull === null) return;
  const { torque } = cordTorque(pull);
  if (Math.abs(torque - value) > 1e-6 + 1e-4 * value) refuse('contradiction', 'value', value, `${torque.toFixed(4)} N·m, which is F·(r + cord/2)`);
} // prettier-ignore
