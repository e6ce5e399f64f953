import type { JobState, Spec, ThroughPair, TorqueRecord, TorqueStage } from '../job/index.ts';
import {
  carrierTorque,
  closingPlay,
  judgeRolling,
  sleeveForecast,
  solidStop,
  type ClosingPlay,
  type RollingVerdict,
  type SleeveForecast,
  type SleevePoint,
  type SolidStop,
} from '../preload/index.ts';
import type { Axis } from '../unit/index.ts';
import { line } from '../working/index.ts';
import { lastAct } from './acts.ts';
import { playSpec } from './playProgress.ts';
import { sleeveOf } from './sleeves.ts';

/** The spec of rolling torque of an axis. */
export function torqueSpec({ specs }: JobState, axisId: string): Spec | null {
  return specs.find((spec) => spec.axisId === axisId && spec.kind === 'rollingTorque') ?? null;
}

/** Readings that speak for the sleeve that is in now; all of them where there is none. */
function sinceSleeve({ torques, sleeveSince }: JobState, axis: Axis): readonly TorqueRecord[] {
  const sleeve = sleeveOf(axis);
  return torques
    .slice(sleeve === null ? 0 : (sleeveSince[sleeve.id] ?? 0))
    .filter(({ axisId }) => axisId === axis.id);
}

/** Drag of the seal alone, from the readings that agree; null while it is not measured. N·m. */
export function sealDragOf(
  state: JobState,
  axis: Axis,
): { readonly value: number; readonly uncertainty: number } | null {
  const rows = state.torques.filter(
    ({ axisId, what }) => axisId === axis.id && what === 'sealDrag',
  );
  const verdict = judged(rows, { lower: 0, upper: null, target: null }, null);
  return verdict?.status === 'judged'
    ? { value: verdict.total, uncertainty: verdict.standard }
    : null;
}

/** Whether the drag of a seal has to be known before the bearings can be judged: it is in, and not in the figure. */
export function wantsSealDrag(state: JobState, axis: Axis): boolean {
  const spec = torqueSpec(state, axis.id);
  return (
    spec !== null &&
    spec.sealDrag !== 'included' &&
    (sleeveOf(axis) !== null || axis.stations.some(({ kind }) => kind === 'seal'))
  );
}

/**
 * The verdict on the readings of a stage; null while there is none. As built, what was read at the last angle of a
 * crushed sleeve counts as well: nothing was moved after it.
 */
export function rollingVerdict(
  state: JobState,
  axis: Axis,
  stage: TorqueStage,
): RollingVerdict | null {
  return verdictThrough(state, axis, stage, []);
}

/** @param carriers axes that are read through this one: one that stands among them reads through itself, and gives nothing */
function verdictThrough(
  state: JobState,
  axis: Axis,
  stage: TorqueStage,
  carriers: readonly string[],
): RollingVerdict | null {
  if (carriers.includes(axis.id)) return null;
  const spec = torqueSpec(state, axis.id);
  if (spec === null) return null;
  const rows = rowsFor(state, axis, stage).filter(
    (row) => row.what === 'bearings' && row.stage === stage,
  );
  if (spec.through !== undefined)
    return throughRatio(state, spec, spec.through, rows, [...carriers, axis.id]);
  const drag = stage !== 'asFound' && wantsSealDrag(state, axis) ? sealDragOf(state, axis) : null;
  return judged(rows, spec.band, drag);
}

/** Readings that can speak for a stage: as built, those since anything that can change the figure was last moved. */
function rowsFor(state: JobState, axis: Axis, stage: TorqueStage): readonly TorqueRecord[] {
  if (stage === 'asFound') return state.torques.filter(({ axisId }) => axisId === axis.id);
  const rows = sinceSet(state, axis);
  return stage === 'final' ? rows.filter(({ order }) => order >= lastAct(state, axis)) : rows;
}

/** Readings that speak for the sleeve, spacer, packs and adjusters that are in now. */
function sinceSet(state: JobState, axis: Axis): readonly TorqueRecord[] {
  const set = Math.max(0, ...axis.stations.map(({ id }) => state.setAfter[id]?.torques ?? 0));
  const late = new Set(state.torques.slice(set));
  return sinceSleeve(state, axis).filter((row) => late.has(row));
}

/**
 * A carrier read at the pinion: what the pinion and its seal take is taken off, and the rest is turned up by the ratio.
 * Null while the pinion's own rolling torque is not known.
 */
function throughRatio(
  state: JobState,
  { band }: Spec,
  { axisId, ratio }: ThroughPair,
  rows: readonly TorqueRecord[],
  carriers: readonly string[],
): RollingVerdict | null {
  const pinionAxis = state.unit?.axes.find(({ id }) => id === axisId);
  const pinion =
    pinionAxis === undefined
      ? null
      : (['final', 'asFound'] as const)
          .map((stage) => verdictThrough(state, pinionAxis, stage, carriers))
          .find((verdict) => verdict?.status === 'judged');
  if (pinion?.status !== 'judged') return null;
  const down = (limit: number | null) => (limit === null ? null : limit / ratio);
  const verdict = judged(
    rows,
    { lower: down(band.lower), upper: down(band.upper), target: down(band.target) },
    { value: pinion.total, uncertainty: pinion.standard },
  );
  if (verdict?.status !== 'judged') return verdict;
  const bearings = carrierTorque({
    total: Math.max(pinion.total, verdict.total),
    pinion: pinion.total,
    ratio,
  });
  return {
    ...verdict,
    bearings,
    standard: verdict.standard * ratio,
    expanded: verdict.expanded * ratio,
    decision: { ...verdict.decision, guard: verdict.decision.guard * ratio },
    working: [
      ...verdict.working,
      line(
        'Carrier through the ratio',
        'T_c = (T − T_p)·i',
        [
          ['T', verdict.total, 'torque'],
          ['T_p', pinion.total, 'torque'],
          ['i', ratio, 'number'],
        ],
        ['T_c', bearings, 'torque'],
        'loop',
      ),
    ],
  };
}

function judged(
  rows: readonly TorqueRecord[],
  band: Spec['band'],
  sealDrag: Parameters<typeof judgeRolling>[0]['sealDrag'],
): RollingVerdict | null {
  const last = rows.at(-1);
  if (last === undefined) return null;
  // Another tool begins the run anew: readings of two tools are not averaged.
  const from = rows.findLastIndex(({ tool }) => tool.id !== last.tool.id) + 1;
  const readings = rows.slice(from).map(({ value, steady }) => ({ value, steady }));
  return judgeRolling({ tool: last.tool, readings, band, sealDrag, square: last.square });
}

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
  const rows = sleeve === null ? [] : (state.closing[sleeve.id] ?? []);
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
