import type { Figure, Missing } from '@wendaxis/core/plan';
import { Link } from 'react-router';

import { useUnits } from '../../ui/useUnits.ts';
import { Verdict } from '../../ui/Verdict.tsx';
import { Working } from '../../ui/Working.tsx';
import { figureWords, largestTorque } from './figureWords.ts';

interface Props {
  readonly jobId: string;
  readonly figures: readonly Figure[];
  readonly missing: readonly Missing[];
}

/** The numbers of a step, each with its source and working, and what is still missing with the way to it. */
export function Figures({ jobId, figures, missing }: Props) {
  const units = useUnits();
  const torque = largestTorque(figures);
  if (figures.length === 0 && missing.length === 0) return null;
  return (
    <dl className="m-0 grid gap-0">
      {figures.map((figure) => (
        <div
          key={figure.name}
          className="border-edge flex flex-wrap items-center justify-between gap-x-4 border-t py-1.5 first:border-t-0"
        >
          <dt className="min-w-0">
            <span className="font-semibold">{figure.name}</span>
            <span className="small-label block max-w-[44ch]">{figure.source}</span>
          </dt>
          <dd className="m-0 flex flex-wrap items-center justify-end gap-3">
            {figure.form === 'quantity' && figure.word !== undefined && (
              <Verdict word={figure.word} size="small" />
            )}
            <span className="figure text-xl">{figureWords(figure, units, torque)}</span>
            {figure.form === 'quantity' && figure.working.length > 0 && (
              <Working title={figure.name} lines={figure.working}>
                Working
              </Working>
            )}
          </dd>
        </div>
      ))}
      {missing.map((lack) => (
        <div
          key={`${lack.on} ${lack.id} ${lack.field} ${lack.words}`}
          className="border-edge flex flex-wrap items-center justify-between gap-x-4 border-t py-1.5 first:border-t-0"
        >
          <dt className="font-semibold">
            <span aria-hidden="true" className="text-open mr-2">
              ◆
            </span>
            {lack.words}
          </dt>
          <dd className="m-0">
            <Link className="text-ink inline-flex min-h-12 items-center" to={wayTo(jobId, lack)}>
              {lack.on === 'step' ? 'Not known yet: go to the step' : 'Not known: enter it'}
            </Link>
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** Where a missing datum is entered. */
function wayTo(jobId: string, { on, id, field }: Missing): string {
  const base = `/jobs/${jobId}`;
  if (on === 'step') return `${base}/step/${encodeURIComponent(id)}`;
  if (on === 'axis' && field === 'mesh') return `${base}/describe?view=mesh`;
  return `${base}/describe?${on}=${encodeURIComponent(id)}&field=${field}`;
}
