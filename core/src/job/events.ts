import type { TypeOf } from '../schema/index.ts';
import type { Envelope } from './envelope.ts';
import type { JOB_EVENTS } from './jobEventTable.ts';
import type { WORKSHOP_EVENTS } from './workshopEventTable.ts';

type DataOf<Table> = {
  readonly [Type in keyof Table]: Table[Type] extends { readonly data: infer Data }
    ? TypeOf<Data>
    : never;
};

/** What each event of a job carries, by type. */
export type JobEventData = DataOf<typeof JOB_EVENTS>;
/** What each event of the workshop carries, by type. */
export type WorkshopEventData = DataOf<typeof WORKSHOP_EVENTS>;

/** Distributes an event map into a union of envelopes. */
export type EventOf<Map> = { [T in keyof Map & string]: Envelope<T, Map[T]> }[keyof Map & string];

export type JobEvent = EventOf<JobEventData>;
export type WorkshopEvent = EventOf<WorkshopEventData>;
export type JobEventType = keyof JobEventData;
export type WorkshopEventType = keyof WorkshopEventData;
