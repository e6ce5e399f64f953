import type { JobScope } from '@wendaxis/core/job';
import { STAGES_OF, type Stage } from '@wendaxis/core/plan';

import { STAGE_WORDS } from '../wording/actionWords.ts';

/** The line of the axis with the stages of the job as its stations: where the job stands. */
export function JobLine({
  scope,
  stage,
  done = false,
}: {
  readonly scope: JobScope;
  readonly stage: Stage;
  readonly done?: boolean;
}) {
  const stages: readonly Stage[] = STAGES_OF[scope];
  const at = stages.indexOf(stage);
  const inset = `${50 / stages.length}%`;
  return (
    <ol
      className="relative m-0 grid list-none p-0"
      style={{ gridTemplateColumns: `repeat(${stages.length}, 1fr)` }}
      aria-label="Stages of the job"
    >
      <li
        aria-hidden="true"
        className="pointer-events-none absolute top-[13px] h-0.5"
        style={{
          left: inset,
          right: inset,
          background:
            'repeating-linear-gradient(90deg, var(--brass-edge) 0 26px, transparent 26px 32px, var(--brass-edge) 32px 37px, transparent 37px 43px)',
        }}
      />
      {stages.map((name, index) => {
        const past = index < at || (done && index === at);
        const now = index === at && !done;
        return <StageMark key={name} name={name} now={now} past={past} />;
      })}
    </ol>
  );
}

interface StageMarkProps {
  readonly name: Stage;
  readonly now: boolean;
  readonly past: boolean;
}

function StageMark({ name, now, past }: StageMarkProps) {
  return (
    <li
      aria-current={now ? 'step' : undefined}
      className="relative flex flex-col items-center gap-1"
    >
      <svg viewBox="0 0 28 28" className="size-7" aria-hidden="true">
        <rect
          x={now ? 2 : 6}
          y={now ? 2 : 6}
          width={now ? 24 : 16}
          height={now ? 24 : 16}
          rx="2"
          fill={past ? 'var(--brass-edge)' : 'var(--page)'}
          stroke="var(--brass-edge)"
          strokeWidth="2.5"
        />
        {past && <path d="M9.5 14.5l3 3l6-7" fill="none" stroke="var(--page)" strokeWidth="2.5" />}
        {now && <rect x="9" y="9" width="10" height="10" fill="var(--brass-edge)" />}
      </svg>
      <span
        className={`text-[0.85rem] leading-none max-sm:text-[0.72rem] ${now ? 'font-bold' : 'text-soft font-medium'}`}
      >
        {STAGE_WORDS[name]}
        {past && <span className="sr-only">, done</span>}
      </span>
    </li>
  );
}
