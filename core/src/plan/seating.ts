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
import { isPressed, isSeparable, type Station } from '../unit/index.ts';
import type { SizeFeature } from '../inspect/index.ts';
import { depthFound, hasToFindDepth } from './depthFound.ts';
import { hasFeed, hasToLineUp, oilFeed } from './oilFeed.ts';
import { meanSize } from './seats.ts';

/** What has to be answered to know that a ring is home. */
export function seatingChecks(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
): readonly SeatingCheckId[] {
  if (ring === 'inner') return ['shoulderGap'];
  const inLine = hasToLineUp(station) ? (['inLine'] as const) : [];
  if (isPressed(station)) {
    const isDeepUnknown = expectedDepth(state, station) === null;
    return [...(isDeepUnknown ? (['bottom'] as const) : []), ...inLine];
  }
  const driven = state.fitting.tries[station.id]?.at(-1)?.outcome !== 'droppedIn';
  return [
    ...(driven ? (['note'] as const) : []),
    'bottom',
    ...(station.shoulder === 'hidden' ? [] : (['behind'] as const)),
    ...(isSeparable(station) ? [] : (['turns'] as const)),
    ...inLine,
  ];
}

/** Whether a depth has to show that it is home: where the shoulder cannot be seen, or a depth is described or was found. */
export function wantsDepth(state: JobState, station: Station): boolean {
  const { shoulder, depth, kind } = station;
  if (hasToFindDepth(station)) return expectedDepth(state, station) !== null;
  return shoulder === 'hidden' || (depth !== undefined && kind !== 'seal');
}

/** What is measured once it is in: its depth where that is wanted, and how far an oil hole lies from its feed. */
export function homeSizes(state: JobState, station: Station): readonly SizeFeature[] {
  const { oilHole, feedHole } = station;
  const isKnown = oilHole !== undefined && feedHole !== undefined;
  return [
    ...(wantsDepth(state, station) ? (['seatedDepth'] as const) : []),
    ...(hasFeed(station) && isKnown ? (['holeOffset'] as const) : []),
  ];
}

/** Depth at which a ring is home, mm, with its standard uncertainty; null while it cannot be said. */
export function expectedDepth(
  state: JobState,
  station: Station,
): { readonly depth: number; readonly uncertainty: number } | null {
  if (station.depth !== undefined) return { depth: station.depth, uncertainty: 0 };
  if (isPressed(station)) {
    // What it is pressed to is chosen: how well the old one's depth is known is told with it, and does not widen the limits.
    const depth = depthFound(state, station)?.depth ?? null;
    return depth === null ? null : { depth, uncertainty: 0 };
  }
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
export const depthKind = (station: Station): DepthKind =>
  isPressed(station) ? 'driven' : 'onShoulder';

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
  if (ring === 'inner') return checked;
  const sizes = homeSizes(state, station);
  const isDeep = !sizes.includes('seatedDepth') || depthVerdict(state, station)?.word === 'home';
  const isFed = !sizes.includes('holeOffset') || oilFeed(state, station)?.word === 'conforms';
  return checked && isDeep && isFed;
}
