import { v4 as uuid } from 'uuid';

import {
  EVENT_VERSION,
  type WorkshopEvent,
  type WorkshopEventData,
  type WorkshopEventType,
} from '@wendaxis/core/job';

import { signature } from './settingsStore.ts';
import { browserStreams, WORKSHOP_STREAM } from './stream/index.ts';

/**
 * Record something of the workshop, in the same way as something of a job. It is checked by the rules of the wire
 * first, so that a form can say at once what cannot be so.
 * @throws InputError naming the field
 */
export async function recordWorkshop<Type extends WorkshopEventType>(
  type: Type,
  data: WorkshopEventData[Type],
): Promise<void> {
  const at = new Date().toISOString();
  const event = { id: uuid(), type, version: EVENT_VERSION, at, by: signature(), data };
  // Fetched when it is first needed: the first page does without.
  const { parseEvents } = await import('@wendaxis/contract');
  parseEvents('workshop', { events: [event] });
  browserStreams().client.record(WORKSHOP_STREAM, {
    ...event,
    seq: null,
  } as unknown as WorkshopEvent);
}
