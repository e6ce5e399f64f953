import type { QueryClient } from '@tanstack/react-query';

import { LATER_PAGES } from './laterPages.ts';

/** How often it is looked whether the first page stands, and how long the other pages wait for it at most, ms. */
const LOOK = 250;
const PATIENCE = 6000;
/** A first page that has asked for nothing by then asks for nothing, ms. */
const ASKS_BY = 1500;

/**
 * Fetch the other pages once the first stands and the browser has nothing else to do: they neither take the first
 * page's share of the line, nor lack on a bench that loses the server.
 *
 * @param queries what the first page asks for
 */
export function fetchLater(queries: Pick<QueryClient, 'isFetching'>): void {
  let waited = 0;
  let asked = false;
  const looking = setInterval(() => {
    waited += LOOK;
    const asks = queries.isFetching() > 0;
    asked ||= asks;
    if ((asks || (!asked && waited < ASKS_BY)) && waited < PATIENCE) return;
    clearInterval(looking);
    if ('requestIdleCallback' in window) requestIdleCallback(fetchAll, { timeout: 4000 });
    else fetchAll();
  }, LOOK);
}

function fetchAll(): void {
  for (const load of [...Object.values(LATER_PAGES), dialogs]) void load();
}

const dialogs = () => import('../features/workshop/PersonDialog.tsx');
