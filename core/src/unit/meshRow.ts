import type { BacklashContact, DepthMethod, EtchingSign, ToothCut } from '../gears/index.ts';

/** Where a thicker depth shim moves the pinion. */
export const DEPTH_MOVES = ['towards', 'away'] as const;

/** Two gears in mesh, and where their depth and their backlash are set. What is not known is null. Lengths in mm, degrees. */
export interface Mesh {
  readonly id: string;
  /** The gear that drives, the pinion; null where it is not part of this unit. */
  readonly driverId: string | null;
  /** The gear that is driven, the ring gear. */
  readonly drivenId: string;
  /** Normal pressure angle, and mean spiral angle of the ring gear. */
  readonly pressureAngle: number | null;
  readonly spiralAngle: number | null;
  readonly cut: ToothCut | null;
  /** How its backlash is read. */
  readonly contact: BacklashContact;
  /** The shim site that sets the depth of the pinion, where a thicker shim there moves it, and how the depth is found. */
  readonly depthAt: string | null;
  readonly thicker: (typeof DEPTH_MOVES)[number];
  readonly depthBy: DepthMethod | null;
  /** What a plus etched on a pinion means. */
  readonly etchingSign: EtchingSign | null;
  readonly mountingDistance: number | null;
  /** Shims or adjuster at the side of the ring gear's back, and at the other side. */
  readonly gearSideAt: string | null;
  readonly otherSideAt: string | null;
}
