import type { Direction, EventKey } from '../model/index.ts';

/** What stands in a way: any one of these that comes apart clears it. */
export type Obstacle = readonly EventKey[];

/** One way in which something comes apart as a unit stands. Free where nothing stands in it. */
export interface Way {
  readonly direction: Direction | 'across';
  readonly obstacles: readonly Obstacle[];
  /** Bodies of a shaft that stay where they are while it is drawn off through them. */
  readonly left: readonly string[];
}

export const isFree = ({ obstacles }: Way): boolean => obstacles.length === 0;

/** A way that leaves nothing behind. */
export const wayOut = (direction: Way['direction'], obstacles: readonly Obstacle[]): Way => ({
  direction,
  obstacles,
  left: [],
});
