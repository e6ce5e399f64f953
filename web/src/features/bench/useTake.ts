import { useCallback, useEffect, useState } from 'react';

import type { LiveReading } from './useDevice.ts';

/** When a reading may be taken. */
export interface TakeRule {
  /** The first that may be taken, by its count: 2 where the first is a peak, not a reading. */
  readonly from?: number;
  /** Whether a reading counts once, so that a second press waits for the next. */
  readonly once?: boolean;
}

/**
 * Whether a reading may be taken now.
 * @param taken count of the reading that was taken last; a device put on anew counts from one again
 */
export function mayTake(
  { value, count }: Pick<LiveReading, 'value' | 'count'>,
  taken: number,
  { from = 1, once = false }: TakeRule = {},
): boolean {
  return value !== null && count >= from && (!once || count !== taken);
}

/**
 * Take a live reading with one press. A press that comes before there is a reading to take is not lost: the next one is
 * taken as soon as it comes.
 */
export function useTake(
  live: LiveReading,
  onTake: (value: number) => void,
  rule: TakeRule = {},
): { readonly take: () => void; readonly pending: boolean } {
  const [pending, setPending] = useState(false);
  const [taken, setTaken] = useState(0);
  const { value, count, status } = live;
  const ready = mayTake(live, taken, rule);
  const takeNow = useCallback(() => {
    setPending(false);
    setTaken(count);
    if (value !== null) onTake(value);
  }, [count, value, onTake]);
  const take = useCallback(() => {
    if (ready) takeNow();
    else setPending(status === 'connecting' || status === 'live' || status === 'lost');
  }, [ready, takeNow, status]);
  useEffect(() => {
    if (!pending || !ready) return;
    const timer = setTimeout(takeNow, 0);
    return () => clearTimeout(timer);
  }, [pending, ready, takeNow]);
  return { take, pending };
}
