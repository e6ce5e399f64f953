import { IsIn, IsInt, IsObject, IsUUID, Max, Min } from 'class-validator';

import { InputError, refuse, type InputFault } from '@wendaxis/core/faults';
import { requireSize } from '@wendaxis/core/inspect';
import {
  EVENT_VERSION,
  requireClosing,
  requireFeel,
  requireSpecBand,
  requireTerm,
  requireTorque,
  type JobEventData,
  type WorkshopEventData,
} from '@wendaxis/core/job';
import { requireTool } from '@wendaxis/core/preload';
import { requireMaterial } from '@wendaxis/core/materials';
import { requireAxis, requirePart, requireStation, requireUnit } from '@wendaxis/core/unit';

import { checkShape } from './checkShape.ts';
import { Identifier, Instant } from './decorators.ts';
import { JOB_EVENT_DTOS, WORKSHOP_EVENT_DTOS } from './events/eventDtos.ts';

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

const DTOS = { job: JOB_EVENT_DTOS, workshop: WORKSHOP_EVENT_DTOS } as const;

class EnvelopeDto {
  @IsUUID(undefined, { message: 'must be a UUID' }) id!: string;
  @IsInt({ message: 'must be a whole number' })
  @Min(1, { message: 'must be at least 1' })
  @Max(EVENT_VERSION, { message: `must be at most ${EVENT_VERSION}: update the server` })
  version!: number;
  @Instant() at!: string;
  @Identifier() by!: string;
  @IsObject({ message: 'must be an object' }) data!: object;
}

class JobEnvelopeDto extends EnvelopeDto {
  @IsIn(Object.keys(JOB_EVENT_DTOS), {
    message: `must be one of ${Object.keys(JOB_EVENT_DTOS).join(', ')}`,
  })
  type!: string;
}

class WorkshopEnvelopeDto extends EnvelopeDto {
  @IsIn(Object.keys(WORKSHOP_EVENT_DTOS), {
    message: `must be one of ${Object.keys(WORKSHOP_EVENT_DTOS).join(', ')}`,
  })
  type!: string;
}

const ENVELOPES = { job: JobEnvelopeDto, workshop: WorkshopEnvelopeDto } as const;

/** Rules that join several fields; the core owns them. */
const JOINT_RULES: Readonly<Record<string, (data: never) => void>> = {
  JobOpened: ({ unit }: JobEventData['JobOpened']) => void requireUnit(unit, 'unit.'),
  SpecSet: ({ axisId, kind, band, through }: JobEventData['SpecSet']) => {
    requireSpecBand(kind, band);
    if (through?.axisId === axisId)
      refuse('contradiction', 'through.axisId', axisId, 'the axis of the pinion, not its own');
  },
  SizeMeasured: ({ feature, value }: JobEventData['SizeMeasured']) =>
    void requireSize(feature, value),
  StationDescribed: ({ station }: JobEventData['StationDescribed']) =>
    requireStation(station, new Set([station.partId]), 'station'),
  AxisDescribed: ({ axis }: JobEventData['AxisDescribed']) => void requireAxis(axis, 'axis'),
  PartDescribed: ({ part }: JobEventData['PartDescribed']) => void requirePart(part, 'part'),
  PackRecorded: ({ pieces }: JobEventData['PackRecorded']) => pieces.forEach(requireMicrometres),
  PackChosen: ({ pieces }: JobEventData['PackChosen']) => pieces.forEach(requireMicrometres),
  PackFitted: ({ pieces }: JobEventData['PackFitted']) => pieces.forEach(requireMicrometres),
  SpacerFelt: (data: JobEventData['SpacerFelt']) => requireFeel(data),
  PlayTermSet: (data: JobEventData['PlayTermSet']) => requireTerm(data),
  ClosingRead: (data: JobEventData['ClosingRead']) => requireClosing(data),
  TorqueRead: (data: JobEventData['TorqueRead']) => requireTorque(data),
  TorqueToolAdded: ({ tool }: WorkshopEventData['TorqueToolAdded']) => void requireTool(tool),
  MaterialAdded: ({ material }: WorkshopEventData['MaterialAdded']) =>
    typeof material === 'string'
      ? refuse('contradiction', 'material', material, 'the figures of a material, not a name')
      : void requireMaterial('material', material),
  TemplateSaved: ({ unit }: WorkshopEventData['TemplateSaved']) => void requireUnit(unit, 'unit.'),
  SizeStocked: (data: WorkshopEventData['SizeStocked']) => requireMicrometres(data),
  SizeOrdered: (data: WorkshopEventData['SizeOrdered']) => requireMicrometres(data),
  SizeReceived: (data: WorkshopEventData['SizeReceived']) => requireMicrometres(data),
};

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
  const dto = (DTOS[kind] as Readonly<Record<string, new () => object>>)[type]!;
  const shape = checkShape(dto, data, `${path}.data`, { isPlain: true });
  return shape.length > 0 ? shape : jointFaults(type, data, `${path}.data`);
}

function jointFaults(type: string, data: object, path: string): readonly InputFault[] {
  try {
    if (Object.hasOwn(JOINT_RULES, type)) JOINT_RULES[type]!(data as never);
    return [];
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.faults.map((fault) => ({ ...fault, field: `${path}.${fault.field}` }));
  }
}

function requireMicrometres({ thickness }: { thickness: number }, index?: number): void {
  if (Math.abs(thickness * 1000 - Math.round(thickness * 1000)) < 1e-6) return;
  const field = index === undefined ? 'thickness' : `pieces[${index}].thickness`;
  throw new InputError([
    {
      code: 'outOfRange',
      field,
      value: thickness,
      expected: 'whole micrometres (three decimals of a mm)',
    },
  ]);
}
