import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

import type { UnitSystem } from '@wendaxis/core/units';

import { localMemory } from '../storage/localMemory.ts';

/** How this screen is set: kept in the browser, never part of a record. */
interface Settings {
  readonly system: UnitSystem;
  readonly theme: 'shop' | 'night';
  readonly speak: boolean;
  /** Readings of an indicator are taken when its needle stands still, without a key. */
  readonly handsFree: boolean;
  /** Who is at the bench, on this device; null until it was said. */
  readonly personId: string | null;
  switchUnits(): void;
  switchTheme(): void;
  switchSpeech(): void;
  switchHandsFree(): void;
  setPerson(personId: string | null): void;
}

export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      system: 'metric',
      theme: 'shop',
      speak: false,
      handsFree: false,
      personId: null,
      switchUnits: () => set(({ system }) => ({ system: system === 'metric' ? 'inch' : 'metric' })),
      switchTheme: () => set(({ theme }) => ({ theme: theme === 'shop' ? 'night' : 'shop' })),
      switchSpeech: () => set(({ speak }) => ({ speak: !speak })),
      switchHandsFree: () => set(({ handsFree }) => ({ handsFree: !handsFree })),
      setPerson: (personId) => set({ personId }),
    }),
    {
      name: 'wendaxis.settings',
      storage: createJSONStorage(() => localMemory),
      version: 1,
      // Before it could be said who is at the bench, everybody was the demo's mechanic.
      migrate: (old) => ({ ...(old as Settings), personId: null }),
    },
  ),
);

/** Stands for a person where nobody has said who is at the bench. */
export const UNSIGNED = 'unsigned';

/** By whom what is recorded now is signed. */
export function signature(): string {
  return useSettings.getState().personId ?? UNSIGNED;
}
