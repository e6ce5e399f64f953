import type { ShimPlace } from '../arrangement/index.ts';
import type { MaterialId } from '../materials/index.ts';
import type { Side } from './side.ts';

/** Which ring of a bearing is fitted tight. */
export const TIGHT_RINGS = ['inner', 'outer', 'both'] as const;
/** What holds a ring in place besides its fit. */
export const RETENTIONS = [
  'fitOnly',
  'shoulder',
  'cover',
  'snapRing',
  'retainerPlate',
  'nut',
  'staking',
  'compound',
] as const;
/** How deep a seal goes. */
export const DEPTH_RULES = ['flush', 'setDepth', 'shoulder'] as const;
/** Whether the shoulder behind a ring can be looked at once the ring is in. */
export const SHOULDERS = ['seen', 'hidden'] as const;
export const SPACER_TYPES = ['solid', 'collapsible'] as const;
export const HANDS = ['right', 'left'] as const;
/** What stops a nut or bolt from turning. */
export const LOCKS = [
  'none',
  'lockTab',
  'staked',
  'splitPin',
  'threadlocker',
  'lockWire',
  'selfLocking',
] as const;
/** Whether something may go in again once it has been out. */
export const USES = ['again', 'once'] as const;
/** How the bolts lie, which decides the order of tightening. */
export const BOLT_PATTERNS = ['circle', 'pan', 'row'] as const;

/** What of a ring or bush has to come to its place in the bore. */
export const LINES_UP = ['nothing', 'oilHole', 'pin', 'both'] as const;
export type LinesUp = (typeof LINES_UP)[number];

/** How the ends of a sealing ring meet. */
export const RING_ENDS = ['butt', 'hooked', 'scarf', 'whole'] as const;
export type RingEnds = (typeof RING_ENDS)[number];
/** How many pieces a shim site holds. */
export const SITE_PIECES = ['several', 'single'] as const;
/** How air gets out from behind a piston. */
export const BLEEDS = ['none', 'hole', 'ball'] as const;

/**
 * What only some kinds of station have. A member that is absent is not known, and a plan that needs it says so.
 * Lengths in mm, torques in N·m. Sides are as drawn.
 */
export interface StationDetails {
  readonly designation?: string;
  /** Bearings: the way the shaft may push it; absent when it holds no thrust or both ways. */
  readonly thrust?: Side;
  /** Shim sites: one piece and no more, or a pack of several. */
  readonly pieces?: (typeof SITE_PIECES)[number];
  /** Shims, spacers, adjusters: where the thickness sits in the arrangement. */
  readonly place?: ShimPlace;
  /** Tapered rollers: contact angle of the cup, degrees. */
  readonly contactAngle?: number;
  readonly tightRing?: (typeof TIGHT_RINGS)[number];
  /** Tolerance class of the bore or journal, such as N7 or k5: taken where the seat was not measured. */
  readonly boreClass?: string;
  readonly journalClass?: string;
  /** Bush: tolerance class of its outside before it is pressed in, such as s6, and what it is made of. */
  readonly outsideClass?: string;
  readonly material?: MaterialId;
  readonly linesUp?: LinesUp;
  readonly retention?: (typeof RETENTIONS)[number];
  /** Side from which it goes in. */
  readonly wayIn?: Side;
  readonly lettering?: Side;
  /** Bearings that come apart: the same of the inner ring, which goes on by itself. */
  readonly innerWayIn?: Side;
  readonly innerLettering?: Side;
  readonly radius?: Side;
  readonly groove?: Side;
  readonly shield?: Side;
  readonly bevel?: Side;
  readonly lip?: Side;
  /** From the face on the way in to the outer face of what is fitted. */
  readonly depth?: number;
  readonly depthRule?: (typeof DEPTH_RULES)[number];
  /** From the face on the way in to the shoulder, or to the bearing behind. */
  readonly boreDepth?: number;
  readonly shoulder?: (typeof SHOULDERS)[number];
  /** Snap ring: depth of its groove, radial. */
  readonly grooveDepth?: number;
  /** Pressure the seal is rated for, MPa. */
  readonly rating?: number;
  /** Between which the maker of the unit tests it with air, MPa: it counts as what the seal stands. */
  readonly testLeast?: number;
  readonly testMost?: number;
  /** Outside of the boss round its seat, and bore of the hollow shaft under it: what stands against the press. */
  readonly bossOutside?: number;
  readonly hollowBore?: number;
  readonly rollerDiameter?: number;
  readonly rollerCount?: number;
  /** Bush: hole in the bush, hole in the housing, and how far their centres were found apart. */
  readonly oilHole?: number;
  readonly feedHole?: number;
  readonly holeOffset?: number;
  readonly clearanceLeast?: number;
  readonly clearanceMost?: number;
  readonly ends?: RingEnds;
  /** Sealing ring: gap between its ends in its bore. */
  readonly gapLeast?: number;
  readonly gapMost?: number;
  readonly bleed?: (typeof BLEEDS)[number];
  /** Crank: gap between the webs on both sides of its pin, which closes where something is pressed on its end. */
  readonly webGap?: number;
  readonly spacerType?: (typeof SPACER_TYPES)[number];
  readonly lead?: number;
  readonly notches?: number;
  readonly hand?: (typeof HANDS)[number];
  readonly teeth?: number;
  readonly count?: number;
  readonly pattern?: (typeof BOLT_PATTERNS)[number];
  readonly torqueLeast?: number;
  readonly torqueMost?: number;
  readonly longest?: number;
  readonly lock?: (typeof LOCKS)[number];
  /** Whether it may go in again once it has been out. */
  readonly use?: (typeof USES)[number];
}
export type DetailName = keyof StationDetails;
