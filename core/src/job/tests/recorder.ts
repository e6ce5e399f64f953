import type { Instrument } from '../../measure/index.ts';
import type { Axis, Unit } from '../../unit/index.ts';
import { EVENT_VERSION } from '../envelope.ts';
import type { JobEvent, JobEventData, JobEventType } from '../events.ts';
import { foldJob, foldRest } from '../foldJob.ts';
import type { JobScope, RunStage } from '../kinds.ts';
import type { JobState } from '../state.ts';

/** Something that is recorded: its type and what it carries. */
export type Fact = {
  [Type in JobEventType]: { readonly type: Type; readonly data: JobEventData[Type] };
}[JobEventType];

/** The log of a job in a test: what is recorded gets ids that count up, and folds. */
export class Recorder {
  readonly events: JobEvent[] = [];
  #runs = 0;
  #folded: { readonly state: JobState | null; readonly upTo: number } = { state: null, upTo: 0 };

  constructor(unit: Unit, scope: JobScope = 'overhaul') {
    this.add('JobOpened', { unit, reason: '', scope });
  }

  record({ type, data }: Fact): this {
    return this.add(type, data as never);
  }

  /** @param minute after the midnight at which the job begins */
  add<Type extends JobEventType>(type: Type, data: JobEventData[Type], minute = 0): this {
    const seq = this.events.length + 1;
    const at = new Date(Date.UTC(2026, 0, 1, 0, minute)).toISOString();
    const event = { id: `e${seq}`, seq, type, version: EVENT_VERSION, at, by: 'ann', data };
    this.events.push(event as unknown as JobEvent);
    return this;
  }

  /** A whole run of three cycles that read the same. */
  closedRun(specId: string, stage: RunStage, instrument: Instrument, play: number): this {
    this.#runs += 1;
    const runId = `run${this.#runs}`;
    const indicator = { contact: 'faceSquareToTravel', angle: 0 } as const;
    this.add('RunOpened', { runId, specId, stage, instrument, indicator, shaftHeld: true });
    for (const value of [0, play, 0, 0, play, 0, 0, play, 0])
      this.add('ReadingTaken', { runId, value, typed: null, device: null, position: null });
    return this.add('RunClosed', { runId });
  }

  /** Folded on from the last look, as a page does: what hangs on the unit or the state is worked out once. */
  get state(): JobState {
    const { state, upTo } = this.#folded;
    const { length } = this.events;
    if (state === null || upTo !== length) {
      const on = state === null ? null : foldRest(state, this.events.slice(upTo));
      this.#folded = { state: on ?? foldJob(this.events), upTo: length };
    }
    return this.#folded.state!;
  }

  get axis(): Axis {
    return this.state.unit!.axes[0]!;
  }
}
