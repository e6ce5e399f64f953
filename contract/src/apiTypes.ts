import type { InputFault } from '@wendaxis/core/faults';
import type { JobScope } from '@wendaxis/core/job';
import type { NextAction, Stage, Unreadable } from '@wendaxis/core/plan';

import type { JobFilter } from './jobFilter.ts';

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
  /** Simulated readings count in it: no record of a real unit. */
  readonly practice: boolean;
  /** Why its log cannot be read; null as a rule. */
  readonly unreadable: Unreadable | null;
  /** Whether the row is as new as its log; if not, it is being brought up to date. */
  readonly current: boolean;
  /** Pieces of each size in its packs. */
  readonly pieces: Readonly<Record<string, number>>;
}

/** One page of the list of jobs. */
export interface JobsAnswer {
  readonly jobs: readonly JobRow[];
  /** Jobs that each filter shows, by the words searched for. */
  readonly counts: Readonly<Record<JobFilter, number>>;
  /** This page, from 0, and how many there are. */
  readonly page: number;
  readonly pages: number;
  /** Jobs whose rows are still to be brought up to date. */
  readonly waiting?: number;
}

/** What other jobs have taken from the box, by size. */
export interface StockUse {
  readonly used: Readonly<Record<string, number>>;
}

/** Every error answer. */
export interface ErrorAnswer {
  readonly error: {
    readonly code: string;
    readonly message: string;
    /** Each as data, and in words in core units. */
    readonly faults: readonly (InputFault & { readonly expected: string })[];
  };
}
