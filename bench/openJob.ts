import { foldJob } from '@wendaxis/core/job';
import { compilePlan, nextAction, readJob } from '@wendaxis/core/plan';

import { longLog } from './longLog.ts';

/**
 * Opening a long job of the dearest mix: fold it and find the next action, against parsing the same log as JSON; how the
 * time grows with the log; and what one more reading costs once the job is open.
 */
const RUNS = 15;
const LENGTHS = [2500, 5000, 10_000] as const;

for (const length of LENGTHS) {
  const events = longLog(length);
  const text = JSON.stringify(events);
  const parse = median(() => JSON.parse(text) as unknown);
  const fold = median(() => foldJob(events));
  const state = foldJob(events);
  const next = median(() => nextAction(state, compilePlan(state)));
  const before = { count: length - 1, state: foldJob(events.slice(0, -1)) };
  const oneMore = median(() => readJob(events, before));
  console.log(
    `${length} events (${(text.length / 1e6).toFixed(1)} MB): ` +
      `fold ${fold.toFixed(1)} ms (${((1000 * fold) / length).toFixed(2)} µs an event), ` +
      `plan and next action ${next.toFixed(1)} ms, ` +
      `together ${((fold + next) / parse).toFixed(2)} × JSON.parse of the same log (${parse.toFixed(1)} ms); ` +
      `one more event ${oneMore.toFixed(1)} ms; medians of ${RUNS}`,
  );
}

function median(action: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    action();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)]!;
}
