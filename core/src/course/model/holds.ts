import { STATION_KIND_TABLE } from '../../unit/index.ts';
import type { BareBody } from './bodies.ts';
import type { Joint } from './joints.ts';
import type { Metal } from './placed.ts';
import { lies } from './ring.ts';

/** What a circle of bolts or a screw holds that is no joint. */
export interface Hold {
  readonly boltsId: string;
  readonly axisId: string;
  /** Bodies over which it lies: caps over bearings, a plate over a ring, the lock of an adjuster. */
  readonly over: readonly string[];
  readonly isOfCaps: boolean;
}

/** What the bolts hold that hold no joint: what stands in their length on their part; caps where that is a bearing. */
export function holdsOf(
  { all }: Metal,
  joints: readonly Joint[],
  bodies: readonly BareBody[],
): readonly Hold[] {
  const ofJoints = new Set(joints.flatMap(({ bolts }) => bolts));
  return all
    .filter(({ station }) => station.kind === 'bolts' && !ofJoints.has(station.id))
    .map(({ station, axisId }) => {
      const over = bodies.filter(
        (body) =>
          body.axisId === axisId &&
          body.host === station.partId &&
          body.rings.some((ring) => lies(ring, station)),
      );
      return {
        boltsId: station.id,
        axisId,
        over: over.map(({ id }) => id),
        isOfCaps: over.some(
          (body) =>
            STATION_KIND_TABLE[body.station.kind].bearing !== null && body.station.kind !== 'bush',
        ),
      };
    });
}
