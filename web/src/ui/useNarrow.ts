import { useSyncExternalStore } from 'react';

/** A telephone held upright. */
const NARROW = '(max-width: 640px)';

/** Whether the screen is narrow; follows it when it is turned. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia(NARROW);
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => window.matchMedia(NARROW).matches,
  );
