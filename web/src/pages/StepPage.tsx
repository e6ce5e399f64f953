import { useCallback } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';

import { PHASES, type Step } from '@wendaxis/core/plan';

import { StepFacts, StepNumbers } from '../features/plan/StepFacts.tsx';
import { StepMore } from '../features/plan/StepMore.tsx';
import { stepState } from '../features/plan/stepState.ts';
import { StepDrawn } from '../features/plan/StepDrawn.tsx';
import { Beside } from '../steps/Beside.tsx';
import { Cautions } from '../steps/Cautions.tsx';
import { RoundView } from '../steps/RoundView.tsx';
import { STEP_FORMS } from '../steps/stepForms.tsx';
import { StepWork } from '../steps/StepWork.tsx';
import type { OpenJob } from '../stores/useJob.ts';
import { StateMark } from '../ui/StateMark.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { actionWords } from '../wording/actionWords.ts';
import { faultWords } from '../wording/faultWords.ts';
import { STEP_STATUS_WORDS } from '../wording/stateWords.ts';
import { useOpenJob } from './JobLayout.tsx';
import { NotNow } from './NotNow.tsx';
import { Main } from '../ui/Main.tsx';

/**
 * One step of the plan: what to do, its numbers, and doing it; with the steps of its round where it is a row of one.
 * Without an id in the address, the next one.
 */
export function StepPage() {
  const job = useOpenJob();
  const { stepId } = useParams();
  const { plan, next, jobId } = job;
  if (stepId === undefined) {
    // It gets an address of its own, so that a step that was just done stays in sight with its result.
    const own = next.kind === 'step' ? `/step/${encodeURIComponent(next.step.id)}` : null;
    return <Navigate replace to={`/jobs/${jobId}${own ?? actionWords(next).path ?? ''}`} />;
  }
  const step = plan.steps.find(({ id }) => id === stepId);
  if (step === undefined) return <NotNow title="This step is not in the plan" jobId={jobId} />;
  const screen = plan.screens.find(({ steps }) => steps.includes(step.id))!;
  return screen.round === null ? (
    <StepView key={step.id} job={job} step={step} />
  ) : (
    <RoundView key={screen.id} job={job} screen={screen} round={screen.round} step={step} />
  );
}

interface ViewProps {
  readonly job: OpenJob;
  readonly step: Step;
}

function StepView({ job, step }: ViewProps) {
  const { jobId, plan } = job;
  const units = useUnits();
  const navigate = useNavigate();
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const { Picture } = STEP_FORMS[step.form];
  const at = plan.steps.findIndex(({ id }) => id === step.id);
  return (
    <Main
      title={`${step.title} · ${job.state.unit!.name}`}
      className="grid max-w-6xl gap-x-5 gap-y-3 px-5 py-3 has-[figure,canvas]:max-w-none lg:has-[figure,canvas]:grid-cols-[1.2fr_1fr]"
    >
      <div className="col-span-full">
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
        <p className="m-0 max-w-[80ch] text-xl">{step.how}</p>
      </div>
      <div className="grid content-start gap-3">
        {step.faults.length === 0 && <StepDrawn job={job} step={step} />}
        {Picture !== undefined && <Picture job={job} step={step} onDone={onward} />}
      </div>
      <div className="grid content-start gap-3">
        <Cautions cautions={step.cautions} own={step.ownStep?.caution} />
        <StepNumbers job={job} step={step} />
        <StepWork job={job} step={step} onDone={onward} />
        <StepFacts job={job} step={step} />
        <Beside job={job} step={step} onDone={onward} />
        <StepMore jobId={jobId} step={step} fixed={job.state.sheet.finished !== null} />
      </div>
    </Main>
  );
}
