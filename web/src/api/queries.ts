import { useQuery } from '@tanstack/react-query';

import type { JobRow, WorkshopAnswer } from '@wendaxis/contract';

import { ask } from './client.ts';

const REFRESH = 15_000; // ms

/** The jobs, and the workshop: from the server, or as they were last seen when it is out of reach. */
export function useJobs() {
  return useQuery({
    queryKey: ['jobs'],
    queryFn: () => kept<readonly JobRow[]>('/jobs'),
    refetchInterval: REFRESH,
  });
}

export function useWorkshop() {
  return useQuery({
    queryKey: ['workshop'],
    queryFn: () => kept<WorkshopAnswer>('/workshop'),
    refetchInterval: REFRESH,
  });
}

/** Ask, and keep the answer for the time when nobody answers. */
async function kept<T>(path: string): Promise<T> {
  const key = `wendaxis.last${path}`;
  try {
    const answer = await ask<T>(path);
    localStorage.setItem(key, JSON.stringify(answer));
    return answer;
  } catch (error) {
    const last = localStorage.getItem(key);
    if (last === null) throw error;
    return JSON.parse(last) as T;
  }
}
