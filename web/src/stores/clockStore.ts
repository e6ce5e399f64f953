import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

import type { Clock } from '@wendaxis/core/job';

import { localMemory } from '../storage/localMemory.ts';

/** A running clock as the header shows it, wherever the mechanic is. */
export interface HeldClock extends Omit<Clock, 'heat'> {
  readonly jobId: string;
  readonly jobName: string;
  readonly partName: string;
}

interface Clocks {
  readonly clocks: readonly HeldClock[];
  /** Clocks that have rung and were heard. */
  readonly heard: readonly string[];
  /** Take the running clocks of a job, as folded from its log. */
  hold(jobId: string, clocks: readonly HeldClock[]): void;
  hear(clockId: string): void;
}

/** Running clocks of every job this browser has opened: kept over a reload and a closed tab. The log is the record. */
export const useClocks = create<Clocks>()(
  persist(
    (set) => ({
      clocks: [],
      heard: [],
      hold: (jobId, clocks) =>
        set((old) => ({
          clocks: [...old.clocks.filter((clock) => clock.jobId !== jobId), ...clocks],
        })),
      hear: (clockId) => set(({ heard }) => ({ heard: [...heard.slice(-50), clockId] })),
    }),
    { name: 'wendaxis.clocks', storage: createJSONStorage(() => localMemory) },
  ),
);
