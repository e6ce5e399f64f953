import { refuse, requireNumber } from '../../faults/index.ts';
import { INSTRUMENT_SCHEMA } from '../../measure/index.ts';
import { degrees, identifier, millimetres, orNull, record, text } from '../../schema/index.ts';
import { findStation } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import type { ClosingReading } from '../setRows.ts';

/** The play of a hub that is set without preload, at an angle of the nut that crushes its sleeve. */
export const closingRead = jobEvent({
  type: 'ClosingRead',
  since: 1,
  data: record({
    stationId: identifier(),
    angle: degrees(0, 7200),
    play: millimetres(0, 20),
    typed: orNull(text(40)),
    instrument: INSTRUMENT_SCHEMA,
  }),
  joint: requireClosing,
  says: (data, tell) =>
    `Play ${tell.show(data.play)} with the nut at ${Number(data.angle.toFixed(1))}°`,
  reduce: (state, { data }, order) => {
    if (state.sheet.finished !== null) return 'the job is finished';
    const station = findStation(state.unit!, data.stationId)?.station;
    if (station?.kind !== 'spacer' || station.spacerType !== 'collapsible')
      return `no sleeve ${data.stationId}`;
    requireClosing(data);
    const before = state.measured.closing[data.stationId] ?? [];
    const stood = before.at(-1)?.angle ?? 0;
    if (data.angle < stood)
      refuse('contradiction', 'angle', data.angle, { id: 'neverBackedOff', angle: stood });
    const closing = { ...state.measured.closing, [data.stationId]: [...before, data] };
    return {
      ...state,
      measured: { ...state.measured, closing },
      setting: { ...state.setting, moved: { ...state.setting.moved, [data.stationId]: order } },
    };
  },
});

/** @throws InputError naming `angle`, `play` or `instrument.graduation` */
export function requireClosing({ angle, play, instrument }: ClosingReading): void {
  requireNumber('angle', angle, { min: 0, max: 7200, unit: '°' });
  requireNumber('play', play, { min: 0, max: 20, unit: 'mm' });
  requireNumber('instrument.graduation', instrument.graduation, {
    min: 0.0001,
    max: 1,
    unit: 'mm',
  });
}
