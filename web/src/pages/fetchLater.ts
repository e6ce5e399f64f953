import type { QueryClient } from '@tanstack/react-query';

import { LATER_PAGES } from './laterPages.ts';

/** How often it is looked whether the first page stands, and how long the other pages wait for it at most, ms. */
const LOOK = 250;
const PATIENCE = 8000;
/**
 * A list that asks for nothing for so long has what it wants, ms: a slow machine takes its time to show it. In a job the
 * others are wanted next, and at once: the server may be lost at any moment.
 */
const QUIET = 1500;

/**
 * Fetch the other pages once the first stands and the browser has nothing else to do: they neither take the first
 * page's share of the line, nor lack on a bench that loses the server.
 *
 * @param queries what the first page asks for
 * @param inJob whether a job is on screen now
 */
export function fetchLater(
  queries: Pick<QueryClient, 'isFetching'>,
  inJob: () => boolean = () => window.location.pathname.startsWith('/jobs/'),
): void {
  let waited = 0;
  let quiet = 0;
  const looking = setInterval(() => {
    waited += LOOK;
    quiet = queries.isFetching() > 0 ? 0 : quiet + LOOK;
    if (quiet < QUIET && waited < PATIENCE && !inJob()) return;
    clearInterval(looking);
    if ('requestIdleCallback' in window) requestIdleCallback(fetchAll, { timeout: 4000 });
    else fetchAll();
  }, LOOK);
}

function fetchAll(): void {
  for (const { fetch } of Object.values(LATER_PAGES)) void fetch();
  void dialogs();
}

const dialogs = () => import('../features/workshop/PersonDialog.tsx');
