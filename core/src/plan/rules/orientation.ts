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

/** The way that a ring moves as it goes in, where only the description says it. */
function describedWay(station: Station, ring: 'outer' | 'inner'): Side | undefined {
  if (ring === 'outer') return station.wayIn;
  return station.innerWayIn ?? (isSeparable(station) ? undefined : station.wayIn);
}

/**
 * Which way round a station's part goes in, as far as it is described: of a bearing that comes apart the ring that is fitted.
 * Each face either leads, away from the driver, or faces it: by the way that it truly moves, which the step's picture shows too.
 * @param moves the side towards which it moves as it goes in; null where nothing says it but the description
 */
export function orientationOf(
  station: Station,
  ring: 'outer' | 'inner' = 'outer',
  moves: Side | null = null,
): readonly Orientation[] {
  const way = moves ?? describedWay(station, ring);
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
      const feature = DETAIL_TABLE[name].words;
      return [isWay ? { feature, side: way ?? side, to: null } : { feature, side, to: toOf(side) }];
    }),
  ];
}
