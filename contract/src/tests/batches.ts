import { InputError } from '@wendaxis/core/faults';
import { parseEvents } from '../parseEvents.ts';

export const ID = '3f2b8d1e-6f0a-4c51-9d2e-7a1b2c3d4e5f';
export const AT = '2026-11-24T08:00:00.000Z';
export const envelope = (type: string, data: unknown, rest: object = {}) => ({
  id: ID,
  type,
  version: 1,
  at: AT,
  by: 'ann',
  data,
  ...rest,
});

export function faultsOf(kind: 'job' | 'workshop', body: unknown) {
  try {
    parseEvents(kind, body);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error.faults;
  }
  return [];
}
export const faultsOfEvent = (type: string, data: unknown, rest: object = {}) =>
  faultsOf('job', { events: [envelope(type, data, rest)] });
