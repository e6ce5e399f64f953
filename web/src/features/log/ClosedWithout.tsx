import type { JobState } from '@wendaxis/core/job';
import { openAtClose, type NextAction, type Plan } from '@wendaxis/core/plan';

interface Props {
  readonly state: JobState;
  readonly plan: Plan;
  readonly next: NextAction;
}

/** All that the job is closed without, before it is. */
export function ClosedWithout({ state, plan, next }: Props) {
  if (next.kind !== 'finishJob') return null;
  const { setAside, notDone, unknown } = openAtClose(state, plan);
  const lists = [
    ['Not done', notDone.map(({ title }) => title)],
    ['Set aside', setAside.map(({ title, reason }) => `${title}: ${reason}`)],
    ['Not known', unknown],
  ] as const;
  const shown = lists.filter(([, rows]) => rows.length > 0);
  if (shown.length === 0) return null;
  return (
    <section
      aria-label="Closed without"
      className="border-edge bg-panel grid gap-2 rounded-[3px] border-2 p-4"
    >
      <h2 className="m-0 text-2xl">The job is closed without</h2>
      {shown.map(([words, rows]) => (
        <details key={words} open={rows.length <= SHORT}>
          <summary className="min-h-12 cursor-pointer py-2 text-lg font-semibold">
            {words}: {rows.length}
          </summary>
          <ul className="m-0">
            {rows.map((row) => (
              <li key={row}>{row}</li>
            ))}
          </ul>
        </details>
      ))}
    </section>
  );
}

/** Lists no longer than this stand open. */
const SHORT = 12;
