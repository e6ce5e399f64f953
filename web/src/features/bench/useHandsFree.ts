import { useEffect, useRef } from 'react';

import { stillReading, type AwaitedReading, type SeenReading } from '@wendaxis/core/measure';

import type { LiveReading } from './useDevice.ts';

/** How often the needle is looked at, ms. */
const LOOK_EVERY = 200;
/** How many of the last looks are remembered: more than any reading wants. */
const REMEMBERED = 60;

interface HandsFree extends AwaitedReading {
  readonly live: LiveReading;
  readonly enabled: boolean;
  readonly onTake: (value: number) => void;
}

/** Take the reading that is waited for as soon as the needle stands still, without a hand on the key. */
export function useHandsFree({
  live: { status, value },
  enabled,
  onTake,
  phase,
  graduation,
  zero,
  lift,
  isTurned,
}: HandsFree): void {
  const now = useRef(value);
  useEffect(() => {
    now.current = value;
  }, [value]);
  const on = enabled && status === 'live';
  useEffect(() => {
    if (!on) return;
    // Anew for each reading: what was seen before it does not count for the next.
    const seen: SeenReading[] = [];
    const timer = setInterval(() => {
      if (now.current === null) return;
      seen.push({ at: performance.now(), value: now.current });
      if (seen.length > REMEMBERED) seen.shift();
      const taken = stillReading(seen, { phase, graduation, zero, lift, isTurned });
      if (taken === null) return;
      clearInterval(timer);
      onTake(taken);
    }, LOOK_EVERY);
    return () => clearInterval(timer);
  }, [on, onTake, phase, graduation, zero, lift, isTurned]);
}
