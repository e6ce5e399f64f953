import type { Station } from '../unit/index.ts';

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
    once: true,
  },
  splitPin: {
    before: null,
    after:
      'It only clamps: go to the next slot by tightening within its torque, never by slackening. Fit a new pin.',
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
