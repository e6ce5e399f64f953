import {
  requireAxis,
  requirePart,
  requireStation,
  withAxis,
  withoutAxis,
  withoutPart,
  withoutStation,
  withPart,
  withStation,
  type Unit,
} from '../unit/index.ts';
import type { Reducers } from './reducer.ts';
import type { JobState } from './state.ts';

/** Describing the unit: parts, axes and stations. */
export const UNIT_REDUCERS: Reducers<
  | 'StationDescribed'
  | 'StationRemoved'
  | 'PartDescribed'
  | 'PartRemoved'
  | 'AxisDescribed'
  | 'AxisRemoved'
> = {
  StationDescribed: (state, { data: { axisId, station } }) =>
    withUnit(state, (unit) => {
      if (!unit.axes.some(({ id }) => id === axisId)) return `no axis ${axisId}`;
      requireStation(station, new Set(unit.parts.map(({ id }) => id)), 'station');
      return withStation(unit, axisId, station);
    }),

  StationRemoved: (state, { data: { stationId } }) =>
    withUnit(state, (unit) =>
      unit.axes.some(({ stations }) => stations.some(({ id }) => id === stationId))
        ? withoutStation(unit, stationId)
        : `no station ${stationId}`,
    ),

  PartDescribed: (state, { data: { part } }) =>
    withUnit(state, (unit) => withPart(unit, requirePart(part, 'part'))),

  PartRemoved: (state, { data: { partId } }) =>
    withUnit(state, (unit) => {
      const stations = unit.axes.flatMap((axis) => axis.stations);
      const user = stations.find((station) => station.partId === partId);
      return user === undefined ? withoutPart(unit, partId) : `${user.name} stands on it`;
    }),

  AxisDescribed: (state, { data: { axis } }) =>
    withUnit(state, (unit) => withAxis(unit, requireAxis(axis, 'axis'))),

  AxisRemoved: (state, { data: { axisId } }) =>
    withUnit(state, (unit) =>
      unit.axes.length > 1 ? withoutAxis(unit, axisId) : 'a unit has at least one axis',
    ),
};

function withUnit(state: JobState, change: (unit: Unit) => Unit | string): JobState | string {
  if (state.finished !== null) return 'the job is finished';
  if (state.unit === null) return 'the job has not been opened';
  const unit = change(state.unit);
  return typeof unit === 'string' ? unit : { ...state, unit };
}
