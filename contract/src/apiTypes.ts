import type { InputFault } from '@wendaxis/core/faults';
import type { WorkshopState } from '@wendaxis/core/job';
import type { JobScope } from '@wendaxis/core/job';
import type { NextAction, Stage } from '@wendaxis/core/plan';

/** Answer to a batch of events: where each stands in its stream, old ones included. */
export interface AppendAnswer {
  readonly accepted: readonly { readonly id: string; readonly seq: number }[];
  readonly lastSeq: number;
}

/** Answer to a read of a stream. */
export interface EventsAnswer<E> {
  readonly events: readonly E[];
  readonly lastSeq: number;
}

/** One job in the list. */
export interface JobRow {
  readonly jobId: string;
  readonly name: string;
  readonly reason: string;
  readonly stage: Stage;
  readonly scope: JobScope;
  readonly next: NextAction['kind'];
  /** The next step of the plan and why it comes now; null while a run is open or nothing is left. */
  readonly step: { readonly title: string; readonly reason: string } | null;
  /** Steps behind, and all of the plan. */
  readonly behind: number;
  readonly steps: number;
  /** Data the plan still lacks, in words; at most three. */
  readonly missing: readonly string[];
  readonly finished: boolean;
  readonly openedAt: string;
  readonly updatedAt: string;
  /** Pieces of each size in its packs. */
  readonly pieces: Readonly<Record<string, number>>;
}

/** The workshop as it stands. */
export interface WorkshopAnswer extends WorkshopState {
  /** Pieces of each size fitted, by job. */
  readonly usedByJob: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

/** Every error answer. */
export interface ErrorAnswer {
  readonly error: {
    readonly code: string;
    readonly message: string;
    readonly faults: readonly InputFault[];
  };
}
