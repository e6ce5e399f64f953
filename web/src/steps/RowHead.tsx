import { Link } from 'react-router';

import { isBehind, type Step } from '@wendaxis/core/plan';

import { figureWords } from '../features/plan/figureWords.ts';
import { stepState } from '../features/plan/stepState.ts';
import type { OpenJob } from '../stores/useJob.ts';
import { StateShape } from '../ui/StateMark.tsx';
import { useUnits } from '../ui/useUnits.ts';
import { INSPECTION_WORDS, STATION_STATE_WORDS, STEP_STATUS_WORDS } from '../wording/stateWords.ts';

/** Figures of a row in the list. */
const SHOWN = 2;

interface RowHeadProps {
  readonly job: OpenJob;
  readonly row: Step;
  readonly number: number;
  readonly isOpen: boolean;
}

/** How a row stands, what it is, and what is known of it. */
export function RowHead({ job: { jobId, plan, state }, row, number, isOpen }: RowHeadProps) {
  const units = useUnits();
  const mark = stepState(row, plan.next);
  const verdict = state.inspection.decisions[row.stationId ?? row.partId ?? '']?.verdict;
  const said = row.form === 'inspect' && verdict !== undefined ? [INSPECTION_WORDS[verdict]] : [];
  const figures = row.figures
    .slice(0, SHOWN)
    .map((figure) => `${figure.name} ${figureWords(figure, units)}`);
  const words = mark === 'next' ? STATION_STATE_WORDS.next : STEP_STATUS_WORDS[row.status];
  const known = [...said, ...figures].join(' · ');
  return (
    <Link
      replace
      to={`/jobs/${jobId}/step/${encodeURIComponent(row.id)}`}
      aria-current={isOpen ? 'step' : undefined}
      className={`grid min-h-14 grid-cols-[1.5rem_1fr] items-center gap-x-3 px-3 py-1.5 no-underline ${isOpen ? 'bg-brass/25' : ''} ${isBehind(row) ? 'text-soft' : 'text-ink'}`}
    >
      <svg viewBox="-12 -12 24 24" className="size-6 shrink-0" role="img" aria-label={words}>
        <StateShape state={mark} />
      </svg>
      <span className="min-w-0">
        <span className="block text-lg leading-tight font-semibold">
          <span className="figure text-soft mr-2">{number}</span>
          {row.title}
        </span>
        {known !== '' && <span className="text-soft block text-base">{known}</span>}
      </span>
    </Link>
  );
}
