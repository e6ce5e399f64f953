import { refuse } from '@wendaxis/core/faults';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

/**
 * Check a job id from an address.
 * @throws InputError naming `jobId`
 */
export function requireJobId(value: unknown): string {
  return typeof value === 'string' && UUID.test(value)
    ? value
    : refuse('unreadable', 'jobId', value ?? null, { id: 'uuid' });
}
