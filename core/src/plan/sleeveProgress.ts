import type { JobState } from '../job/index.ts';
import {
  closingPlay,
  sleeveForecast,
  solidStop,
  type ClosingPlay,
  type SleeveForecast,
  type SleevePoint,
  type SolidStop,
} from '../preload/index.ts';
import type { Axis } from '../unit/index.ts';
import { playSpec } from './playProgress.ts';
import { sleeveOf } from './sleeves.ts';
import { torqueSpec, sinceSleeve, sealDragOf } from './torqueReadings.ts';

/** Crushing a sleeve as far as it has come. */
export interface SleeveProgress {
  readonly points: readonly SleevePoint[];
  readonly forecast: SleeveForecast;
  /** Null where the nut's torque limit is not described. */
  readonly solid: SolidStop | null;
  /** Steady readings at the last angle; two are wanted before the next step. */
  readonly readingsHere: number;
}

/** Where the crushing of an axis' sleeve stands; null while the band, the seal's drag or a first reading is missing. */
export function sleeveProgress(state: JobState, axis: Axis): SleeveProgress | null {
  const spec = torqueSpec(state, axis.id);
  const drag =
    spec?.sealDrag === 'included' ? { value: 0, uncertainty: 0 } : sealDragOf(state, axis);
  const rows = sinceSleeve(state, axis).filter(
    ({ stage, angle, steady }) => stage === 'crush' && angle !== null && steady,
  );
  const last = rows.at(-1);
  if (spec === null || drag === null || last === undefined) return null;
  const angles = [...new Set(rows.map(({ angle }) => angle!))].toSorted((a, b) => a - b);
  const at = (angle: number) => rows.filter((row) => row.angle === angle);
  const points = angles.map((angle) => ({
    angle,
    torque: at(angle).reduce((sum, { value }) => sum + value, 0) / at(angle).length,
  }));
  const { graduation, calibrationUncertainty } = last.tool;
  const uncertainty = Math.hypot(
    graduation / Math.sqrt(12),
    calibrationUncertainty,
    drag.uncertainty,
  );
  const nut = axis.stations.find(({ kind }) => kind === 'nut');
  const stops = angles.map((angle, n) => ({
    angle,
    rolling: points[n]!.torque,
    nutTorque: at(angle).findLast(({ nutTorque }) => nutTorque !== null)?.nutTorque ?? null,
    endPlay: at(angle).findLast(({ endPlay }) => endPlay !== null)?.endPlay ?? null,
  }));
  return {
    points,
    forecast: sleeveForecast({ points, band: spec.band, sealDrag: drag.value, uncertainty }),
    solid:
      nut?.torqueMost === undefined
        ? null
        : solidStop(stops, { sealDrag: drag.value, nutLimit: nut.torqueMost, uncertainty }),
    readingsHere: at(angles.at(-1)!).length,
  };
}

/** Whether a hub on a sleeve is set without preload: to its end play, not to a rolling torque. */
export function setsZeroPlay(axis: Axis): boolean {
  return (
    sleeveOf(axis) !== null && axis.sets.includes('endPlay') && !axis.sets.includes('rollingTorque')
  );
}

/** Where the closing of such a hub stands; null while its band or a first reading is missing. */
export function closingProgress(state: JobState, axis: Axis): ClosingPlay | null {
  const sleeve = sleeveOf(axis);
  const spec = playSpec(state, axis.id, 'endPlay');
  const rows = sleeve === null ? [] : (state.measured.closing[sleeve.id] ?? []);
  const last = rows.at(-1);
  if (spec === null || last === undefined) return null;
  const { graduation, calibrationUncertainty } = last.instrument;
  return closingPlay(
    rows.map(({ angle, play }) => ({ angle, play })),
    spec.band,
    Math.hypot(graduation / Math.sqrt(6), calibrationUncertainty),
  );
}

/** Whether the sleeve is crushed to its band: two readings at the last angle, and the law says in band. */
export function isCrushed(state: JobState, axis: Axis): boolean {
  if (setsZeroPlay(axis)) return closingProgress(state, axis)?.status === 'inBand';
  const progress = sleeveProgress(state, axis);
  return progress !== null && progress.readingsHere >= 2 && progress.forecast.status === 'inBand';
}
