import { useCallback, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';

import {
  actionFor,
  CAUTIONS,
  PHASES,
  setsZeroPlay,
  settersOf,
  spacerSetter,
  type Step,
  type StepForm,
} from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { SpecForm } from '../features/axis/SpecForm.tsx';
import { CompareForm } from '../features/plan/CompareForm.tsx';
import { FigureForm } from '../features/plan/FigureForm.tsx';
import { InspectForm } from '../features/plan/InspectForm.tsx';
import { MarkForm } from '../features/plan/MarkForm.tsx';
import { OrderPanel } from '../features/pack/OrderPanel.tsx';
import { SleeveForm, SleevePicture } from '../features/preload/SleeveForm.tsx';
import { TorqueForm } from '../features/preload/TorqueForm.tsx';
import { AdjusterForm } from '../features/setting/AdjusterForm.tsx';
import { ClosingForm, ClosingPicture } from '../features/setting/ClosingForm.tsx';
import { PlayTermsPanel } from '../features/setting/PlayTermsPanel.tsx';
import { SpacerForm, SpacerShelf } from '../features/setting/SpacerForm.tsx';
import { SeatingForm } from '../features/plan/SeatingForm.tsx';
import { SizesForm } from '../features/plan/SizesForm.tsx';
import { StepFacts } from '../features/plan/StepFacts.tsx';
import { stepState } from '../features/plan/stepState.ts';
import { TickForm } from '../features/plan/TickForm.tsx';
import { record } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { Button, buttonLook } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { StateMark } from '../ui/StateMark.tsx';
import { useShortcut } from '../ui/useShortcut.ts';
import { actionWords } from '../wording/actionWords.ts';
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

/** Steps whose figures stay in sight, and can be corrected, when they are behind. */
const SHOWN_BEHIND: readonly StepForm[] = ['sizes', 'seating', 'torque', 'sleeve', 'spacer'];

interface ViewProps {
  readonly job: OpenJob;
  readonly step: Step;
}

function StepView({ job, step }: ViewProps) {
  const { jobId, plan, state } = job;
  const navigate = useNavigate();
  const onward = useCallback(() => void navigate(`/jobs/${jobId}/step`), [jobId, navigate]);
  const behind = step.status === 'done' || step.status === 'setAside';
  const axis = axisOf(state, step);
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
        {(!behind || SHOWN_BEHIND.includes(step.form)) && (
          <StepForms job={job} step={step} onDone={onward} />
        )}
        {!behind && state.finished === null && (
          <SetAside jobId={jobId} step={step} onDone={onward} />
        )}
      </div>
      <div className="grid content-start gap-4">
        {step.form === 'sleeve' &&
          (setsZeroPlay(axis!) ? (
            <ClosingPicture step={step} state={state} />
          ) : (
            <SleevePicture step={step} state={state} />
          ))}
        {step.form === 'spacer' && <SpacerShelf jobId={jobId} step={step} state={state} />}
        <StepFacts job={job} step={step} />
        {step.rule === 'asFound' && step.specKind === 'endPlay' && (
          <OrderPanel step={step} state={state} />
        )}
        {TERMS_SHOWN.includes(step.rule) &&
          axis !== undefined &&
          (settersOf(axis).length > 0 || spacerSetter(axis) !== null) && (
            <PlayTermsPanel jobId={jobId} axis={axis} state={state} />
          )}
      </div>
    </main>
  );
}

/** Steps at which it is asked what will not be the same in the final build. */
const TERMS_SHOWN: readonly string[] = ['assemble', 'measure', 'chooseSpacer', 'turnAdjuster'];

function axisOf({ unit }: OpenJob['state'], { axisId }: Step): Axis | undefined {
  return unit!.axes.find(({ id }) => id === axisId);
}

/** How a step is done, by its form. */
function StepForms({ job, step, onDone }: ViewProps & { readonly onDone: () => void }) {
  const { jobId, state } = job;
  const shared = { jobId, step, state };
  switch (step.form) {
    case 'tick':
      return <TickForm jobId={jobId} step={step} onDone={onDone} />;
    case 'heat':
      return (
        <>
          <Link
            className={`${buttonLook('main')} justify-self-start`}
            to={`/jobs/${jobId}/heat?part=${step.partId}`}
          >
            To the heat plan
          </Link>
          <TickForm jobId={jobId} step={step} onDone={onDone} words="It is hot" />
        </>
      );
    case 'mark':
      return <MarkForm jobId={jobId} step={step} onDone={onDone} />;
    case 'figure':
      return <FigureForm {...shared} />;
    case 'inspect':
      return <InspectForm {...shared} onDone={onDone} />;
    case 'sizes':
      return (
        <>
          <SizesForm {...shared} />
          {step.status !== 'done' && (
            <TickForm jobId={jobId} step={step} onDone={onDone} words="Enough measured" />
          )}
        </>
      );
    case 'torque':
      return <TorqueForm {...shared} />;
    case 'sleeve':
      return setsZeroPlay(axisOf(state, step)!) ? (
        <ClosingForm {...shared} />
      ) : (
        <SleeveForm {...shared} onDone={onDone} />
      );
    case 'spacer':
      return <SpacerForm {...shared} />;
    case 'adjuster':
      return <AdjusterForm {...shared} />;
    case 'seating':
      return <SeatingForm {...shared} />;
    case 'compare':
      return (
        <>
          <CompareForm {...shared} />
          {step.sizes.length > 0 && (
            <details>
              <summary className="min-h-12 cursor-pointer text-lg font-semibold">
                Measure the new ring itself: the fit is then known closer than its class
              </summary>
              <SizesForm {...shared} />
            </details>
          )}
        </>
      );
    case 'setSpec':
      return (
        <SpecForm
          jobId={jobId}
          axis={state.unit!.axes.find(({ id }) => id === step.axisId)!}
          kind={step.specKind!}
          axes={state.unit!.axes}
        />
      );
    case 'mend':
      return (
        <Link
          className={buttonLook('main')}
          to={`/jobs/${jobId}/describe?station=${step.stationId}`}
        >
          To its description
        </Link>
      );
    case 'run':
    case 'recordPack':
    case 'choosePack':
    case 'fitPack':
    case 'finish':
      return <ElsewhereForm job={job} step={step} />;
  }
}

/** Steps that have pages of their own. They open when nothing before them is left. */
function ElsewhereForm({ job, step }: ViewProps) {
  const { jobId, state, next } = job;
  const words = actionWords(actionFor(state, step));
  const now =
    ('step' in next && next.step.id === step.id) || ('run' in next && step.form === 'run');
  if (!now || words.path === null) return <p className="m-0">It opens when it is the next step.</p>;
  return (
    <Link className={`${buttonLook('main')} justify-self-start`} to={`/jobs/${jobId}${words.path}`}>
      {words.button}
    </Link>
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
      {said !== undefined && job.state.finished === null && (
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
  if (step.form === 'finish' || step.form === 'mend' || step.form === 'setSpec') return null;
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
