import { InputError, type InputFault } from '@wendaxis/core/faults';
import { EVENT_VERSION, JOB_EVENTS, WORKSHOP_EVENTS, type AnyEventRow } from '@wendaxis/core/job';
import {
  anObject,
  fits,
  identifier,
  instant,
  oneOf,
  record,
  uuid,
  whole,
} from '@wendaxis/core/schema';

import { checkShape } from './checkShape.ts';
import { dtoOf } from './dtoOf.ts';
import { unknownNames } from './unknownNames.ts';

/** Which kind of log a batch of events is for. */
export type StreamKind = 'job' | 'workshop';

/** An event on its way to the server: it has no place in its stream yet. */
export interface NewEvent {
  readonly id: string;
  readonly type: string;
  readonly version: number;
  readonly at: string;
  readonly by: string;
  readonly data: object;
}

/** Most events in one request. */
export const MOST_EVENTS = 500;

type CheckedRow = Pick<AnyEventRow<unknown>, 'data' | 'joint'>;
type Rows = Readonly<Record<string, CheckedRow>>;
const ROWS: Readonly<Record<StreamKind, Rows>> = { job: JOB_EVENTS, workshop: WORKSHOP_EVENTS };

/** What is around an event of a kind of log. */
function envelopeOf(rows: Rows) {
  return record({
    id: uuid(),
    type: oneOf(Object.keys(rows)),
    version: whole(1, EVENT_VERSION, { id: 'serverVersion', version: EVENT_VERSION }),
    at: instant(),
    by: identifier(),
    data: anObject(),
  });
}
const ENVELOPES = { job: envelopeOf(ROWS.job), workshop: envelopeOf(ROWS.workshop) } as const;

/**
 * Read a request body `{ events: [...] }` as events of one stream.
 * @returns the events, in the order given
 * @throws InputError with a path such as `events[3].data.value` for every fault
 */
export function parseEvents(kind: StreamKind, body: unknown): readonly NewEvent[] {
  const events = (body as { events?: unknown } | null | undefined)?.events;
  if (!Array.isArray(events) || events.length === 0 || events.length > MOST_EVENTS)
    throw new InputError([
      {
        code: 'missing',
        field: 'events',
        value: Array.isArray(events) ? events.length : null,
        wanted: { id: 'list', least: 1, most: MOST_EVENTS },
      },
    ]);
  const faults = events.flatMap((event, index) => eventFaults(kind, event, `events[${index}]`));
  if (faults.length > 0) throw new InputError(faults.slice(0, 20));
  return (events as NewEvent[]).map(({ id, type, version, at, by, data }) => ({
    id: id.toLowerCase(),
    type,
    version,
    at,
    by,
    data,
  }));
}

function eventFaults(kind: StreamKind, event: unknown, path: string): readonly InputFault[] {
  // Nearly everything that comes is sound: what surely is needs no longer look.
  if (fits(ENVELOPES[kind], event)) {
    const row = ROWS[kind][event.type]!;
    if (fits(row.data, event.data)) return jointFaults(row, event.data, `${path}.data`);
  }
  const besides = unknownNames(ENVELOPES[kind], event, path);
  if (besides.length > 0) return besides;
  const envelope = checkShape(dtoOf(ENVELOPES[kind]), event, path);
  if (envelope.length > 0) return envelope;
  const { type, data } = event as NewEvent;
  const row = ROWS[kind][type]!;
  const unknown = unknownNames(row.data, data, `${path}.data`);
  if (unknown.length > 0) return unknown;
  const shape = checkShape(dtoOf(row.data), data, `${path}.data`, { isPlain: true });
  return shape.length > 0 ? shape : jointFaults(row, data, `${path}.data`);
}

function jointFaults({ joint }: CheckedRow, data: object, path: string): readonly InputFault[] {
  try {
    joint?.(data as never);
    return [];
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.faults.map((fault) => ({ ...fault, field: `${path}.${fault.field}` }));
  }
}
