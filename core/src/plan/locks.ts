import type { Axis, Station } from '../unit/index.ts';
import { sleeveOf } from './torqueProgress.ts';

/** What a lock wants before the last turn of what it locks, and what is done to it once the figure is proven. */
export interface LockRow {
  /** On it or under it before it is tightened; null where nothing goes on. */
  readonly before: string | null;
  /** Null where it locks by itself. */
  readonly after: string | null;
  /** Used once: a new one every time. */
  readonly once: boolean;
}

/** How each lock is made. Common practice, no source. */
export const LOCKS: Readonly<Record<NonNullable<Station['lock']>, LockRow>> = {
  none: { before: null, after: null, once: false },
  lockTab: {
    before: 'A new tab under it, its tongue in its place.',
    after: 'Bend the tab flat against one face of the nut.',
    once: false,
  },
  staked: {
    before: null,
    after: 'Stake the collar into the groove with a rounded punch; not cracked, not sheared.',
    once: false,
  },
  splitPin: {
    before: null,
    after: 'To the next slot by tightening, never by slackening. New pin.',
    once: false,
  },
  threadlocker: {
    before: 'Degrease both threads, one drop on the thread; tighten within its working time.',
    after: null,
    once: false,
  },
  lockWire: { before: null, after: 'Twist so that the wire pulls towards tight.', once: false },
  selfLocking: {
    before: 'A new nut, oiled or dry as the figure says; check that it drags before it seats.',
    after: null,
    once: true,
  },
};

/**
 * The nut whose last turn crushes the sleeve of an axis: of several the one nearest to the sleeve. It is only snug
 * until then, and is not turned again afterwards.
 */
export function sleeveNut(axis: Axis): Station | null {
  const sleeve = sleeveOf(axis);
  const middle = ({ at, width }: Station) => at + width / 2;
  const nuts = axis.stations.filter(({ kind }) => kind === 'nut');
  if (sleeve === null || nuts.length === 0) return null;
  const far = (nut: Station) => Math.abs(middle(nut) - middle(sleeve));
  return nuts.reduce((nearest, nut) => (far(nut) < far(nearest) ? nut : nearest));
}
