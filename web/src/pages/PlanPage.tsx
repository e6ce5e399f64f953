import { type Dispatch, type SetStateAction, useState } from 'react';
import { Link } from 'react-router';

import { inPhases, isBehind, PHASES, type Missing, type Plan } from '@wendaxis/core/plan';

import { ChangeScope } from '../features/describe/ChangeScope.tsx';
import { SCOPES, STARTS } from '../features/describe/Scope.tsx';
import { StepRow } from '../features/plan/StepRow.tsx';
import { Button, buttonLook } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NextBanner } from './NextBanner.tsx';
import type { JobState } from '@wendaxis/core/job';
import { Main } from '../ui/Main.tsx';

/** The build plan: every step with its numbers, phase by phase. It prints as the build sheet. */
export function PlanPage() {
  const job = useOpenJob();
  const { plan, jobId, state } = job;
  const [openOnly, setOpenOnly] = useState(false);
  const [changing, setChanging] = useState(false);
  const numbered = plan.steps.map((step, index) => ({ step, number: index + 1 }));
  const shown = numbered.filter(({ step }) => !openOnly || !isBehind(step));
  const entered = plan.missing.filter(({ on }) => on !== 'step');
  return (
    <Main
      title={`Build plan · ${state.unit!.name}`}
      className="mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 p-5"
    >
      <div className="print:hidden">{!changing && <NextBanner job={job} />}</div>
      <PlanHead
        jobId={jobId}
        state={state}
        plan={plan}
        entered={entered}
        setOpenOnly={setOpenOnly}
        openOnly={openOnly}
      />
      {changing ? (
        <ChangeScope jobId={jobId} state={state} onDone={() => setChanging(false)} />
      ) : (
        <WhatFor state={state} onChange={() => setChanging(true)} />
      )}
      {shown.length === 0 && <Notice title="Every step is done" />}
      {inPhases(shown, ({ step }) => step.phase).map(({ phase, rows }) => (
        <section
          key={rows[0]!.step.id}
          aria-label={`${PHASES[phase]}, from step ${rows[0]!.number}`}
          className="bg-panel border-edge rounded-[3px] border-2 px-4 py-2"
        >
          <h3 className="text-soft m-0 py-1 text-xl">{PHASES[phase]}</h3>
          <ol className="m-0 list-none p-0">
            {rows.map(({ step, number }) => (
              <StepRow key={step.id} jobId={jobId} step={step} next={plan.next} number={number} />
            ))}
          </ol>
        </section>
      ))}
      <NoLonger plan={plan} state={state} />
      <p className="m-0">The unit maker’s manual, local rules and licensed practice come first.</p>
    </Main>
  );
}

/** What was ticked and is no step any more. */
function NoLonger({ plan, state }: { readonly plan: Plan; readonly state: JobState }) {
  if (plan.noLonger.length === 0) return null;
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 px-4 py-2">
      <h3 className="text-soft m-0 py-1 text-xl">Done, but no longer in the plan</h3>
      {plan.noLonger.map((id) => (
        <p key={id} className="m-0">
          {id}: {state.steps[id]!.words || 'done'}
        </p>
      ))}
    </section>
  );
}

interface PlanHeadProps {
  readonly jobId: string;
  readonly state: JobState;
  readonly plan: Plan;
  readonly entered: Missing[];
  readonly setOpenOnly: Dispatch<SetStateAction<boolean>>;
  readonly openOnly: boolean;
}

function PlanHead({ jobId, state, plan, entered, setOpenOnly, openOnly }: PlanHeadProps) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      <div>
        <h2 className="m-0 text-3xl">Build plan, {state.unit!.name}</h2>
        <p className="m-0 text-lg">
          {plan.behind} of {plan.steps.length} steps done, on {plan.screens.length} screens.{' '}
          {entered.length > 0 &&
            `${entered.length} ${entered.length === 1 ? 'figure is' : 'figures are'} not described yet.`}
        </p>
      </div>
      <div className="flex flex-wrap gap-3 print:hidden">
        <Button onClick={() => setOpenOnly(!openOnly)} aria-pressed={openOnly}>
          {openOnly ? 'Show all steps' : 'Show open steps'}
        </Button>
        <Link className={buttonLook('plain')} to={`/jobs/${jobId}/sheet`}>
          Build sheet
        </Link>
      </div>
    </div>
  );
}

/** How the unit came and what the job is for, with the way to change it. */
function WhatFor({
  state: { sheet },
  onChange,
}: {
  readonly state: JobState;
  readonly onChange: () => void;
}) {
  const came = STARTS.find(({ value }) => value === sheet.start)!.words;
  const goal = SCOPES.find(({ value }) => value === sheet.scope)!.words;
  return (
    <p className="m-0 flex flex-wrap items-center gap-x-4 text-lg">
      <span>
        It came: <strong>{came.toLowerCase()}</strong>. The job:{' '}
        <strong>{goal.toLowerCase()}</strong>.
      </span>
      {sheet.finished === null && (
        <Button className="print:hidden" onClick={onChange}>
          Change what it is for
        </Button>
      )}
    </p>
  );
}
