import type { JobState, Spec, TorqueRecord } from '../job/index.ts';
import { judgeRolling, type RollingVerdict } from '../preload/index.ts';
import { drawnUpAt, type Axis, type Station, type Unit } from '../unit/index.ts';
import { comesOutFor } from './buildUp.ts';
import { specOf } from './specOf.ts';

/** The spec of rolling torque of an axis. */
export const torqueSpec = (state: JobState, axisId: string): Spec | null =>
  specOf(state, axisId, 'rollingTorque');

/**
 * Readings that speak for the sleeve that is in now; all of them where there is none. A pack that is only reached past the sleeve takes
 * the sleeve with it: it is crushed once.
 */
export function sinceSleeve(state: JobState, axis: Axis): readonly TorqueRecord[] {
  const sleeve = drawnUpAt(axis);
  const { torques } = state.measured;
  const { sleeveSince, setAfter } = state.setting;
  const since =
    sleeve === null
      ? 0
      : Math.max(
          sleeveSince[sleeve.id] ?? 0,
          ...axis.stations
            .filter(({ id }) => setAfter[id] !== undefined)
            .filter((station) => isPastSleeve(state.unit!, station, sleeve))
            .map(({ id }) => setAfter[id]!.torques),
        );
  return torques.slice(since).filter(({ axisId }) => axisId === axis.id);
}

const isPastSleeve = (unit: Unit, station: Station, sleeve: Station): boolean =>
  station.kind === 'shimSite' && comesOutFor(unit, station, sleeve.id);

/** Drag of the seal alone, from the readings that agree; null while it is not measured. N·m. */
export function sealDragOf(
  state: JobState,
  axis: Axis,
): { readonly value: number; readonly uncertainty: number } | null {
  const rows = state.measured.torques.filter(
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
    (drawnUpAt(axis) !== null || axis.stations.some(({ kind }) => kind === 'seal'))
  );
}

export function judged(
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
