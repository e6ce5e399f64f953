import { useCallback, useState } from 'react';
import { Link, useNavigate } from 'react-router';

import type { JobRow } from '@wendaxis/contract';

import { useJobs, useWorkshop } from '../api/queries.ts';
import { filterJobs, JOB_FILTERS, type JobFilter } from '../features/jobs/jobFilter.ts';
import { Button } from '../ui/Button.tsx';
import { JobLine } from '../ui/JobLine.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { ACTION_WORDS } from '../wording/actionWords.ts';

/** What is on the bench, what each job waits for, and the next thing to do for it. */
export function JobsPage() {
  const jobs = useJobs();
  const workshop = useWorkshop();
  const [search, setSearch] = useState('');
  const [filter, setFilter] = useState<JobFilter>('bench');
  const navigate = useNavigate();
  const bookIn = useCallback(() => void navigate('/book-in'), [navigate]);
  useShortcut(['b'], bookIn);
  const all = jobs.data ?? [];
  const found = filterJobs(all, filter, search);
  return (
    <main className="mx-auto grid w-full max-w-6xl gap-4 p-5">
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
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
          </label>
          <Button kind="main" className="text-xl" onClick={bookIn} shortcut="B">
            Book a job in
          </Button>
        </div>
      </div>
      <div role="group" aria-label="Which jobs" className="flex flex-wrap gap-2">
        {(Object.keys(JOB_FILTERS) as JobFilter[]).map((name) => (
          <Button
            key={name}
            aria-pressed={name === filter}
            className={name === filter ? 'border-plate! bg-plate text-scribe' : ''}
            onClick={() => setFilter(name)}
          >
            {JOB_FILTERS[name]} <span className="figure">{filterJobs(all, name, search).length}</span>
          </Button>
        ))}
      </div>
      {jobs.isPending && <Notice title="Fetching the jobs…" />}
      {jobs.isError && (
        <Notice tone="warn" title="The jobs cannot be fetched">
          The server does not answer. This page tries again by itself.
        </Notice>
      )}
      {jobs.isSuccess && found.length === 0 && (
        <Notice title={all.length === 0 ? 'The bench is clear' : 'No job like that'}>
          {all.length === 0 ? 'Book a job in to begin.' : 'Change the words or the choice above.'}
        </Notice>
      )}
      <ul className="m-0 grid list-none gap-3 p-0">
        {found.map((job) => (
          <JobCard key={job.jobId} job={job} />
        ))}
      </ul>
    </main>
  );
} // prettier-ignore

function JobCard({ job }: { readonly job: JobRow }) {
  const words = ACTION_WORDS[job.next];
  const inPlan = job.next === 'step' && job.step !== null;
  return (
    <li>
      <Link
        to={`/jobs/${job.jobId}`}
        className="bg-panel text-ink border-edge hover:border-brass-edge grid gap-x-5 gap-y-2 rounded-[3px] border-2 px-5 py-3 no-underline md:grid-cols-[1fr_1.15fr]"
      >
        <div>
          <span className="tape text-xl">{job.name}</span>
          <p className="m-0 mt-2 line-clamp-2 max-w-[46ch] text-base">{job.reason}</p>
          <p className="m-0 mt-2 text-2xl leading-tight font-bold">
            {inPlan ? job.step.title : words.title}
          </p>
          <p className="text-soft m-0 text-base">{inPlan ? job.step.reason : words.why}</p>
        </div>
        <div className="grid content-center gap-2 self-center">
          <JobLine scope={job.scope} stage={job.stage} done={job.finished} />
          <p className="m-0 text-center text-base">
            <span className="figure">
              {job.behind} of {job.steps}
            </span>{' '}
            steps behind
            {job.missing.length > 0 && !job.finished && (
              <span className="text-open block font-semibold">
                ◆ lacks {job.missing.join('; ')}
              </span>
            )}
          </p>
        </div>
      </Link>
    </li>
  );
}
