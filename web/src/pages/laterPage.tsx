import { lazy, useState, type ComponentType } from 'react';

/** A page that is fetched when it is first wanted, or before. */
export interface LaterPage {
  readonly Page: ComponentType;
  /** Fetch it, so that it stands at once when it is wanted. */
  readonly fetch: () => Promise<unknown>;
}

/**
 * A page from a file of its own. One that has been fetched is shown without waiting: React holds back what had to wait,
 * were it for a moment only.
 */
export function laterPage(load: () => Promise<ComponentType>): LaterPage {
  let Fetched: ComponentType | null = null;
  const fetch = async () => {
    Fetched ??= await load();
    return { default: Fetched };
  };
  const Waiting = lazy(fetch);
  return {
    fetch,
    Page: function Page() {
      // The same for as long as it stands: another would begin anew.
      const [Shown] = useState(() => Fetched ?? Waiting);
      return <Shown />;
    },
  };
}
