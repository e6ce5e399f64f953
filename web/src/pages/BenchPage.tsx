import { useCallback } from 'react';
import { useNavigate } from 'react-router';

import { useWorkshop } from '../stores/useWorkshop.ts';
import { isSimulated } from '@wendaxis/core/devices';

import { offeredDevice } from '../features/bench/offeredDevice.ts';
import { RunPanel } from '../features/bench/RunPanel.tsx';
import { RunSetup } from '../features/bench/RunSetup.tsx';
import { record } from '../stores/jobSync.ts';
import { MainAction } from '../ui/ActionBar.tsx';
import { PageNotice } from '../ui/PageNotice.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';
import { useActionHere } from './useActionHere.ts';
import type { Run } from '@wendaxis/core/job';
import { Main } from '../ui/Main.tsx';

/** The bench: set up a run, take it, and accept its verdict. */
export function BenchPage() {
  const job = useOpenJob();
  const { state, jobId } = job;
  const next = useActionHere(job);
  const navigate = useNavigate();
  const workshop = useWorkshop();
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);

  if (next.kind === 'startRun') {
    return (
      <Main title={`${next.step.title} · ${state.unit!.name}`} className="grid gap-4 p-6">
        <div>
          <h1 className="m-0 text-[2.3rem] leading-tight">{next.step.title}</h1>
          <p className="m-0 text-xl">The stand on the case, the plunger in line with the shaft.</p>
        </div>
        <RunSetup
          jobId={jobId}
          specId={next.spec.specId}
          stage={next.stage}
          practice={state.sheet.practice}
          last={state.measured.runs.findLast(({ lengths }) => lengths === undefined)}
        />
      </Main>
    );
  }
  if (next.kind === 'takeReading' || next.kind === 'acceptRun') {
    const { run } = next;
    const spec = state.specs.find(({ specId }) => specId === run.specId)!;
    const card = workshop.data?.instruments.find(({ id }) => id === run.instrument.id);
    const deviceId = offeredDevice(card?.deviceId ?? null, state.sheet.practice);
    return (
      <Main title={`Measure · ${state.unit!.name}`} className="px-5 py-1.5">
        <RunPanel
          key={run.runId}
          jobId={jobId}
          spec={spec}
          state={state}
          action={next}
          deviceId={deviceId}
          practice={isSimulated(deviceId)}
          onAccepted={onward}
        />
      </Main>
    );
  }
  if (next.kind === 'restartRun') return <CannotBeJudged jobId={jobId} next={next} />;
  return <NotNow title="Nothing to measure now" jobId={jobId} />;
}

interface CannotBeJudgedProps {
  readonly jobId: string;
  readonly next: { readonly kind: 'restartRun'; readonly run: Run };
}

function CannotBeJudged({ jobId, next }: CannotBeJudgedProps) {
  return (
    <PageNotice tone="warn" title="This measurement cannot be judged">
      <p className="mt-0">
        A bearing that locates the shaft is missing: the shaft tips, and reads more play than it
        has.
      </p>
      <MainAction
        pressOnly
        onClick={() =>
          record(jobId, 'RunAbandoned', {
            runId: next.run.runId,
            reason: 'the shaft could tip',
          })
        }
      >
        Fit it, then measure again
      </MainAction>
    </PageNotice>
  );
}
