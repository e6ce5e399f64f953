import { useEffect, useMemo } from 'react';
import { useParams } from 'react-router';

import { nextToRedo, nextToUndo, type JobEvent } from '@wendaxis/core/job';
import { planInSystem, type JobReading } from '@wendaxis/core/plan';

import { foldedJob } from './foldedJob.ts';
import { useSettings } from './settingsStore.ts';
import { browserStreams, NO_LOG, useStreams, type StreamLog } from './stream/index.ts';

/** A job as its pages see it: everything folded from the log. */
export interface OpenJob extends JobReading {
  readonly jobId: string;
  readonly status: StreamLog['status'];
  readonly events: readonly JobEvent[];
  readonly waiting: number;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** What the id of a job looks like; anything else in an address names no job. */
const JOB_ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/u;

/** The job of the page's address. */
export function useJob(): OpenJob {
  const { jobId = '' } = useParams();
  const isId = JOB_ID.test(jobId);
  const log = useStreams(({ logs }) => logs[jobId]) ?? NO_LOG;
  const system = useSettings((settings) => settings.system);
  useEffect(() => (isId ? browserStreams().client.open(jobId) : undefined), [jobId, isId]);
  return useMemo(() => {
    const events = [...log.confirmed, ...log.waiting] as readonly JobEvent[];
    const reading = foldedJob(jobId, events);
    return {
      ...reading,
      ...planInSystem(reading, system),
      jobId,
      status: isId ? log.status : 'missing',
      events,
      waiting: log.waiting.length,
      canUndo: nextToUndo(events) !== null,
      canRedo: nextToRedo(events) !== null,
    };
  }, [jobId, isId, log, system]);
}
