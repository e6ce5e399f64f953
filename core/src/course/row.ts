import type { Act, RowMove } from './acts.ts';
import { bodyEvent, boltsEvent, joinEvent, type EventKey } from './model/index.ts';

/** What a row is done for: before anything moves, to strip, on the bench, to try, for good, at the end. */
export const WAYPOINTS = ['before', 'strip', 'bench', 'trial', 'final', 'end'] as const;
export type Waypoint = (typeof WAYPOINTS)[number];

/** One act of a course, on ids of the unit file. */
export interface Row extends Act {
  readonly ring?: 'outer' | 'inner';
  /** Done only for a reading, and done again for good. */
  readonly trial?: true;
  readonly waypoint: Waypoint;
}

/** The event of a move. */
export const eventOf = ({ body, part, bolts }: RowMove): EventKey =>
  body !== undefined ? bodyEvent(body) : part !== undefined ? joinEvent(part) : boltsEvent(bolts!);
