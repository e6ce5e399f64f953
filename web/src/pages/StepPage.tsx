import { useCallback, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';

import { CAUTIONS, PHASES, type Step } from '@wendaxis/core/plan';

import { StepFacts } from '../features/plan/StepFacts.tsx';
import { stepState } from '../features/plan/stepState.ts';
import { Beside } from '../steps/Beside.tsx';
import { STEP_FORMS } from '../steps/stepForms.tsx';
import { record } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { StateMark } from '../ui/StateMark.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { useUnits } from '../ui/useUnits.ts';
import { faultWords } from '../wording/faultWords.ts';
import { STEP_STATUS_WORDS } from '../wording/stateWords.ts';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';

/** One step of the plan: what to do, its numbers, and doing it. Without an id in the address, the next one. */
export function StepPage() {
  const job = useOpenJob();
  const { stepId } = useParams();
  const { plan, next, jobId } = job;
  if (stepId === undefined) {
    // It gets an address of its own, so that a step that was just done stays in sight with its result.
    const own = next.kind === 'step' ? `/step/${encodeURIComponent(next.step.id)}` : '';
    return <Navigate replace to={`/jobs/${jobId}${own}`} />;
  }
  const step = plan.steps.find(({ id }) => id === stepId);
  if (step === undefined) return <NotNow title="This step is not in the plan" jobId={jobId} />;
  return <StepView key={step.id} job={job} step={step} />;
}

interface ViewProps {
  readonly job: OpenJob;
  readonly step: Step;
}

function StepView({ job, step }: ViewProps) {
  const { jobId, plan, state } = job;
  const units = useUnits();
  const navigate = useNavigate();
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const behind = step.status === 'done' || step.status === 'setAside';
  const { Form, Picture, stays, needed } = STEP_FORMS[step.form];
  const at = plan.steps.findIndex(({ id }) => id === step.id);
  return (
    <main className="grid gap-4 p-5 lg:grid-cols-[1.35fr_1fr]">
      <div className="grid content-start gap-4">
        <div>
          <p className="small-label m-0 flex flex-wrap items-center gap-x-4">
            {PHASES[step.phase]}, step {at + 1} of {plan.steps.length}
            <StateMark state={stepState(step, plan.next)} words={STEP_STATUS_WORDS[step.status]} />
          </p>
          <h1 className="m-0 text-[2.2rem] leading-tight">{step.title}</h1>
          {step.faults.map((fault) => (
            <p key={fault.field} className="m-0 text-xl font-semibold">
              {faultWords(fault, units)}
            </p>
          ))}
          <p className="m-0 text-xl">{step.how}</p>
          <p className="text-soft m-0">{step.reason}</p>
        </div>
        {step.cautions.length > 0 && (
          <ul className="tape-note m-0 list-none p-3 pl-4" aria-label="Caution">
            {step.cautions.map((caution) => (
              <li key={caution}>{CAUTIONS[caution]}</li>
            ))}
          </ul>
        )}
        {step.waitsFor.length > 0 && (
          <Notice title="It waits for">
            <ul className="m-0 pl-5">
              {step.waitsFor.map((id) => (
                <li key={id}>
                  <Link className="text-ink" to={`/jobs/${jobId}/step/${encodeURIComponent(id)}`}>
                    {plan.steps.find((other) => other.id === id)?.title ?? id}
                  </Link>
                </li>
              ))}
            </ul>
          </Notice>
        )}
        {behind && <Behind job={job} step={step} onward={onward} />}
        {(!behind || stays) && <Form job={job} step={step} onDone={onward} />}
        {!behind && !needed && state.sheet.finished === null && (
          <SetAside jobId={jobId} step={step} onDone={onward} />
        )}
      </div>
      <div className="grid content-start gap-4">
        {Picture !== undefined && <Picture job={job} step={step} onDone={onward} />}
        <StepFacts job={job} step={step} />
        <Beside job={job} step={step} onDone={onward} />
      </div>
    </main>
  );
}

/** What was said of a step that is behind, and the way to take it back. */
function Behind({ job, step, onward }: ViewProps & { readonly onward: () => void }) {
  const said = job.state.steps[step.id];
  return (
    <div className="flex flex-wrap items-center gap-4">
      <p className="m-0 text-xl font-bold">
        {step.status === 'setAside' ? 'Not needed' : 'Done'}
        {said !== undefined && said.words !== '' && `: ${said.words}`}
      </p>
      {said !== undefined && job.state.sheet.finished === null && (
        <Button onClick={() => record(job.jobId, 'Undone', { eventId: said.eventId })}>
          Take it back
        </Button>
      )}
      <Onward onward={onward} />
    </div>
  );
}

function Onward({ onward }: { readonly onward: () => void }) {
  useShortcut(['Enter'], onward);
  return (
    <Button
      kind="main"
      className="min-h-16 justify-self-start px-8 text-2xl"
      onClick={onward}
      shortcut="Enter"
    >
      To the next step
    </Button>
  );
}

/** A step that this job does not need, with the reason. */
function SetAside({
  jobId,
  step,
  onDone,
}: {
  readonly jobId: string;
  readonly step: Step;
  readonly onDone: () => void;
}) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  if (!open)
    return (
      <Button className="justify-self-start" onClick={() => setOpen(true)}>
        Not needed on this job
      </Button>
    );
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() === '') return;
        record(jobId, 'StepSetAside', { stepId: step.id, reason: reason.trim() });
        onDone();
      }}
    >
      <label className="grid min-w-60 flex-1 gap-1">
        <span className="small-label">Why is it not needed</span>
        <input
          autoFocus
          className="bg-panel border-edge min-h-12 border-2 px-3"
          maxLength={300}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <Button type="submit" disabled={reason.trim() === ''}>
        Set it aside
      </Button>
    </form>
  );
}
