import { instantAt } from '../draws/index.ts';
import { EVENT_VERSION, foldJob, foldRest, type JobEvent, type JobState } from '../job/index.ts';
import { compilePlan, isBehind, type Step } from '../plan/index.ts';
import { answerStep, USUAL_HABITS, type Recorded } from '../simulate/index.ts';
import type { Unit } from '../unit/index.ts';

/** A job of a drawn unit at the bench: its log, what is so, and what its plan asks for. */
export class JobAtBench {
  readonly events: JobEvent[] = [];
  readonly unit: Unit;
  #state: JobState | null = null;
  #ids = 0;

  constructor(unit: Unit) {
    this.unit = unit;
    this.record({ type: 'JobOpened', data: { unit, reason: '', scope: 'overhaul' } });
  }

  get state(): JobState {
    return this.#state!;
  }

  get steps(): readonly Step[] {
    return compilePlan(this.state).steps;
  }

  get open(): readonly Step[] {
    return this.steps.filter((step) => !isBehind(step));
  }

  /** Acts of what is open, each with what it is done to: `seat left-cup`. */
  get openActs(): readonly string[] {
    return this.open.flatMap(({ act, on, rows }) =>
      (act === null ? rows : [{ act, on }]).flatMap((row) =>
        row.on.map((id) => `${row.act} ${id}`),
      ),
    );
  }

  record(...facts: readonly Recorded[]): void {
    const since = facts.map((fact) => this.#event(fact));
    this.events.push(...since);
    const on = this.#state === null ? null : foldRest(this.#state, since);
    this.#state = on ?? foldJob(this.events);
  }

  /** Do a step as it asks; what it still lacks then is set aside. A measurement that stands open is left for the step. */
  answer(step: Step): void {
    const left = this.state.measured.runs.find(({ status }) => status === 'open');
    if (left !== undefined)
      this.record({ type: 'RunAbandoned', data: { runId: left.runId, reason: 'read anew' } });
    const ids = () => `id${(this.#ids += 1)}`;
    this.record(...answerStep(this.state, step, USUAL_HABITS, ids));
    const { status } = this.steps.find(({ id }) => id === step.id) ?? {};
    if (status === 'ready' || status === 'missing')
      this.record({ type: 'StepSetAside', data: { stepId: step.id, reason: 'as it is' } });
  }

  /** Do what the plan says next, so many steps, but not the finish. */
  work(most: number): void {
    for (let turn = 0; turn < most; turn += 1) {
      const { next } = compilePlan(this.state);
      if (next === null || next.form === 'finish') return;
      this.answer(next);
    }
  }

  /** To the record. @returns why it does not come there; null where it does */
  finish(): string | null {
    const most = 4 * this.steps.length + 40;
    for (let turn = 0; turn < most; turn += 1) {
      if (this.state.sheet.finished !== null) return null;
      const { next } = compilePlan(this.state);
      if (next === null)
        return `nothing is next: ${this.open.map(({ id, status }) => `${id} ${status}`).join(', ')}`;
      this.answer(next);
    }
    return `it has no end: ${compilePlan(this.state).next?.id}`;
  }

  #event({ type, data }: Recorded): JobEvent {
    const seq = (this.#ids += 1);
    const at = instantAt(seq);
    return {
      id: `e${seq}`,
      seq,
      type,
      version: EVENT_VERSION,
      at,
      by: 'mechanic',
      data,
    } as JobEvent;
  }
}
