import { ArrowRight } from 'lucide-react';
import { useCallback } from 'react';
import { useNavigate } from 'react-router';

import type { Screen } from '@wendaxis/core/plan';

import { figureWords } from '../features/plan/figureWords.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { MainAction } from '../ui/ActionBar.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { actionWords } from '../wording/actionWords.ts';

/** Figures of the step that are shown with it. */
const SHOWN = 4;

/** The next thing to do, large, with the way to it. */
export function NextBanner({ job }: { readonly job: OpenJob }) {
  const navigate = useNavigate();
  const { title, why, path, button } = actionWords(job.next);
  const units = useUnits();
  const round = roundOf(job);
  const shown = 'step' in job.next ? job.next.step.figures.slice(0, SHOWN) : [];
  const figures = shown.map((figure) => `${figure.name} ${figureWords(figure, units)}`).join(' · ');
  const go = useCallback(() => {
    if (path !== null) void navigate(`/jobs/${job.jobId}${path}`);
  }, [job.jobId, navigate, path]);
  return (
    <section aria-label="Next" className="flex min-w-0 items-center justify-between gap-4">
      <div className="min-w-0">
        {round !== undefined && (
          <p className="small-label m-0">
            {round.title}: {round.steps.length} rows on one screen
          </p>
        )}
        <h1 className="m-0 text-[2.2rem] leading-tight">{title}</h1>
        <p className="m-0 text-xl">{why}</p>
        {figures !== '' && <p className="figure m-0 text-lg">{figures}</p>}
      </div>
      {path !== null && (
        <MainAction onClick={go}>
          {button} <ArrowRight aria-hidden="true" />
        </MainAction>
      )}
    </section>
  );
}

/** The round that the next step is a row of. */
function roundOf({ next, plan }: OpenJob): Screen | undefined {
  if (next.kind !== 'step') return undefined;
  return plan.screens.find(({ round, steps }) => round !== null && steps.includes(next.step.id));
}
