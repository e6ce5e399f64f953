import { keepPreviousData, useQuery } from '@tanstack/react-query';

import type { JobFilter, JobsAnswer, StockUse } from '@wendaxis/contract';

import { localMemory } from '../storage/localMemory.ts';
import { ask } from './client.ts';

const REFRESH = 15_000; // ms

/** What is asked of the list of jobs. */
export interface JobsQuestion {
  readonly filter: JobFilter;
  readonly search: string;
  /** From 0. */
  readonly page: number;
}

/** One page of the jobs: from the server, or as it was last seen when that is out of reach. */
export function useJobs({ filter, search, page }: JobsQuestion) {
  const query = new URLSearchParams({ filter, search, page: String(page) });
  return useQuery({
    queryKey: ['jobs', filter, search, page],
    queryFn: () => kept<JobsAnswer>(`/jobs?${query}`),
    refetchInterval: REFRESH,
    placeholderData: keepPreviousData,
  });
}

/** What other jobs have taken from the box: from the server, or as it was last seen. */
export function useStockUse(jobId: string | null) {
  return useQuery({
    queryKey: ['stock', jobId],
    queryFn: () => kept<StockUse>(jobId === null ? '/stock' : `/stock?except=${jobId}`),
    refetchInterval: REFRESH,
    retry: 1,
  });
}

/** Ask, and keep the answer for the time when nobody answers. */
async function kept<T>(path: string): Promise<T> {
  const key = `wendaxis.last${path}`;
  try {
    const answer = await ask<T>(path);
    localMemory.setItem(key, JSON.stringify(answer));
    return answer;
  } catch (error) {
    const last = localMemory.getItem(key);
    if (last === null) throw error;
    return JSON.parse(last) as T;
  }
}
