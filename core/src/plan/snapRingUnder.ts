import type { ForceLimit } from '../heat/index.ts';
import { grooveLoad } from '../pressFit/index.ts';
import type { Axis, Part, Station } from '../unit/index.ts';

/** A snap ring counts as under a ring when it lies within this of the face that leads, mm. A rule of this program. */
const UNDER = 3;

/** The snap ring that a ring comes to rest on, and what its groove takes. N; null where the groove is not described. */
export interface SnapRingUnder {
  readonly snapRing: Station;
  readonly load: number | null;
}

/** The snap ring under a ring, on the side towards which it is pushed in; null when there is none. */
export function snapRingUnder(
  { stations }: Axis,
  station: Station,
  part: Part | null,
): SnapRingUnder | null {
  if (station.wayIn === undefined) return null;
  const gap = ({ at, width }: Station) =>
    station.wayIn === 'right' ? at - (station.at + station.width) : station.at - (at + width);
  const snapRing = stations.find(
    (one) =>
      one.kind === 'snapRing' &&
      one.partId === station.partId &&
      gap(one) > -0.1 &&
      gap(one) <= UNDER,
  );
  if (snapRing === undefined) return null;
  const { grooveDepth: depth } = snapRing;
  const load =
    depth === undefined || part?.material == null
      ? null
      : grooveLoad({ diameter: station.outside, depth, material: part.material });
  return { snapRing, load };
}

/** How hard a ring may be pressed against the snap ring under it; null where there is none, or nobody knows what its groove takes. */
export function grooveLimit(axis: Axis, station: Station, part: Part | null): ForceLimit | null {
  const under = snapRingUnder(axis, station, part);
  return under?.load == null
    ? null
    : { limit: under.load, reason: `what the groove of ${under.snapRing.name} takes` };
}
