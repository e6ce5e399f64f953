import { useMemo } from 'react';

import { useSettings } from '../stores/settingsStore.ts';
import { screenUnits, type ScreenUnits } from '../wording/screenUnits.ts';

/** Format in the unit system the screen is switched to. */
export function useUnits(): ScreenUnits {
  const system = useSettings((settings) => settings.system);
  return useMemo(() => screenUnits(system), [system]);
}
