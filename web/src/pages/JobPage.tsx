import { useState } from 'react';

import { LOAD_PATH } from '@wendaxis/core/arrangement';
import { verdictOf, type JobState, type Spec } from '@wendaxis/core/job';
import { currentRun } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { AxisView } from '../features/axis/AxisView.tsx';
import { StationCard } from '../features/axis/StationCard.tsx';
import { SpecForm } from '../features/axis/SpecForm.tsx';
import { BandStrip } from '../ui/BandStrip.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { Verdict } from '../ui/Verdict.tsx';
import { useOpenJob } from './JobLayout.tsx';
import { NextBanner } from './NextBanner.tsx';

/** A job: what to do next, and the axis as the way around it. */
export function JobPage() {
  const job = useOpenJob();
  const { state, jobId, next } = job;
  return (
    <main className="grid gap-4 p-6">
      <NextBanner job={job} />
      {next.kind === 'setSpec' && <SpecForm jobId={jobId} axis={next.axis} />}
      {state.unit!.axes.map((axis) => (
        <AxisPanel key={axis.id} axis={axis} state={state} />
      ))}
    </main>
  );
}

function AxisPanel({ axis, state }: { readonly axis: Axis; readonly state: JobState }) {
  const first = axis.stations.find(({ kind }) => kind === 'shimSite') ?? axis.stations[0];
  const [selected, setSelected] = useState(first?.id ?? null);
  const station = axis.stations.find(({ id }) => id === selected);
  const spec = state.specs.find(({ axisId }) => axisId === axis.id);
  return (
    <section aria-label={axis.name} className="grid gap-4 lg:grid-cols-[1.45fr_1fr]">
      <div className="bg-plate text-scribe on-plate rounded-[3px] px-5 pt-3 pb-3">
        <h2 className="m-0 text-2xl">{axis.name}</h2>
        <AxisView axis={axis} selected={selected} onSelect={setSelected} />
        <p className="text-scribe m-0 text-[0.9rem]">{LOAD_PATH[axis.arrangement]}</p>
      </div>
      <div className="grid content-start gap-4">
        {spec !== undefined && <SpecCard spec={spec} state={state} />}
        {station !== undefined && <StationCard axis={axis} station={station} state={state} />}
      </div>
    </section>
  );
}

function SpecCard({ spec, state }: { readonly spec: Spec; readonly state: JobState }) {
  const units = useUnits();
  const run = currentRun(state, spec.specId);
  const verdict = run === null ? null : verdictOf(state, run);
  const judged = verdict?.status === 'judged' ? verdict : null;
  const value = judged && {
    low: judged.value.low,
    high: judged.value.high,
    expanded: judged.decision.guard,
  };
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-5" aria-label="End play">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="m-0 text-2xl">End play</h2>
        {judged === null ? (
          <span className="font-semibold">Not measured with this pack</span>
        ) : (
          <Verdict word={judged.decision.word} size="small" />
        )}
      </div>
      {judged !== null && (
        <p className="figure m-0 text-3xl">
          {units.digits(judged.value.mean)} ± {units.show(judged.decision.guard)}
        </p>
      )}
      <BandStrip
        band={spec.band}
        value={value}
        guard={judged?.decision.guard ?? 0}
        word={judged?.decision.word ?? null}
      />
      <p className="small-label m-0">{spec.source}</p>
    </section>
  );
}
