import type { JobState, TorqueRecord } from '../job/index.ts';
import type { Band } from '../measure/index.ts';
import {
  closingPlay,
  sleeveForecast,
  sleeveWindow,
  solidStop,
  type ClosingPlay,
  type SleeveForecast,
  type SleevePoint,
  type SleeveWindow,
  type SolidStop,
} from '../preload/index.ts';
import { setsZeroPlay, sleeveOf, type Axis } from '../unit/index.ts';
import { playSpec } from './playProgress.ts';
import { sleeveNut } from '../unit/index.ts';
import { torqueSpec, sinceSleeve, sealDragOf } from './torqueReadings.ts';

/** From what it is known how hard the shaft turns while the bearings have play. */
export type RestFrom = 'measured' | 'loose' | 'lowest';

/** Crushing a sleeve as far as it has come. */
export interface SleeveProgress {
  readonly points: readonly SleevePoint[];
  /** `solid`: the nut has come solid without preload, and is not turned on. */
  readonly forecast:
    | SleeveForecast
    | (Pick<SleeveForecast, 'now' | 'torque' | 'above' | 'working'> & {
        readonly status: 'solid';
        readonly step: 0;
      });
  /** Rolling torque while there is play, N·m: the seal's, where one is in; and the limits of what comes above it. */
  readonly rest: { readonly value: number; readonly from: RestFrom };
  readonly band: Band;
  readonly solid: SolidStop;
  /** Steady readings at the last angle; two are wanted where the nut stops. */
  readonly readingsHere: number;
  /** Those readings themselves. */
  readonly here: readonly TorqueRecord[];
}

/** Readings of a sleeve's crushing at one angle of the nut, in the order of the angles. */
interface AtAngle {
  readonly angle: number;
  readonly rows: readonly TorqueRecord[];
  readonly torque: number;
  readonly nutTorque: number | null;
  readonly endPlay: number | null;
}

function byAngle(rows: readonly TorqueRecord[]): readonly AtAngle[] {
  const angles = [...new Set(rows.map(({ angle }) => angle!))].toSorted((a, b) => a - b);
  return angles.map((angle) => {
    const here = rows.filter((row) => row.angle === angle);
    return {
      angle,
      rows: here,
      torque: here.reduce((sum, { value }) => sum + value, 0) / here.length,
      nutTorque: here.findLast(({ nutTorque }) => nutTorque !== null)?.nutTorque ?? null,
      endPlay: here.findLast(({ endPlay }) => endPlay !== null)?.endPlay ?? null,
    };
  });
}

/**
 * How hard the shaft turns while the bearings have play: as measured with the seal alone; where the limits are told with the seal in
 * and nobody measured it, as it was read while there was play, else as it was read at the least.
 */
function restOf(
  state: JobState,
  axis: Axis,
  at: readonly AtAngle[],
  isIncluded: boolean,
): { readonly value: number; readonly uncertainty: number; readonly from: RestFrom } | null {
  const measured = sealDragOf(state, axis);
  if (measured !== null) return { ...measured, from: 'measured' };
  if (!isIncluded) return null;
  const loose = at.filter(({ endPlay }) => endPlay !== null && endPlay > 0);
  const values = loose.map(({ torque }) => torque);
  return values.length > 0
    ? {
        value: values.reduce((sum, value) => sum + value, 0) / values.length,
        uncertainty: 0,
        from: 'loose',
      }
    : { value: Math.min(...at.map(({ torque }) => torque)), uncertainty: 0, from: 'lowest' };
}

/** The limits of what the bearings add, where those told are with the seal in. */
function aboveRest({ lower, upper, target }: Band, rest: number): Band {
  const less = (limit: number | null) => (limit === null ? null : Math.max(0, limit - rest));
  return { lower: less(lower), upper: less(upper), target: less(target) };
}

/** Where the crushing of an axis' sleeve stands; null while the band, the seal's drag or a first reading is missing. */
export function sleeveProgress(state: JobState, axis: Axis): SleeveProgress | null {
  const spec = torqueSpec(state, axis.id);
  const rows = sinceSleeve(state, axis).filter(
    ({ stage, angle, steady }) => stage === 'crush' && angle !== null && steady,
  );
  const last = rows.at(-1);
  if (spec === null || last === undefined) return null;
  const isIncluded = spec.sealDrag === 'included';
  const at = byAngle(rows);
  const rest = restOf(state, axis, at, isIncluded);
  if (rest === null) return null;
  const { graduation, calibrationUncertainty } = last.tool;
  const uncertainty = Math.hypot(
    graduation / Math.sqrt(12),
    calibrationUncertainty,
    rest.uncertainty,
  );
  const points = at.map(({ angle, torque, endPlay }) => ({ angle, torque, endPlay }));
  const band = isIncluded ? aboveRest(spec.band, rest.value) : spec.band;
  const forecast = sleeveForecast({
    points,
    band,
    sealDrag: rest.value,
    uncertainty,
    lead: sleeveNut(axis)?.lead ?? null,
  });
  const solid = solidStop(
    at.map(({ angle, torque, nutTorque, endPlay }) => ({
      angle,
      rolling: torque,
      nutTorque,
      endPlay,
    })),
    { sealDrag: rest.value, nutLimit: sleeveNut(axis)?.torqueMost ?? null, uncertainty },
  );
  const { now, torque, above, working } = forecast;
  return {
    points,
    forecast: solid.stopped ? { now, torque, above, working, status: 'solid', step: 0 } : forecast,
    rest: { value: rest.value, from: rest.from },
    band,
    solid,
    readingsHere: at.at(-1)!.rows.length,
    here: at.at(-1)!.rows,
  };
}

/**
 * How far the nut turns between the limits of the preload, before the sleeve goes in; null where the lead is not described, a
 * limit is open, or the limits are told with a seal in that nobody has measured alone.
 */
export function windowBefore(state: JobState, axis: Axis): SleeveWindow | null {
  const spec = torqueSpec(state, axis.id);
  const lead = sleeveNut(axis)?.lead;
  if (spec === null || lead === undefined) return null;
  const drag = spec.sealDrag === 'included' ? (sealDragOf(state, axis)?.value ?? null) : 0;
  return drag === null ? null : sleeveWindow({ band: aboveRest(spec.band, drag), lead });
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
    {
      uncertainty: Math.hypot(graduation / Math.sqrt(6), calibrationUncertainty),
      lead: sleeveNut(axis)?.lead ?? null,
    },
  );
}

/** Whether the sleeve is crushed to its band: two readings at the last angle, and the law says in band. */
export function isCrushed(state: JobState, axis: Axis): boolean {
  if (setsZeroPlay(axis)) return closingProgress(state, axis)?.status === 'inBand';
  const progress = sleeveProgress(state, axis);
  return progress !== null && progress.readingsHere >= 2 && progress.forecast.status === 'inBand';
}
