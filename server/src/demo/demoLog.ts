import { v5 as uuidV5 } from 'uuid';

import type { NewEvent } from '@wendaxis/contract';
import { EVENT_VERSION, foldJob, type JobEvent, type JobEventData } from '@wendaxis/core/job';
import { compilePlan } from '@wendaxis/core/plan';
import { answerStep, type WorkHabits } from '@wendaxis/core/simulate';

/** Namespace of the demo's ids; any fixed UUID. */
export const NAMESPACE = '6f0d0a52-6c1b-4b52-9f0c-0d6d0f6b7a11';

/** Id of the log of a demo job, by its name. */
export const streamIdOf = (name: string): string => uuidV5(name, NAMESPACE);

/** Keeps a demo that cannot come to its end from going on for ever. */
const MOST_STEPS = 300;

/** Writes a demo log: ids follow from the place in the log, so that loading it twice stores it once. */
export class DemoLog<Map extends object> {
  readonly streamId: string;
  readonly events: NewEvent[] = [];
  readonly #by: string;
  #time: number;

  constructor(name: string, startsAt: string, by: string) {
    this.streamId = streamIdOf(name);
    this.#time = Date.parse(startsAt);
    this.#by = by;
  }

  /** Add an event, some minutes after the one before. */
  add<Type extends keyof Map & string>(type: Type, data: Map[Type], minutesLater = 1): this {
    this.#time += minutesLater * 60_000;
    const id = uuidV5(`${this.streamId} ${this.events.length}`, NAMESPACE);
    const at = new Date(this.#time).toISOString();
    this.events.push({ id, type, version: EVENT_VERSION, at, by: this.#by, data: data as object });
    return this;
  }
}

/** Let the imagined mechanic work a job through until the plan's next step is by this rule. */
export function workUntil(
  log: DemoLog<JobEventData>,
  rule: string,
  habits: WorkHabits,
): DemoLog<JobEventData> {
  for (let turn = 0; turn < MOST_STEPS; turn += 1) {
    const state = foldJob(log.events as unknown as readonly JobEvent[]);
    const { next } = compilePlan(state);
    if (next === null || next.rule === rule) return log;
    for (const { type, data } of answerStep(state, next, habits, () => `${next.rule}-${turn}`))
      log.add(type, data as never, 2);
  }
  throw new Error(`the demo never comes to ${rule}`);
}
