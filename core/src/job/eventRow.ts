import type { Schema } from '../schema/index.ts';
import type { QuantityKind } from '../units/index.ts';
import type { Envelope } from './envelope.ts';
import type { JobState } from './state.ts';
import type { WorkshopState } from './workshopState.ts';

/** How the log tells quantities and names: in the reader's units, lengths unless another kind is named. */
export interface LogTeller {
  /** Number and unit. */
  readonly show: (value: number, kind?: QuantityKind, decimals?: number) => string;
  /** The number alone. */
  readonly digits: (value: number, kind?: QuantityKind, decimals?: number) => string;
  readonly unit: (kind?: QuantityKind) => string;
  /** What a station, part or axis is called. */
  readonly name: (id: string) => string;
  /** What a step of the plan is called. */
  readonly step: (id: string) => string;
  /** A sentence of the core, its quantities in the units of the screen. */
  told(text: string): string;
}

/** Everything about one kind of event. Its TypeScript type, its check and its place in the log follow from this. */
export interface EventRow<Type extends string, Data, State> {
  readonly type: Type;
  /** What it carries. Lengths in mm; `typed` keeps what the mechanic wrote. */
  readonly data: Schema<Data>;
  /** Version of the log in which it came. */
  readonly since: number;
  /** By version: how the data of that version becomes that of the next. */
  readonly lifts?: Readonly<Record<number, (data: object) => object>>;
  /** A rule that joins several fields, checked before it is stored. @throws InputError naming the field */
  readonly joint?: (data: Data) => unknown;
  /** It speaks of what came before it, too: the log is folded whole again. */
  readonly changesWhatWas?: true;
  /** What the log says of it, in one line. */
  readonly says: (data: Data, tell: LogTeller) => string;
  /**
   * The new state, or a sentence that says why the event cannot be applied.
   * @param order of the event among all that stand: what came later is higher
   */
  readonly reduce: (state: State, event: Envelope<Type, Data>, order: number) => State | string;
}

/** A row of any kind of event: what it carries is known when its `data` has been looked at. */
export type AnyEventRow<State> = Pick<
  EventRow<string, unknown, State>,
  'type' | 'data' | 'since' | 'lifts' | 'changesWhatWas'
> & {
  readonly joint?: (data: never) => unknown;
  readonly says: (data: never, tell: LogTeller) => string;
  readonly reduce: (state: State, event: never, order: number) => State | string;
};

/** The rows of one kind of log, by type. */
export type EventRows<State> = Readonly<Record<string, AnyEventRow<State>>>;

/** A kind of event of a job. */
export const jobEvent = <const Type extends string, Data>(
  row: EventRow<Type, Data, JobState>,
): EventRow<Type, Data, JobState> => row;

/** A kind of event of the workshop. */
export const workshopEvent = <const Type extends string, Data>(
  row: EventRow<Type, Data, WorkshopState>,
): EventRow<Type, Data, WorkshopState> => row;
