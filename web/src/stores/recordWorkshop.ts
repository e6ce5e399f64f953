import { v4 as uuid } from 'uuid';

import type { AppendAnswer } from '@wendaxis/contract';
import { EVENT_VERSION, type WorkshopEventData, type WorkshopEventType } from '@wendaxis/core/job';

import { send } from '../api/client.ts';
import { useSettings } from './settingsStore.ts';

/**
 * Record something of the workshop. It is shared by every bench, so it goes straight to the server.
 * @throws AnswerError, OutOfReachError
 */
export async function recordWorkshop<Type extends WorkshopEventType>(
  type: Type,
  data: WorkshopEventData[Type],
): Promise<void> {
  const event = {
    id: uuid(),
    type,
    version: EVENT_VERSION,
    at: new Date().toISOString(),
    by: useSettings.getState().personId,
    data,
  };
  await send<AppendAnswer>('/workshop/events', { events: [event] });
}
