import type { Interference } from '../fits/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import { bushBody, ringBody, type LumpedBody } from '../thermal/index.ts';
import type { HeatLimit } from './ringLimit.ts';

/** A ring that goes into a part, as far as it is known. Lengths in mm. */
export interface HeatSeat {
  readonly id: string;
  readonly name: string;
  /** The seat: outside of the bearing. */
  readonly diameter: number;
  readonly bore: number;
  readonly width: number;
  readonly fit: Interference;
  /** Seats that have to be filled before this one. */
  readonly after: readonly string[];
  /** What the bearing itself stands. */
  readonly ringLimit: HeatLimit;
  /** What the ring is at, °C, where that is known by itself; as all rings lie where it is absent. */
  readonly lies?: number;
  /** What a bush is made of; a bearing where it is absent. */
  readonly bush?: MaterialChoice;
}

/** What goes in, as a body that warms and cools. */
export function ringOf({ diameter, bore, width, bush }: HeatSeat): LumpedBody {
  const size = { bore, outside: diameter, width };
  return bush === undefined ? ringBody(size, 'outer') : bushBody(size, bush);
}
