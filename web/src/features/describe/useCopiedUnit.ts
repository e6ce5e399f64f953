import { useQuery } from '@tanstack/react-query';

import { foldJob } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

import { wholeLog } from '../../api/wholeLog.ts';

/** The unit of another job, to book in one like it; null while it is fetched or when there is none. */
export function useCopiedUnit(jobId: string | null): Unit | null {
  const { data } = useQuery({
    queryKey: ['copied', jobId],
    enabled: jobId !== null,
    queryFn: async () => foldJob(await wholeLog(jobId!)).unit,
  });
  return data ?? null;
}
