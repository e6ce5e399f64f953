import { randomUUID } from 'node:crypto';

import { foldJob, type JobEvent } from '@wendaxis/core/job';
import { nextAction } from '@wendaxis/core/plan';

import { sillLog } from '../server/src/demo/sill.ts';
import { INSTRUMENTS } from '../server/src/demo/workshop.ts';

/** Opening a long job: fold 10,000 events and find the next action, against parsing the same log as JSON. */
const RUNS = 15;
const events = longLog(10_000);
const text = JSON.stringify(events);
const parse = median(() => JSON.parse(text) as unknown);
const open = median(() => nextAction(foldJob(events)));
console.log(
  `${events.length} events: fold and next action ${open.toFixed(1)} ms, ${(open / parse).toFixed(2)} × the time of JSON.parse of the same log (${parse.toFixed(1)} ms), medians of ${RUNS}`,
);

/** The Sill's log, then runs of twelve readings each, none closed but given up, as a practice bench would leave it. */
function longLog(length: number): readonly JobEvent[] {
  const log: object[] = [...sillLog().events];
  const add = (type: string, data: object) =>
    log.push({
      id: randomUUID(),
      type,
      version: 1,
      at: '2026-11-24T08:00:00.000Z',
      by: 'runa',
      data,
    });
  while (log.length < length) {
    const runId = randomUUID();
    add('RunOpened', {
      runId,
      specId: 'output-play',
      stage: 'trial',
      instrument: INSTRUMENTS.shopDial,
      indicator: { contact: 'lever', angle: 0 },
      shaftHeld: true,
    });
    for (let reading = 0; reading < 12; reading += 1)
      add('ReadingTaken', {
        runId,
        value: reading % 3 === 1 ? 0.26 : 0,
        typed: null,
        device: null,
        position: null,
      });
    add('RunAbandoned', { runId, reason: 'practice' });
  }
  return log.slice(0, length) as JobEvent[];
}

function median(action: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    action();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[Math.floor(RUNS / 2)]!;
}
