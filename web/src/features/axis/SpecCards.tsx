import { FIGURES } from '@wendaxis/core/figures';
import type { JobState, Spec } from '@wendaxis/core/job';
import { judgedFigures, type JudgedFigure } from '@wendaxis/core/plan';
import type { Axis } from '@wendaxis/core/unit';

import { AcceptFigure } from './AcceptFigure.tsx';
import { BandStrip } from '../../ui/BandStrip.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';

interface CardsProps {
  readonly jobId: string;
  readonly axis: Axis;
  readonly state: JobState;
}

/** What is set on an axis: each figure against its band. */
export function SpecCards({ jobId, axis, state }: CardsProps) {
  const judged = judgedFigures(state, axis);
  return state.specs
    .filter(({ axisId }) => axisId === axis.id)
    .map((spec) => (
      <SpecCard
        key={spec.specId}
        jobId={state.sheet.finished === null ? jobId : null}
        spec={spec}
        figure={judged[spec.kind] ?? null}
      />
    ));
}

const STAGE_WORDS = {
  asFound: 'as found',
  trial: 'in the trial build',
  final: 'before the last change',
} as const;

interface Props {
  /** Null once the job is finished. */
  readonly jobId: string | null;
  readonly spec: Spec;
  readonly figure: JudgedFigure | null;
}

function SpecCard({ jobId, spec: { specId, kind, band, source }, figure }: Props) {
  const units = useUnits();
  const { words, quantity, taken } = FIGURES[kind];
  const guard = figure?.expanded ?? 0;
  return (
    <section className="bg-panel border-edge rounded-[3px] border-2 p-4" aria-label={words}>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="m-0 text-2xl first-letter:uppercase">{words}</h2>
        {figure === null ? (
          <span className="font-semibold">
            {taken === 'run' ? 'Not measured with this pack' : 'Not measured yet'}
          </span>
        ) : (
          <Verdict word={figure.word} size="small" />
        )}
      </div>
      {figure !== null && (
        <p className="m-0">
          <span className="figure text-3xl">
            {figure.expanded === null
              ? units.show(figure.value, quantity)
              : `${units.digits(figure.value, quantity)} ± ${units.show(figure.expanded, quantity)}`}
          </span>{' '}
          <span className="text-soft">
            {figure.asBuilt ? 'as built' : STAGE_WORDS[figure.stage]}
          </span>
        </p>
      )}
      <BandStrip
        band={band}
        value={figure === null ? null : { low: figure.low, high: figure.high, expanded: guard }}
        guard={guard}
        word={figure?.word ?? null}
        quantity={quantity}
      />
      <p className="small-label m-0">{source}</p>
      {jobId !== null && mayBeAccepted(figure) && (
        <AcceptFigure jobId={jobId} specId={specId} accepted={figure.accepted} />
      )}
    </section>
  );
}

/** What was read of what is built, and is not proven to be within its limits. */
const mayBeAccepted = (figure: JudgedFigure | null): figure is JudgedFigure =>
  figure !== null && figure.word !== 'conforms' && figure.stage !== 'asFound';
