import { orRefused } from '../faults/index.ts';
import { verdictOf, type JobState, type Run, type TorqueRecord } from '../job/index.ts';
import { uncertaintyParts } from '../measure/index.ts';
import type { Build } from '../tries/index.ts';
import { drawnUpAt, type Axis, type Station } from '../unit/index.ts';
import { playShift, playSpec, wantsPreload, type JudgedVerdict } from './playProgress.ts';
import type { PlayKind } from '../setters/index.ts';
import { sinceSleeve, torqueSpec } from './torqueReadings.ts';
import { tellsPreload, verdictBy } from './torqueProgress.ts';

/** A build of an axis that was read, by its play or, with preload, by its rolling torque. */
export interface BuildRead extends Omit<Build, 'thicknesses'> {
  readonly inPlace: Run['inPlace'];
  /** Of a play: the run. */
  readonly run: Run | null;
  readonly verdict: JudgedVerdict | null;
  readonly order: number;
}

/** A build that was read by its play. */
interface PlayRead extends BuildRead {
  readonly run: Run;
  readonly verdict: JudgedVerdict;
}

/**
 * Builds of an axis that were read since it was apart, in order: of each that is read again with the same in place the last reading.
 * Rolling torque speaks where the axis is set to preload by what lies in it; a sleeve is crushed by angle, and not by thickness.
 */
export function buildsRead(state: JobState, axis: Axis, kind: PlayKind): readonly BuildRead[] {
  const rows = [...playsRead(state, axis, kind), ...byTorque(state, axis, kind)].toSorted(
    (a, b) => a.order - b.order,
  );
  return rows.filter((row, at) => {
    const next = rows[at + 1];
    return (
      next === undefined || next.by !== row.by || !isSame(axis.stations, row.inPlace, next.inPlace)
    );
  });
}

/** Whether the same lies at every one of some stations. */
export const isSame = (
  stations: readonly Station[],
  one: Run['inPlace'],
  other: Run['inPlace'],
): boolean => stations.every(({ id }) => one[id] === other[id]);

/** Builds whose play was read, with the run and its verdict, as the play will be in the final build with the same thicknesses. */
export function playsRead(state: JobState, axis: Axis, kind: PlayKind): readonly PlayRead[] {
  const spec = playSpec(state, axis.id, kind);
  return state.measured.runs.flatMap((run): readonly PlayRead[] => {
    const { specId, status, stage, inPlace, order } = run;
    if (specId !== spec?.specId || status !== 'closed' || stage === 'asFound') return [];
    const verdict = orRefused(
      () => verdictOf(state, run),
      () => null,
    );
    if (verdict?.status !== 'judged') return [];
    const { mean, uncertainty } = verdict.value;
    const { shift, uncertainty: unsure } =
      stage === 'trial' && kind === 'endPlay'
        ? playShift(state, axis)
        : { shift: 0, uncertainty: 0 };
    const { own, shared } = uncertaintyParts(uncertainty);
    return [
      {
        by: 'play',
        read: mean + shift,
        uncertainty: own,
        shared: Math.hypot(shared, unsure),
        inPlace,
        run,
        verdict,
        order,
      },
    ];
  });
}

function byTorque(state: JobState, axis: Axis, kind: PlayKind): readonly BuildRead[] {
  const spec = playSpec(state, axis.id, kind);
  const torque = torqueSpec(state, axis.id);
  const isPreload = kind === 'endPlay' && spec !== null && wantsPreload(spec.band);
  if (!isPreload || torque === null || drawnUpAt(axis) !== null) return [];
  const rows = sinceSleeve(state, axis).filter(
    ({ what, stage }) => what === 'bearings' && stage === 'final',
  );
  return inGroups(axis, rows).flatMap((group): readonly BuildRead[] => {
    const verdict = orRefused(
      () => verdictBy(state, axis, { stage: 'final', rows: group }),
      () => null,
    );
    if (verdict?.status !== 'judged' || !tellsPreload(verdict, torque)) return [];
    const { inPlace, order } = group.at(-1)!;
    return [
      {
        by: 'torque',
        read: verdict.bearings,
        uncertainty: verdict.standard,
        shared: 0,
        inPlace,
        run: null,
        verdict: null,
        order,
      },
    ];
  });
}

/** Readings one after the other with the same in place. */
function inGroups(axis: Axis, rows: readonly TorqueRecord[]): readonly (readonly TorqueRecord[])[] {
  return rows.reduce<readonly (readonly TorqueRecord[])[]>((groups, row) => {
    const last = groups.at(-1);
    return last !== undefined && isSame(axis.stations, last[0]!.inPlace, row.inPlace)
      ? [...groups.slice(0, -1), [...last, row]]
      : [...groups, [row]];
  }, []);
}
