import type { EventKey } from './assembly.ts';
import type { Way } from './state.ts';

/** One event in the order in which it can happen. */
export interface Move {
  readonly event: EventKey;
  readonly way: Way;
}

/** Two things that are in each other's way, so that what moves cannot come out at all. */
export interface NoWay {
  readonly event: EventKey;
  readonly moving: string;
  readonly by: string;
  /** Whether only the drawing says so: their sizes are to be entered. */
  readonly drawn: boolean;
}
