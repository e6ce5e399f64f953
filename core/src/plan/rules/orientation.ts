import {
  DETAIL_TABLE,
  isSeparable,
  opposite,
  type DetailName,
  type Side,
  type Station,
} from '../../unit/index.ts';
import type { Orientation } from '../step.ts';

type SideFeature = Extract<
  DetailName,
  | 'lettering'
  | 'radius'
  | 'groove'
  | 'shield'
  | 'bevel'
  | 'lip'
  | 'wayIn'
  | 'innerLettering'
  | 'innerWayIn'
>;

/** Side features of a thing in one piece, in the order they are looked at. */
const WHOLE = ['lettering', 'radius', 'groove', 'shield', 'bevel', 'lip', 'wayIn'] as const;
/** Of a bearing that comes apart, each ring has its own. */
const OF_RING = {
  outer: ['lettering', 'groove', 'shield', 'wayIn'],
  inner: ['innerLettering', 'radius', 'innerWayIn'],
} as const satisfies Record<string, readonly SideFeature[]>;

/** What the thick face of a tapered ring is called; it goes against the shoulder (ISO 355: the back face of cup and cone). */
export const BACK_FACES = { outer: 'Thick back face of the cup', inner: 'Back face of the cone' };

/** The back face of a tapered bearing's ring: the shaft pushes the cup towards its own, and the cone is pushed against its own. */
function backFace({ kind, thrust }: Station, ring: 'outer' | 'inner'): Side | undefined {
  if (kind !== 'taperedRoller' || thrust === undefined) return undefined;
  return ring === 'outer' ? thrust : opposite(thrust);
}

/** The way that a ring moves as it goes in: as described, else its back face first. */
function wayOf(station: Station, ring: 'outer' | 'inner'): Side | undefined {
  if (ring === 'outer') return station.wayIn ?? backFace(station, ring);
  const own = isSeparable(station) ? undefined : station.wayIn;
  return station.innerWayIn ?? backFace(station, ring) ?? own;
}

/**
 * Which way round a station's part goes in, as far as it is described: of a bearing that comes apart the ring that is fitted.
 * Each face either leads, away from the driver, or faces it.
 */
export function orientationOf(
  station: Station,
  ring: 'outer' | 'inner' = 'outer',
): readonly Orientation[] {
  const way = wayOf(station, ring);
  const toOf = (side: Side) => (way === undefined ? null : side === way ? 'leads' : 'faces');
  const names: readonly SideFeature[] = isSeparable(station) ? OF_RING[ring] : WHOLE;
  const back = backFace(station, ring);
  return [
    ...(back === undefined
      ? []
      : [{ feature: BACK_FACES[ring], side: back, to: toOf(back) } as const]),
    ...names.flatMap((name): readonly Orientation[] => {
      const side = station[name];
      if (side === undefined) return [];
      const isWay = name === 'wayIn' || name === 'innerWayIn';
      return [{ feature: DETAIL_TABLE[name].words, side, to: isWay ? null : toOf(side) }];
    }),
  ];
}
