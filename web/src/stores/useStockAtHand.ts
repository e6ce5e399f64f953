import { useMemo } from 'react';

import { stockAtHand, type JobState } from '@wendaxis/core/job';
import type { ShimSize } from '@wendaxis/core/shims';

import { useStockUse } from '../api/queries.ts';
import { useWorkshop } from './useWorkshop.ts';

/** What can be taken for some sites of a job. */
export interface StockAtHand {
  /** Null while it is fetched, and where it cannot be. */
  readonly stock: readonly ShimSize[] | null;
  readonly failed: boolean;
  /** What other jobs have taken is not known: the server does not answer. */
  readonly unsure: boolean;
}

/**
 * The box less what other jobs and other sites have taken, and what was found at the sites.
 * @param siteIds sites that are chosen for together; null while there is none
 */
export function useStockAtHand(
  jobId: string,
  state: JobState,
  siteIds: readonly string[] | null,
): StockAtHand {
  const workshop = useWorkshop();
  const elsewhere = useStockUse(jobId);
  // By what they are, not by which list they come in: the box is not laid out anew for that.
  const key = siteIds?.join('\n') ?? null;
  const stock = useMemo(() => {
    if (workshop.data === undefined || elsewhere.isPending || key === null) return null;
    const used = elsewhere.data?.used ?? {};
    return stockAtHand(workshop.data.sizes, used, state, key === '' ? [] : key.split('\n'));
  }, [workshop.data, elsewhere.isPending, elsewhere.data, key, state]);
  return {
    stock,
    failed: workshop.isError || elsewhere.isError,
    unsure: stock !== null && elsewhere.isError,
  };
}
