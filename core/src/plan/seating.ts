import type { JobState } from '../job/index.ts';
import { NORMAL_FACTOR } from '../measure/index.ts';
import {
  DRIVEN_WITHIN,
  HOME_WITHIN,
  judgeDepth,
  type DepthKind,
  type DepthVerdict,
  type SeatingCheckId,
} from '../seating/index.ts';
import { isSeparable, STATION_KIND_TABLE, type Station } from '../unit/index.ts';
import { meanSize } from './seats.ts';

/** What has to be answered to know that a ring is home. */
export function seatingChecks(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
): readonly SeatingCheckId[] {
  if (ring === 'inner') return ['shoulderGap'];
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling')
    return station.depth === undefined ? ['bottom'] : [];
  const driven = state.fitting.tries[station.id]?.at(-1)?.outcome !== 'droppedIn';
  return [
    ...(driven ? (['note'] as const) : []),
    'bottom',
    ...(station.shoulder === 'hidden' ? [] : (['behind'] as const)),
    ...(isSeparable(station) ? [] : (['turns'] as const)),
  ];
}

/** Whether a depth has to show that it is home: where the shoulder cannot be seen, or a depth is described. */
export function wantsDepth({ shoulder, depth, kind }: Station): boolean {
  return shoulder === 'hidden' || (depth !== undefined && kind !== 'seal');
}

/** Depth at which a ring is home, mm, with its standard uncertainty; null while it cannot be said. */
export function expectedDepth(
  state: JobState,
  station: Station,
): { readonly depth: number; readonly uncertainty: number } | null {
  if (station.depth !== undefined) return { depth: station.depth, uncertainty: 0 };
  const [shoulder, width] = [
    meanSize(state, station, 'shoulderDepth'),
    meanSize(state, station, 'ringWidth'),
  ];
  if (shoulder === null || width === null) return null;
  return {
    depth: shoulder.mean - width.mean,
    uncertainty: Math.hypot(shoulder.uncertainty, width.uncertainty),
  };
}

/** Whether a ring rests on a shoulder, or is driven to a depth that is described. */
export const depthKind = ({ kind, depth }: Station): DepthKind =>
  depth !== undefined && STATION_KIND_TABLE[kind].bearing !== 'rolling' ? 'driven' : 'onShoulder';

/** How near its depth it has to lie, mm. */
export const withinOf = (station: Station): number =>
  depthKind(station) === 'driven' ? DRIVEN_WITHIN : HOME_WITHIN;

/** Whether the ring is home by its measured depth; null while a depth is missing. */
export function depthVerdict(state: JobState, station: Station): DepthVerdict | null {
  const [expected, seated] = [
    expectedDepth(state, station),
    meanSize(state, station, 'seatedDepth'),
  ];
  if (expected === null || seated === null) return null;
  const guard = NORMAL_FACTOR * Math.hypot(expected.uncertainty, seated.uncertainty);
  return judgeDepth({
    measured: seated.values,
    expected: expected.depth,
    guard,
    within: withinOf(station),
  });
}

/** Whether every check is answered well, and the depth, where it is wanted, says home. */
export function seatingDone(state: JobState, station: Station, ring: 'outer' | 'inner'): boolean {
  const answers = state.fitting.seating[station.id] ?? {};
  const checked = seatingChecks(state, station, ring).every(
    (check) => answers[check]?.good === true,
  );
  const deep = ring === 'inner' || !wantsDepth(station);
  return checked && (deep || depthVerdict(state, station)?.word === 'home');
}
