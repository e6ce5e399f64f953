import { isSimulated } from '../../devices/index.ts';
import { requireNumber } from '../../faults/index.ts';
import { identifier, leftOut, number, orNull, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingPart, missingStation } from '../onUnit.ts';
import { NOT_IN_A_REAL_JOB } from '../practice.ts';

/** A contact thermometer on a part, or on a ring. */
export const temperatureRead = jobEvent({
  type: 'TemperatureRead',
  since: 1,
  data: record({
    /** Of a part, or of the station of a ring. */
    partId: identifier(),
    value: number(-100, 400, '°C'),
    typed: orNull(text(40)),
    /** Device that sent it; null or absent when it was typed. */
    device: leftOut(orNull(identifier())),
  }),
  says: (data, tell) =>
    `Thermometer on ${tell.name(data.partId)}: ${tell.show(data.value, 'temperature')}${isSimulated(data.device) ? ', simulated' : ''}`,
  reduce: (state, { data: { partId, value, device }, at }) => {
    if (isSimulated(device) && !state.sheet.practice) return NOT_IN_A_REAL_JOB;
    requireNumber('value', value, { min: -100, max: 400, unit: '°C' });
    const before = state.heating.temperatures[partId] ?? [];
    const temperatures = { ...state.heating.temperatures, [partId]: [...before, { value, at }] };
    const isRing = missingStation(state, partId) === null;
    const missing = isRing ? null : missingPart(state, partId);
    return missing ?? { ...state, heating: { ...state.heating, temperatures } };
  },
});
