import type { JobEvent, WorkshopEvent } from '@wendaxis/core/job';
import type { InputFault } from '@wendaxis/core/faults';

/** An event of any log. */
export type StreamEvent = JobEvent | WorkshopEvent;

/** One log as this browser has it: confirmed by the server, then what waits to be sent. */
export interface StreamLog<E extends StreamEvent = StreamEvent> {
  readonly confirmed: readonly E[];
  readonly waiting: readonly E[];
  /** `missing`: the server has no such log. `unreachable`: nothing is known of it here, and the server does not answer. */
  readonly status: 'loading' | 'ready' | 'missing' | 'unreachable';
}

/** How this browser stands with the server. */
export type Reach = 'connecting' | 'online' | 'offline';

/**
 * What keeps waiting entries from going up although somebody answered: an answer that is not the server's own, a
 * failure of the server, or a log that the server does not have.
 */
export type Trouble = 'notOurServer' | 'serverFails' | 'noSuchLog';

/** The browser's own store: `full` and `refused` keep nothing more, and what is entered is only sent. */
export type StoreState = 'opening' | 'kept' | 'full' | 'refused';

/** Why an entry was set aside. Nothing was changed by it; it can be looked at, exported and sent again. */
export type AsideReason =
  | { readonly code: 'refused'; readonly message: string; readonly faults: readonly InputFault[] }
  | { readonly code: 'tooLarge' }
  | { readonly code: 'serverFailed' };

/** An entry that the server would not take. */
export interface AsideEvent {
  readonly streamId: string;
  readonly event: StreamEvent;
  readonly reason: AsideReason;
}

/** An answer to events that were sent. */
export type PushAnswer =
  | {
      readonly kind: 'accepted';
      readonly accepted: readonly { readonly id: string; readonly seq: number }[];
    }
  /** The events at these places of the batch are refused. */
  | {
      readonly kind: 'refused';
      readonly places: readonly number[];
      readonly message: string;
      readonly faults: readonly InputFault[];
    }
  | { readonly kind: 'tooLarge' }
  | { readonly kind: 'noSuchLog' }
  /** The server answered that it failed. */
  | { readonly kind: 'failed' }
  /** Something answered, but not our server. */
  | { readonly kind: 'notOurServer' }
  | { readonly kind: 'away' };

/** An answer to a question for events. */
export type PullAnswer =
  | { readonly kind: 'page'; readonly events: readonly StreamEvent[]; readonly lastSeq: number }
  | { readonly kind: 'noSuchLog' }
  | { readonly kind: 'failed' }
  | { readonly kind: 'notOurServer' }
  | { readonly kind: 'away' };

/** The way to the server. */
export interface Transport {
  push(streamId: string, events: readonly StreamEvent[]): Promise<PushAnswer>;
  /** Events after a place. */
  pull(streamId: string, after: number): Promise<PullAnswer>;
}

/** The browser's own store of logs. Every method may fail. */
export interface StreamStorage {
  /** What is kept of a log: confirmed in order of their places, waiting in the order in which they were written. */
  load(streamId: string): Promise<{
    readonly confirmed: readonly StreamEvent[];
    readonly waiting: readonly StreamEvent[];
  }>;
  /** Keep an event that waits to be sent, behind all that wait already; once, however often it is asked. */
  keep(streamId: string, event: StreamEvent): Promise<void>;
  /** Keep events that the server has; they wait no longer. */
  confirm(streamId: string, events: readonly StreamEvent[]): Promise<void>;
  /** Take waiting events out of the line and keep them with the reason. */
  setAside(rows: readonly AsideEvent[]): Promise<void>;
  /** What was set aside. */
  aside(): Promise<readonly AsideEvent[]>;
  /** Forget entries that were set aside. */
  forget(ids: readonly string[]): Promise<void>;
  /** Logs with events that wait to be sent. */
  waitingStreams(): Promise<readonly string[]>;
}

/** Timers, so that tests need not wait. */
export interface Timers {
  set(action: () => void, milliseconds: number): unknown;
  clear(timer: unknown): void;
}
