import { type Dispatch, type SetStateAction, useCallback, useEffect, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';

import type { JobFilter } from '@wendaxis/contract';

import { useJobs } from '../api/queries.ts';
import { BeginPanel } from '../features/jobs/BeginPanel.tsx';
import { JobCard } from '../features/jobs/JobCard.tsx';
import { browserStreams } from '../stores/stream/index.ts';
import { useWorkshop, type OpenWorkshop } from '../stores/useWorkshop.ts';
import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { Main } from '../ui/Main.tsx';

const FILTER_WORDS: Readonly<Record<JobFilter, string>> = {
  bench: 'On the bench',
  lacking: 'Figure missing',
  finished: 'Finished',
  all: 'All',
};
const JOB_FILTERS = Object.keys(FILTER_WORDS) as readonly JobFilter[];

/** The list asks again this long after a log has grown (ms): many that grow at once are one question. */
const ASK_AFTER = 800;

/** What is on the bench, what each job waits for, and the next thing to do for it. */
export function JobsPage() {
  const workshop = useWorkshop();
  const [search, setSearch] = useState('');
  const [filter, setFilter] = useState<JobFilter>('bench');
  const [page, setPage] = useState(0);
  const jobs = useJobs({ filter, search: search.trim(), page });
  const navigate = useNavigate();
  const bookIn = useCallback(() => void navigate('/book-in'), [navigate]);
  useShortcut(['b'], 'Book a job in', bookIn);
  useFollowing();
  const { counts, pages = 0, waiting = 0 } = jobs.data ?? {};
  const none = counts?.all === 0 && search.trim() === '';
  return (
    <Main title="Jobs" className="mx-auto grid w-full max-w-6xl gap-4 p-5">
      <JobsHead
        workshop={workshop}
        search={search}
        setSearch={setSearch}
        setPage={setPage}
        bookIn={bookIn}
      />
      {workshop.data !== undefined && <BeginPanel workshop={workshop.data} />}
      <WhichJobs filter={filter} setFilter={setFilter} setPage={setPage} counts={counts} />
      {jobs.isPending && <Notice title="Fetching the jobs…" />}
      {jobs.isError && (
        <Notice tone="warn" title="The jobs cannot be fetched">
          The server does not answer. This page tries again by itself.
        </Notice>
      )}
      {waiting > 0 && (
        <p role="status" className="m-0 text-lg">
          {waiting} {waiting === 1 ? 'job is' : 'jobs are'} being brought up to date.
        </p>
      )}
      {jobs.isSuccess && jobs.data.jobs.length === 0 && waiting === 0 && (
        <Notice title={none ? 'The bench is clear' : 'No job like that'}>
          {none ? 'Book a job in to begin.' : 'Change the words or the choice above.'}
        </Notice>
      )}
      <ul className="m-0 grid list-none gap-3 p-0">
        {(jobs.data?.jobs ?? []).map((job) => (
          <JobCard key={job.jobId} job={job} />
        ))}
      </ul>
      {pages > 1 && <PagesOfList page={page} setPage={setPage} pages={pages} />}
    </Main>
  );
}

interface WhichJobsProps {
  readonly filter: JobFilter;
  readonly setFilter: Dispatch<SetStateAction<JobFilter>>;
  readonly setPage: Dispatch<SetStateAction<number>>;
  readonly counts: Readonly<Record<JobFilter, number>> | undefined;
}

function WhichJobs({ filter, setFilter, setPage, counts }: WhichJobsProps) {
  return (
    <div role="group" aria-label="Which jobs" className="flex flex-wrap gap-2">
      {JOB_FILTERS.map((name) => (
        <Button
          key={name}
          aria-pressed={name === filter}
          className={name === filter ? 'border-plate! bg-plate text-scribe' : ''}
          onClick={() => {
            setFilter(name);
            setPage(0);
          }}
        >
          {FILTER_WORDS[name]} <span className="figure">{counts?.[name] ?? '–'}</span>
        </Button>
      ))}
    </div>
  );
}

interface PagesOfListProps {
  readonly page: number;
  readonly setPage: Dispatch<SetStateAction<number>>;
  readonly pages: number;
}

function PagesOfList({ page, setPage, pages }: PagesOfListProps) {
  return (
    <nav aria-label="Pages of the list" className="flex items-center justify-center gap-4">
      <Button disabled={page === 0} onClick={() => setPage(page - 1)}>
        Earlier page
      </Button>
      <span className="figure text-lg">
        {page + 1} of {pages}
      </span>
      <Button disabled={page + 1 >= pages} onClick={() => setPage(page + 1)}>
        Next page
      </Button>
    </nav>
  );
}

interface JobsHeadProps {
  readonly workshop: OpenWorkshop;
  readonly search: string;
  readonly setSearch: Dispatch<SetStateAction<string>>;
  readonly setPage: Dispatch<SetStateAction<number>>;
  readonly bookIn: () => undefined;
}

function JobsHead({ workshop, search, setSearch, setPage, bookIn }: JobsHeadProps) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      <div>
        <p className="small-label m-0">{workshop.data?.name || 'Workshop'}</p>
        <h1 className="m-0 text-4xl">On the bench</h1>
      </div>
      <div className="flex flex-wrap items-end gap-4">
        <label className="flex flex-col gap-1">
          <span className="small-label">Find a job</span>
          <input
            className="bg-panel border-edge min-h-12 w-72 border-2 px-3"
            maxLength={200}
            value={search}
            onChange={(event) => {
              setSearch(event.target.value);
              setPage(0);
            }}
          />
        </label>
        <Button kind="main" className="text-xl" onClick={bookIn} shortcut="B">
          Book a job in
        </Button>
      </div>
    </div>
  );
}

/** Ask for the list anew when any log has grown. */
function useFollowing(): void {
  const queries = useQueryClient();
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null;
    const ask = (): void => {
      timer = null;
      void queries.invalidateQueries({ queryKey: ['jobs'] });
    };
    const stop = browserStreams().hub.subscribe(({ kind }) => {
      if (kind === 'grown' || kind === 'missed') timer ??= setTimeout(ask, ASK_AFTER);
    });
    return () => {
      stop();
      if (timer !== null) clearTimeout(timer);
    };
  }, [queries]);
}
