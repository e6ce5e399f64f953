import { useCallback, useState } from 'react';
import { Link, useNavigate } from 'react-router';

import type { JobRow } from '@wendaxis/contract';

import { useJobs, useWorkshop } from '../api/queries.ts';
import { Button } from '../ui/Button.tsx';
import { JobLine } from '../ui/JobLine.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { ACTION_WORDS } from '../wording/actionWords.ts';

/** What is on the bench, and what each job waits for. */
export function JobsPage() {
  const jobs = useJobs();
  const workshop = useWorkshop();
  const [search, setSearch] = useState('');
  const navigate = useNavigate();
  const bookIn = useCallback(() => void navigate('/book-in'), [navigate]);
  useShortcut(['b'], bookIn);
  const found = (jobs.data ?? []).filter(({ name, reason }) =>
    `${name} ${reason}`.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <main className="mx-auto w-full max-w-6xl p-6">
      <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
        <div>
          <p className="small-label m-0">{workshop.data?.name || 'Workshop'}</p>
          <h1 className="m-0 text-4xl">On the bench</h1>
        </div>
        <div className="flex flex-wrap items-end gap-4">
          <label className="flex flex-col gap-1">
            <span className="small-label">Find a job</span>
            <input
              className="bg-panel border-edge min-h-12 w-72 border-2 px-3"
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
          </label>
          <Button kind="main" className="text-xl" onClick={bookIn} shortcut="B">
            Book a job in
          </Button>
        </div>
      </div>
      {jobs.isPending && <Notice title="Fetching the jobs…" />}
      {jobs.isError && (
        <Notice tone="warn" title="The jobs cannot be fetched">
          The server does not answer. This page tries again by itself.
        </Notice>
      )}
      {jobs.isSuccess && found.length === 0 && (
        <Notice title={search === '' ? 'The bench is clear' : 'No job by that word'}>
          {search === ''
            ? 'A job that is booked in appears here. Press B to book one in.'
            : 'Try another word, or empty the field.'}
        </Notice>
      )}
      <ul className="m-0 grid list-none gap-4 p-0">
        {found
          .toSorted((a, b) => Number(a.finished) - Number(b.finished))
          .map((job) => (
            <JobCard key={job.jobId} job={job} />
          ))}
      </ul>
    </main>
  );
}

function JobCard({ job }: { readonly job: JobRow }) {
  const { title, why } = ACTION_WORDS[job.next];
  return (
    <li>
      <Link
        to={`/jobs/${job.jobId}`}
        className="bg-panel text-ink border-edge hover:border-brass-edge grid gap-5 rounded-[3px] border-2 p-5 no-underline md:grid-cols-[1fr_1.1fr]"
      >
        <div>
          <span className="tape text-xl">{job.name}</span>
          <p className="m-0 mt-3 line-clamp-2 max-w-[46ch]">{job.reason}</p>
          <p className="m-0 mt-3 text-2xl font-bold">{title}</p>
          <p className="text-soft m-0">{why}</p>
        </div>
        <div className="self-center">
          <JobLine stage={job.stage} done={job.finished} />
        </div>
      </Link>
    </li>
  );
}
