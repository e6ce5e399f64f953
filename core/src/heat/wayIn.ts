import type { MaterialChoice } from '../materials/index.ts';
import type { LumpedBody } from '../thermal/index.ts';
import type { HeatLimit } from './ringLimit.ts';
import type { WayId } from './ways.ts';

/** A ring and its seat. Lengths in mm. */
export interface WayInput {
  readonly ring: 'outer' | 'inner';
  /** Seat diameter: outside of an outer ring, bore of an inner one. */
  readonly diameter: number;
  /** The bearing's other diameter. */
  readonly other: number;
  readonly width: number;
  /** Largest interference. */
  readonly tightest: number;
  /** Of the part with the seat; null where it is not known: ways that rest on it are told without a number. */
  readonly material: MaterialChoice | null;
  readonly sealed: boolean;
  /** A bush stands colder than a rolling bearing ring. */
  readonly bush?: boolean;
  /** What the press stands, N. */
  readonly pressRating: number;
  /** The whole part with the seat, where it is known: it decides how long an oven takes. */
  readonly body?: LumpedBody;
  /** In place of the usual limits: a coating, a maker's word. */
  readonly partLimit?: HeatLimit;
  readonly ringLimit?: HeatLimit;
  /** What the ring would be pressed against, N: a snap ring in its groove. */
  readonly forceLimit?: { readonly limit: number; readonly reason: string };
}

/** One way to get a ring on its seat, as the trade does it, and what it costs at this very seat. */
export interface WayIn {
  readonly id: WayId;
  readonly words: string;
  readonly stands: boolean;
  /** Stands, but only where nothing else will do. */
  readonly lastResort: boolean;
  /** Temperature of what is heated, °C; null when nothing is. */
  readonly temperature: number | null;
  readonly ringTemperature: number | null;
  /** Until it is hot, s; null where it is not known or takes no time to speak of. */
  readonly seconds: number | null;
  /** Such as "about": how that time is to be read. */
  readonly timeWords: string;
  /** N; null when nothing is pressed. */
  readonly force: number | null;
  /** Hoop stress in the part with the seat, MPa. */
  readonly stress: number | null;
  /** What limits it here, or why it is refused. */
  readonly limit: string;
  readonly risks: string;
}
