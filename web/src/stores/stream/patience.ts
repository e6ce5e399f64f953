import type { Timers } from './streamTypes.ts';

const STEP = 500; // ms

/** Said of work that has not come to its end in time; it goes on all the same. */
export const LATE = Symbol('late');

/**
 * Wait for work, but not for ever. The time is counted in steps: a machine that slept in between, or a clock that was
 * put on, takes one step, so that its waking is not taken for work that hangs.
 * @param patience longest that is waited (ms)
 * @returns what the work comes to, or LATE
 * @throws what the work throws in time
 */
export function inTime<Value>(
  work: Promise<Value>,
  patience: number,
  timers: Timers,
): Promise<Value | typeof LATE> {
  return new Promise((resolve, reject) => {
    let timer: unknown;
    const step = (left: number) => {
      if (left <= 0) return resolve(LATE);
      timer = timers.set(() => step(left - STEP), Math.min(left, STEP));
    };
    step(patience);
    work.then(resolve, reject).finally(() => timers.clear(timer));
  });
}
