import { Link } from 'react-router';

import type { Step } from '@wendaxis/core/plan';

import { StateMark } from '../../ui/StateMark.tsx';
import { useUnits } from '../../ui/useUnits.ts';
import { STATION_STATE_WORDS, STEP_STATUS_WORDS } from '../../wording/stateWords.ts';
import { figureWords } from './figureWords.ts';
import { stepState } from './stepState.ts';

interface Props {
  readonly jobId: string;
  readonly step: Step;
  readonly next: Step | null;
  readonly number?: number;
}

/** Figures of a step that are shown in a list; the rest are a step away. */
const SHOWN = 3;

/** A step as one line of a list: how it stands, what it is, its numbers. */
export function StepRow({ jobId, step, next, number }: Props) {
  const units = useUnits();
  const state = stepState(step, next);
  const words = state === 'next' ? STATION_STATE_WORDS.next : STEP_STATUS_WORDS[step.status];
  const behind = state === 'done';
  return (
    <li className="border-edge border-t first:border-t-0">
      <Link
        to={`/jobs/${jobId}/step/${encodeURIComponent(step.id)}`}
        className={`grid min-h-12 grid-cols-[9.5rem_minmax(0,1fr)] items-baseline max-sm:grid-cols-[7rem_minmax(0,1fr)] gap-x-3 py-1.5 no-underline hover:underline ${behind ? 'text-soft' : 'text-ink'}`}
      >
        <StateMark state={state} words={words} />
        <span>
          <span className={`text-lg ${behind ? '' : 'font-semibold'}`}>
            {number !== undefined && <span className="figure text-soft mr-2">{number}</span>}
            {step.title}
          </span>
          <span className="text-soft block text-base">
            {step.figures
              .slice(0, SHOWN)
              .map((figure) => `${figure.name} ${figureWords(figure, units)}`)
              .join(' · ')}
            {step.missing.length > 0 && !behind && (
              <span className="text-open font-semibold">
                {step.figures.length > 0 ? ' · ' : ''}
                missing: {step.missing.map((lack) => lack.words).join(', ')}
              </span>
            )}
          </span>
        </span>
      </Link>
    </li>
  );
}
