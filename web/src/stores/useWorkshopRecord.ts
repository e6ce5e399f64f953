import { useState } from 'react';

import type { WorkshopEventData, WorkshopEventType } from '@wendaxis/core/job';

import { recordWorkshop } from './recordWorkshop.ts';

/** How far recording something of the workshop has come. */
export type Saving = 'idle' | 'saving' | 'saved' | { readonly failed: string };

/** Record something of the workshop from a form, and tell how it went. */
export function useWorkshopRecord(): {
  readonly saving: Saving;
  /** @returns whether it was taken */
  readonly save: <Type extends WorkshopEventType>(
    type: Type,
    data: WorkshopEventData[Type],
  ) => Promise<boolean>;
} {
  const [saving, setSaving] = useState<Saving>('idle');
  return {
    saving,
    save: async (type, data) => {
      setSaving('saving');
      try {
        await recordWorkshop(type, data);
        setSaving('saved');
        return true;
      } catch (error) {
        setSaving({ failed: (error as Error).message });
        return false;
      }
    },
  };
}
