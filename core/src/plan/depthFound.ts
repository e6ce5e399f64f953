import type { JobState } from '../job/index.ts';
import { NORMAL_FACTOR } from '../measure/index.ts';
import { isDrawn, isPressed, type Station } from '../unit/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { meanSize } from './seats.ts';

/** An edge of a running mark is seen to within this, to both sides, mm. Common practice, no source. */
const EDGE_SEEN = 0.5;

/** A depth with its one-sided 95 % uncertainty, mm. */
export interface DepthRead {
  readonly depth: number;
  readonly expanded: number;
  readonly working: readonly WorkingLine[];
}

/** The depth of what is pressed in where none is described: as the old one lay, and as it ran on its shaft. */
export interface DepthFound {
  readonly asFound: DepthRead | null;
  readonly byMarks: DepthRead | null;
  /** What it is pressed to; null where the two contradict each other. */
  readonly depth: number | null;
  /** Difference of the two and what it may be; null while there is one only. mm. */
  readonly check: {
    readonly difference: number;
    readonly allowed: number;
    readonly agrees: boolean;
  } | null;
}

/** Whether its depth is to be found: it is pressed in, and nobody has described how deep. */
export const hasToFindDepth = (station: Station): boolean =>
  isPressed(station) && station.depth === undefined;

/**
 * The depth of something pressed in whose depth is not described. The old one, measured before it came out, goes before the mark that
 * it ran on its shaft, whose edges are blurred; where both are known they have to agree within what both can be off.
 * Null while neither is known.
 */
export function depthFound(state: JobState, station: Station): DepthFound | null {
  if (!hasToFindDepth(station)) return null;
  const [asFound, byMarks] = [depthOfOld(state, station), depthByMarks(state, station)];
  if (asFound === null || byMarks === null) {
    const depth = asFound?.depth ?? byMarks?.depth ?? null;
    return depth === null ? null : { asFound, byMarks, depth, check: null };
  }
  const difference = byMarks.depth - asFound.depth;
  const allowed = Math.hypot(asFound.expanded, byMarks.expanded);
  const agrees = Math.abs(difference) <= allowed + 1e-9;
  return {
    asFound,
    byMarks,
    depth: agrees ? asFound.depth : null,
    check: { difference, allowed, agrees },
  };
}

function depthOfOld(state: JobState, station: Station): DepthRead | null {
  const old = meanSize(state, station, 'foundDepth');
  if (old === null) return null;
  const half = (Math.max(...old.values) - Math.min(...old.values)) / 2;
  const expanded = Math.hypot(NORMAL_FACTOR * old.uncertainty, half);
  return { depth: old.mean, expanded, working: [] };
}

/** The middle of the mark lies over the middle of what ran there. */
function depthByMarks(state: JobState, station: Station): DepthRead | null {
  const [datum, near, far] = (['markDatum', 'markNear', 'markFar'] as const).map((feature) =>
    meanSize(state, station, feature),
  );
  if (datum == null || near == null || far == null || isDrawn(station, 'width')) return null;
  const middle = (near.mean + far.mean) / 2;
  const depth = datum.mean + middle - station.width / 2;
  // Rectangular, of two edges: the middle is known better than each by the root of two.
  const edges = EDGE_SEEN / Math.sqrt(3) / Math.SQRT2;
  const standard = Math.hypot(datum.uncertainty, edges, near.uncertainty / Math.SQRT2);
  return {
    depth,
    expanded: NORMAL_FACTOR * standard,
    working: [
      line(
        'Depth by the running mark',
        't = a + (m₁ + m₂)/2 − b/2',
        [
          ['a', datum.mean, 'length'],
          ['m₁', near.mean, 'length'],
          ['m₂', far.mean, 'length'],
          ['b', station.width, 'length'],
        ],
        ['t', depth, 'length'],
        'asMeasured',
      ),
    ],
  };
}
