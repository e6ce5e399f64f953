import { type ReactNode, useCallback } from 'react';
import { Link, NavLink, Outlet, useLocation, useMatch, useOutletContext } from 'react-router';

import { useStockUse } from '../api/queries.ts';
import { exportJob } from '../features/log/exportJob.ts';
import { undo } from '../stores/jobSync.ts';
import { useHeldClocks } from '../stores/useHeldClocks.ts';
import { useJob, type OpenJob } from '../stores/useJob.ts';
import { Button } from '../ui/Button.tsx';
import { JobLine } from '../ui/JobLine.tsx';
import { PageNotice } from '../ui/PageNotice.tsx';
import { BackToBench } from './BackToBench.tsx';
import { PracticeSign } from '../ui/PracticeSign.tsx';
import { unreadableWords } from '../wording/unreadableWords.ts';
import { UndoKeys } from './UndoKeys.tsx';

/** The pages of a job. */
const JOB_PAGES = [
  ['', 'Axis'],
  ['/plan', 'Plan'],
  ['/describe', 'Unit'],
  ['/log', 'Logbook'],
] as const;

/** The frame of a job's pages: its name, its line, and undo. */
export function JobLayout() {
  const job = useJob();
  const { jobId } = job;
  const screen = useScreen(job);
  useHeldClocks(job);
  useStockUse(jobId); // at hand when the server is lost before a pack is chosen
  const takeBack = useCallback(() => void undo(jobId), [jobId]);
  if (job.unreadable !== null) return <CannotBeRead job={job} onUndo={takeBack} />;
  if (job.state.unit === null) return <NotReady status={job.status} />;
  return (
    <>
      <section
        aria-label="The job"
        className="border-edge flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 px-6 py-1.5 max-sm:px-3 print:hidden"
      >
        <div className="grid max-w-[min(17rem,60%)] lg:max-w-[10.5rem] 2xl:max-w-[17rem] min-w-0 grid-cols-[minmax(0,max-content)] justify-items-start">
          <Link
            to={`/jobs/${jobId}`}
            className="-my-1.5 flex min-h-12 max-w-full items-center no-underline"
            title={job.state.unit.name}
          >
            <span className="tape min-w-0 truncate text-lg">{job.state.unit.name}</span>
          </Link>
          {job.state.sheet.practice && <PracticeSign small />}
        </div>
        <div className="order-3 min-w-full flex-1 lg:order-none lg:min-w-[22rem]">
          <JobLine
            scope={job.state.sheet.scope}
            stage={job.stage}
            done={job.state.sheet.finished !== null}
          />
        </div>
        <div className="ml-auto flex gap-2 sm:order-2">
          <UndoKeys job={job} screen={screen} />
        </div>
        <nav
          className="flex flex-wrap items-center gap-2 max-sm:w-full max-sm:justify-between sm:order-1"
          aria-label="Job"
        >
          {JOB_PAGES.map(([path, words]) => (
            <NavLink
              key={path}
              end
              className="text-ink aria-[current=page]:border-brass-edge inline-flex min-h-12 items-center border-b-4 border-transparent px-2 font-semibold no-underline"
              to={`/jobs/${jobId}${path}`}
            >
              {words}
            </NavLink>
          ))}
        </nav>
      </section>
      <Outlet context={job} />
    </>
  );
}

/** What is on screen: the rows of a round are one. */
function useScreen({ plan }: OpenJob): string {
  const { pathname } = useLocation();
  const stepId = useMatch('/jobs/:jobId/step/:stepId')?.params.stepId ?? '';
  return plan.screens.find(({ steps }) => steps.includes(stepId))?.id ?? pathname;
}

/** The job of the layout, for the pages in it. */
export function useOpenJob(): OpenJob {
  return useOutletContext<OpenJob>();
}

/** A job whose log cannot be read as a whole. What was entered last can be taken back, and the log saved. */
function CannotBeRead({ job, onUndo }: { readonly job: OpenJob; readonly onUndo: () => void }) {
  return (
    <PageNotice tone="warn" title="This job cannot be read">
      <p className="mt-0">{unreadableWords(job.unreadable!)}</p>
      <div className="flex flex-wrap gap-3">
        {job.unreadable!.code === 'failed' && (
          <Button kind="main" disabled={!job.canUndo} onClick={onUndo} shortcut="Z">
            Undo the last entry
          </Button>
        )}
        <Button onClick={() => exportJob(job.jobId, job.events)}>Save its log as a file</Button>
      </div>
    </PageNotice>
  );
}

function NotReady({ status }: { readonly status: OpenJob['status'] }) {
  const notices: Readonly<Record<OpenJob['status'], ReactNode>> = {
    loading: <PageNotice title="Opening the job…" />,
    ready: (
      <PageNotice tone="warn" title="This log cannot be read">
        It does not begin with the opening of a job.
      </PageNotice>
    ),
    missing: (
      <PageNotice tone="warn" title="There is no such job">
        <BackToBench />
      </PageNotice>
    ),
    unreachable: (
      <PageNotice tone="warn" title="The server is out of reach">
        This job has not been opened on this screen before. It opens by itself as soon as the server
        answers.
      </PageNotice>
    ),
  };
  return notices[status];
}
