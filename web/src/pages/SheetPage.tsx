import { useCallback } from 'react';

import { inPhases, PHASES } from '@wendaxis/core/plan';

import { SheetStep } from '../features/plan/SheetStep.tsx';
import { MainAction } from '../ui/ActionBar.tsx';
import { Main } from '../ui/Main.tsx';
import { useOpenJob } from './JobLayout.tsx';

/** The build sheet: every step one after another, an illustrated manual of this very unit, for paper or to be read through. */
export function SheetPage() {
  const job = useOpenJob();
  const { plan, state } = job;
  const print = useCallback(() => window.print(), []);
  const numbered = plan.steps.map((step, index) => ({
    step,
    number: index + 1,
    cautioned: new Set(plan.steps[index - 1]?.cautions),
  }));
  return (
    <Main
      title={`Build sheet · ${state.unit!.name}`}
      className="mx-auto w-full max-w-5xl p-5 print:p-0"
    >
      <header className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="m-0 text-3xl">Build sheet, {state.unit!.name}</h1>
        <p className="m-0">{state.sheet.reason}</p>
        <p className="m-0 hidden print:block">Date ____________ Name ____________________</p>
      </header>
      <p className="m-0 font-semibold">
        The unit maker’s manual, local rules and licensed practice come first.
      </p>
      {inPhases(numbered, ({ step }) => step.phase).map(({ phase, rows }) => (
        <section
          key={rows[0]!.step.id}
          aria-label={`${PHASES[phase]}, from step ${rows[0]!.number}`}
          className="mt-4 break-inside-auto!"
        >
          <h2 className="m-0 text-2xl">{PHASES[phase]}</h2>
          <ol className="m-0 list-none p-0">
            {rows.map(({ step, number, cautioned }) => (
              <SheetStep
                key={step.id}
                job={job}
                step={step}
                number={number}
                cautioned={cautioned}
              />
            ))}
          </ol>
        </section>
      ))}
      <MainAction onClick={print} pressOnly>
        Print
      </MainAction>
    </Main>
  );
}
