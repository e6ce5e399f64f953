import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A spring scale pulling a cord off a round part: N and mm. */
export interface CordPull {
  readonly force: number;
  /** Radius of the part on which the cord lies. */
  readonly radius: number;
  /** Thickness of the cord. */
  readonly cord: number;
}

/**
 * Rolling torque from a spring scale on a cord, N·m: `T = F·(r + cord/2)`; the pull acts at the middle of the cord.
 * @throws InputError naming `force`, `radius` or `cord`
 * @example cordTorque({ force: 20, radius: 40, cord: 2 }).torque // 0.82
 */
export function cordTorque({ force, radius, cord }: CordPull): {
  readonly torque: number;
  readonly working: readonly WorkingLine[];
} {
  requireNumber('force', force, { min: 0, max: 2000, unit: 'N' });
  requireNumber('radius', radius, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('cord', cord, { min: 0, max: 20, unit: 'mm' });
  const torque = (force * (radius + cord / 2)) / 1000;
  return {
    torque,
    working: [
      line(
        'Torque of the pull',
        'T = F·(r + cord/2)',
        [
          ['F', force, 'force'],
          ['r', radius, 'length'],
          ['cord', cord, 'length'],
        ],
        ['T', torque, 'torque'],
        'loop',
      ),
    ],
  };
}
