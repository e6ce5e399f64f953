import { MOST_IN_BATCH } from './batchOf.ts';
import type { Pace } from './exchange.ts';

/** Waits between tries while nothing goes up (ms); the last one again and again. */
const RETRY_AFTER = [1000, 2000, 4000, 8000, 15_000] as const;

/** How sending a log goes on. */
export interface Line extends Pace {
  /** Its stored events are on screen. */
  loaded: Promise<void> | null;
  running: Promise<void> | null;
  again: boolean;
  tries: number;
  timer: unknown;
  opened: number;
}

/** A log of which nothing is under way yet. */
export function newLine(): Line {
  return {
    loaded: null,
    running: null,
    again: false,
    most: MOST_IN_BATCH,
    tries: 0,
    timer: null,
    opened: 0,
  };
}

/** How long to wait before the next try, after so many. ms. */
export function retryAfter(tries: number): number {
  return RETRY_AFTER[Math.min(tries, RETRY_AFTER.length - 1)]!;
}
