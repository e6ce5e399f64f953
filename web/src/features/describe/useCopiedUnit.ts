import { useQuery } from '@tanstack/react-query';

import type { EventsAnswer } from '@wendaxis/contract';
import { foldJob, type JobEvent } from '@wendaxis/core/job';
import type { Unit } from '@wendaxis/core/unit';

import { ask } from '../../api/client.ts';

/** The unit of another job, to book in one like it; null while it is fetched or when there is none. */
export function useCopiedUnit(jobId: string | null): Unit | null {
  const { data } = useQuery({
    queryKey: ['copied', jobId],
    enabled: jobId !== null,
    queryFn: async () => {
      const { events } = await ask<EventsAnswer<JobEvent>>(`/jobs/${jobId}/events?after=0`);
      return foldJob(events).unit;
    },
  });
  return data ?? null;
}
