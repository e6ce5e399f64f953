import type { WorkshopInstrument } from '@wendaxis/core/job';

/** The card of an instrument as it goes into the log: which device it is read from is the workshop's own. */
export function cardOf({
  deviceId: _,
  ...card
}: WorkshopInstrument): Omit<WorkshopInstrument, 'deviceId'> {
  return card;
}
