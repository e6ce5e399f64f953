import { Link } from 'react-router';
import { useMemo, useState } from 'react';

import { isBehind, outOfTurn, type OutOfTurn as Early, type Step } from '@wendaxis/core/plan';

import { record } from '../stores/jobSync.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { ActionsBeside, MainAction } from '../ui/ActionBar.tsx';
import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { focusOnOpen, TextField } from '../ui/TextField.tsx';
import { STEP_FORMS } from './stepForms.tsx';
import type { StepProps } from './stepProps.ts';

/** What a step waits for, what was said of it, and the way to do it. */
export function StepWork({ job, step, onDone }: StepProps) {
  const behind = isBehind(step);
  const { Form, stays, needed } = STEP_FORMS[step.form];
  return (
    <>
      {step.waitsFor.length > 0 && <WaitsFor job={job} step={step} />}
      {behind && <Behind job={job} step={step} onDone={onDone} />}
      {/* Out of its turn nothing is done by the key that is pressed by habit. */}
      {(!behind || stays) && (
        <ActionsBeside when={behind || step.status === 'waiting'}>
          <Form job={job} step={step} onDone={onDone} />
        </ActionsBeside>
      )}
      {!behind && !needed && job.state.sheet.finished === null && (
        <SetAside jobId={job.jobId} step={step} onDone={onDone} />
      )}
    </>
  );
}

function WaitsFor({ job: { jobId, plan, state }, step }: Omit<StepProps, 'onDone'>) {
  const early = useMemo(() => outOfTurn(state, plan, step), [state, plan, step]);
  return (
    <Notice title="Waiting for">
      <ul className="m-0 pl-5">
        {step.waitsFor.map((id) => (
          <li key={id}>
            <Link className="text-ink" to={`/jobs/${jobId}/step/${encodeURIComponent(id)}`}>
              {plan.steps.find((other) => other.id === id)?.title ?? id}
            </Link>
          </li>
        ))}
      </ul>
      {early !== null && <OutOfTurn early={early} />}
    </Notice>
  );
}

/** What doing a step before its turn costs: told before it is recorded. */
function OutOfTurn({ early: { more, shutBy } }: { readonly early: Early }) {
  if (shutBy.length > 0)
    return (
      <p className="m-0 mt-2 font-semibold">
        By what is recorded it cannot be done now: {shutBy.join(', ')} would be in the way. Is it
        really done? Then record what is off or out as well.
      </p>
    );
  return (
    <p className="m-0 mt-2">
      {more.length === 0
        ? 'Done now already, it costs nothing more.'
        : `Done now already, it costs this besides: ${more.join('; ')}.`}
    </p>
  );
}

/** What was said of a step that is behind, and the way to take it back. */
function Behind({ job, step, onDone }: StepProps) {
  const said = job.state.steps[step.id];
  return (
    <div className="flex flex-wrap items-center gap-4">
      <p className="m-0 text-xl font-bold">
        {step.status === 'setAside' ? 'Not needed' : 'Done'}
        {said !== undefined && said.words !== '' && `: ${said.words}`}
      </p>
      {said !== undefined && job.state.sheet.finished === null && (
        <Button onClick={() => record(job.jobId, 'Undone', { eventId: said.eventId })}>
          Undo it
        </Button>
      )}
      <Onward onward={onDone} />
    </div>
  );
}

function Onward({ onward }: { readonly onward: () => void }) {
  return <MainAction onClick={onward}>Next step</MainAction>;
}

interface SetAsideProps {
  readonly jobId: OpenJob['jobId'];
  readonly step: Step;
  readonly onDone: () => void;
}

/** A step that this job does not need, with the reason. */
function SetAside({ jobId, step, onDone }: SetAsideProps) {
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
      <div className="min-w-60 flex-1">
        <TextField
          label="Why it is not needed"
          value={reason}
          max={300}
          onChange={setReason}
          inputRef={focusOnOpen}
        />
      </div>
      <Button type="submit" disabled={reason.trim() === ''}>
        Not needed
      </Button>
    </form>
  );
}
