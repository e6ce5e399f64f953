import type { JobRow } from '@wendaxis/contract';

/** Which jobs of the list are shown. */
export const JOB_FILTERS = {
  bench: 'On the bench',
  lacking: 'Lacks a figure',
  finished: 'Finished',
  all: 'All',
} as const;
export type JobFilter = keyof typeof JOB_FILTERS;

const SHOWS: Readonly<Record<JobFilter, (job: JobRow) => boolean>> = {
  bench: ({ finished }) => !finished,
  lacking: ({ finished, missing }) => !finished && missing.length > 0,
  finished: ({ finished }) => finished,
  all: () => true,
};

/** Jobs by filter and by every word searched for, in any order, in name, reason and next step. */
export function filterJobs(jobs: readonly JobRow[], filter: JobFilter, search: string): readonly JobRow[] {
  const words = search.toLowerCase().split(/\s+/u).filter(Boolean);
  return jobs
    .filter(SHOWS[filter])
    .filter((job) => {
      const text = `${job.name} ${job.reason} ${job.step?.title ?? ''}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
    .toSorted((a, b) => Number(a.finished) - Number(b.finished));
} // prettier-ignore
