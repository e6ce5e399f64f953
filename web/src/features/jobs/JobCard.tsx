import { Link } from 'react-router';

import type { JobRow } from '@wendaxis/contract';

import { JobLine } from '../../ui/JobLine.tsx';
import { PracticeSign } from '../../ui/PracticeSign.tsx';
import { ACTION_WORDS } from '../../wording/actionWords.ts';
import { unreadableWords } from '../../wording/unreadableWords.ts';

/** One job of the list: what it is, what comes next, how far it is. */
export function JobCard({ job }: { readonly job: JobRow }) {
  if (job.unreadable !== null) return <UnreadableCard job={job} />;
  const words = ACTION_WORDS[job.next];
  const inPlan = job.next === 'step' && job.step !== null;
  return (
    <li>
      <Link
        to={`/jobs/${job.jobId}`}
        className="bg-panel text-ink border-edge hover:border-brass-edge grid gap-x-5 gap-y-2 rounded-[3px] border-2 px-5 py-3 no-underline md:grid-cols-[1fr_1.15fr]"
      >
        <div className="min-w-0">
          <span className="tape inline-block max-w-full text-xl [overflow-wrap:anywhere]">
            {job.name}
          </span>{' '}
          {job.practice && <PracticeSign />}
          <p className="m-0 mt-2 line-clamp-2 max-w-[46ch] text-base [overflow-wrap:anywhere]">
            {job.reason}
          </p>
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
            steps done
            {!job.current && ' (being brought up to date)'}
            {job.missing.length > 0 && !job.finished && (
              <span className="text-open block font-semibold">
                ◆ missing: {job.missing.join('; ')}
              </span>
            )}
          </p>
        </div>
      </Link>
    </li>
  );
}

/** A job that cannot be read: it says why, and is handed over as a file. */
function UnreadableCard({ job }: { readonly job: JobRow }) {
  return (
    <li className="bg-panel border-bad grid gap-1 rounded-[3px] border-2 px-5 py-3">
      <p className="m-0 text-2xl font-bold">
        {job.name === '' ? 'A job' : job.name}: it cannot be read
      </p>
      <p className="m-0">{unreadableWords(job.unreadable!)}</p>
      <p className="m-0 flex flex-wrap gap-4">
        <Link
          className="text-ink inline-flex min-h-12 items-center font-semibold"
          to={`/jobs/${job.jobId}`}
        >
          Open it: undo and export
        </Link>
      </p>
    </li>
  );
}
