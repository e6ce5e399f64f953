import { verdictOf, type JobState, type Spec } from '@wendaxis/core/job';
import { currentRun } from '@wendaxis/core/plan';
import { SPEC_KINDS, type Axis } from '@wendaxis/core/unit';

import { BandStrip } from '../../ui/BandStrip.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';

/** What is set on an axis: each figure against its band. */
export function SpecCards({ axis, state }: { readonly axis: Axis; readonly state: JobState }) {
  return state.specs
    .filter(({ axisId }) => axisId === axis.id)
    .map((spec) =>
      SPEC_KINDS[spec.kind].taken === 'run' ? (
        <PlayCard key={spec.specId} spec={spec} state={state} />
      ) : (
        <FigureCard key={spec.specId} spec={spec} state={state} />
      ),
    );
}

function PlayCard({ spec, state }: { readonly spec: Spec; readonly state: JobState }) {
  const units = useUnits();
  const { words } = SPEC_KINDS[spec.kind];
  const run = currentRun(state, spec.specId);
  const verdict = run === null ? null : verdictOf(state, run);
  const judged = verdict?.status === 'judged' ? verdict : null;
  const value = judged && {
    low: judged.value.low,
    high: judged.value.high,
    expanded: judged.decision.guard,
  };
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-4" aria-label={words}>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="m-0 text-2xl first-letter:uppercase">{words}</h2>
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

function FigureCard({ spec, state }: { readonly spec: Spec; readonly state: JobState }) {
  const units = useUnits();
  const { words, quantity } = SPEC_KINDS[spec.kind];
  const last = state.figures.findLast(({ specId }) => specId === spec.specId);
  const value = last === undefined ? null : { low: last.value, high: last.value, expanded: 0 };
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-4" aria-label={words}>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="m-0 text-2xl first-letter:uppercase">{words}</h2>
        <span className="figure text-xl">
          {last === undefined
            ? 'Not measured yet'
            : `${units.show(last.value, quantity)} ${last.stage === 'asFound' ? 'as found' : 'as built'}`}
        </span>
      </div>
      <BandStrip band={spec.band} value={value} guard={0} word={null} quantity={quantity} />
      <p className="small-label m-0">{spec.source}</p>
    </section>
  );
}
