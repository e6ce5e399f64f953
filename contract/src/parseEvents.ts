import { IsIn, IsInt, IsObject, Max, Min } from 'class-validator';

import { InputError, type InputFault } from '@wendaxis/core/faults';
import { EVENT_VERSION, JOB_EVENTS, WORKSHOP_EVENTS, type AnyEventRow } from '@wendaxis/core/job';
import { fits } from '@wendaxis/core/schema';

import { checkShape } from './checkShape.ts';
import { Identifier, Instant, Uuid } from './decorators.ts';
import { dtoOf } from './dtoOf.ts';

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

class EnvelopeDto {
  @Uuid() id!: string;
  @IsInt({ message: 'must be a whole number' })
  @Min(1, { message: 'must be at least 1' })
  @Max(EVENT_VERSION, { message: `must be at most ${EVENT_VERSION}: update the server` })
  version!: number;
  @Instant() at!: string;
  @Identifier() by!: string;
  @IsObject({ message: 'must be an object' }) data!: object;
}

class JobEnvelopeDto extends EnvelopeDto {
  @IsIn(Object.keys(JOB_EVENTS), {
    message: `must be one of ${Object.keys(JOB_EVENTS).join(', ')}`,
  })
  type!: string;
}

class WorkshopEnvelopeDto extends EnvelopeDto {
  @IsIn(Object.keys(WORKSHOP_EVENTS), {
    message: `must be one of ${Object.keys(WORKSHOP_EVENTS).join(', ')}`,
  })
  type!: string;
}

const ENVELOPES = { job: JobEnvelopeDto, workshop: WorkshopEnvelopeDto } as const;

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
        expected: `a list of 1 to ${MOST_EVENTS} events`,
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
  const envelope = checkShape(ENVELOPES[kind], event, path);
  if (envelope.length > 0) return envelope;
  const { type, data } = event as NewEvent;
  const row = ROWS[kind][type]!;
  // Nearly everything that comes is sound: what surely is needs no longer look.
  const shape = fits(row.data, data)
    ? []
    : checkShape(dtoOf(row.data), data, `${path}.data`, { isPlain: true });
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
