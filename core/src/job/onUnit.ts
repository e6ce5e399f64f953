import { findStation, type Station, type StationKind, type Unit } from '../unit/index.ts';
import type { JobState } from './state.ts';

/** Null where the unit has the station; else why not. */
export function missingStation({ unit }: JobState, stationId: string): string | null {
  return unit !== null && findStation(unit, stationId) !== null ? null : `no station ${stationId}`;
}

/** Null where the unit has the part; else why not. */
export function missingPart({ unit }: JobState, partId: string): string | null {
  return unit?.parts.some(({ id }) => id === partId) === true ? null : `no part ${partId}`;
}

/** Null where the unit has the station or part; else why not. */
export function missingTarget(state: JobState, targetId: string): string | null {
  return missingPart(state, targetId) === null ? null : missingStation(state, targetId);
}

/** Null where the unit has the mesh and the job is open; else why not. */
export function missingMesh({ unit, sheet }: JobState, meshId: string): string | null {
  if (sheet.finished !== null) return 'the job is finished';
  return unit?.meshes?.some(({ id }) => id === meshId) === true ? null : `no mesh ${meshId}`;
}

export function hasAxis({ unit }: JobState, axisId: string): boolean {
  return unit?.axes.some(({ id }) => id === axisId) === true;
}

/** Change something of a station of a kind, while the job is not finished. */
export function atStation(
  state: JobState,
  kind: StationKind,
  stationId: string,
  change: (station: Station) => JobState | string,
): JobState | string {
  if (state.sheet.finished !== null) return 'the job is finished';
  const station = findStation(state.unit!, stationId)?.station;
  return station?.kind === kind ? change(station) : `no ${NAMES[kind] ?? kind} ${stationId}`;
}

const NAMES: Readonly<Partial<Record<StationKind, string>>> = { shimSite: 'shim site' };

/** Change the description of the unit, while the job is not finished. */
export function withUnit(
  state: JobState,
  change: (unit: Unit) => Unit | string,
): JobState | string {
  if (state.sheet.finished !== null) return 'the job is finished';
  if (state.unit === null) return 'the job has not been opened';
  const unit = change(state.unit);
  return typeof unit === 'string' ? unit : { ...state, unit };
}
