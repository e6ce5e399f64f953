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
/** How long after a failure the pages are asked for again, ms. */
const AGAIN = 5000;
/** The mark in the browser's timeline from which on every page can be opened without the server. */
const PAGES_HERE = 'pages here';

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
    if ('requestIdleCallback' in window)
      requestIdleCallback(() => void fetchAll(), { timeout: 4000 });
    else void fetchAll();
  }, LOOK);
}

/** What could not be fetched is tried again: until all are here, the bench is not ready to lose the server. */
async function fetchAll(): Promise<void> {
  const pages = Object.values(LATER_PAGES).map(({ fetch }) => fetch());
  const outcomes = await Promise.allSettled([...pages, dialogs()]);
  if (outcomes.every(({ status }) => status === 'fulfilled')) performance.mark(PAGES_HERE);
  else setTimeout(() => void fetchAll(), AGAIN);
}

const dialogs = () => import('../features/workshop/PersonDialog.tsx');
