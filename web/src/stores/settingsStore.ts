import { create } from 'zustand';
import { persist } from 'zustand/middleware';

import type { UnitSystem } from '@wendaxis/core/units';

/** How this screen is set: kept in the browser, never part of a record. */
interface Settings {
  readonly system: UnitSystem;
  readonly theme: 'shop' | 'night';
  readonly speak: boolean;
  readonly personId: string;
  switchUnits(): void;
  switchTheme(): void;
  switchSpeech(): void;
  setPerson(personId: string): void;
}

export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      system: 'metric',
      theme: 'shop',
      speak: false,
      personId: 'runa',
      switchUnits: () => set(({ system }) => ({ system: system === 'metric' ? 'inch' : 'metric' })),
      switchTheme: () => set(({ theme }) => ({ theme: theme === 'shop' ? 'night' : 'shop' })),
      switchSpeech: () => set(({ speak }) => ({ speak: !speak })),
      setPerson: (personId) => set({ personId }),
    }),
    { name: 'wendaxis.settings' },
  ),
);
