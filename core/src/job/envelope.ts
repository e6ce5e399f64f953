/** An event as it is stored: identity, place in its stream, who and when, and what happened. */
export interface Envelope<Type extends string, Data> {
  /** UUID, made where the event happened, so that sending it twice stores it once. */
  readonly id: string;
  /** 1, 2, 3 … within the stream, given by the server; null while it waits to be sent. */
  readonly seq: number | null;
  readonly type: Type;
  readonly version: number;
  /** ISO 8601 instant, by the clock of the bench. */
  readonly at: string;
  /** Person's id. */
  readonly by: string;
  readonly data: Data;
}

/** The version in which events are written today. */
export const EVENT_VERSION = 1;
