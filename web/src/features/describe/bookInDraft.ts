import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

import { draftMemory } from '../../storage/localMemory.ts';
import { NO_BEARING, type BearingEntry } from './bearingEntry.ts';
import type { Beginning } from './bookIn.ts';
import { WHOLE_JOB, type ScopeEntry } from './scopeEntry.ts';

/** What a unit is begun from, and which of the choices that is. */
export type Picked = Beginning & { readonly value: string };

/** A job as far as it is entered for booking in. */
export interface BookInEntry {
  readonly name: string;
  readonly reason: string;
  /** Null while nothing was picked. */
  readonly picked: Picked | null;
  readonly left: BearingEntry;
  readonly right: BearingEntry;
  readonly span: string;
  readonly scope: ScopeEntry;
  readonly practice: boolean;
}

const EMPTY: BookInEntry = {
  name: '',
  reason: '',
  picked: null,
  left: NO_BEARING,
  right: NO_BEARING,
  span: '',
  scope: WHOLE_JOB,
  practice: false,
};

interface BookInDraft {
  readonly entry: BookInEntry;
  readonly change: (part: Partial<BookInEntry>) => void;
  readonly clear: () => void;
}

/** It outlasts a look at another page, and a reload of this tab, until it is booked in or cleared. A unit from a file is picked again after a reload. */
export const useBookInDraft = create<BookInDraft>()(
  persist(
    (set) => ({
      entry: EMPTY,
      change: (part) => set(({ entry }) => ({ entry: { ...entry, ...part } })),
      clear: () => set({ entry: EMPTY }),
    }),
    {
      name: 'bookIn',
      version: 1,
      storage: createJSONStorage(() => ({
        getItem: (name) => draftMemory.get(name) || null,
        setItem: (name, text) => draftMemory.set(name, text),
        removeItem: (name) => draftMemory.set(name, ''),
      })),
      partialize: ({ entry }) => ({
        entry: { ...entry, picked: entry.picked?.from === 'template' ? entry.picked : null },
      }),
    },
  ),
);

export const isUntouched = (entry: BookInEntry): boolean => entry === EMPTY;
