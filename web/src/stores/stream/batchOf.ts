import type { StreamEvent } from './streamTypes.ts';

/** Most events, and most bytes of them, in one request: far below what the server takes. */
export const MOST_IN_BATCH = 200;
const MOST_BYTES = 300_000;

/**
 * The first of the waiting events that go up together: as many as one request may carry, and never none.
 * @param most events at most
 */
export function batchOf(
  waiting: readonly StreamEvent[],
  most = MOST_IN_BATCH,
): readonly StreamEvent[] {
  let bytes = 0;
  const batch: StreamEvent[] = [];
  for (const event of waiting.slice(0, most)) {
    bytes += JSON.stringify(event).length * 2; // text outside ASCII takes up to three bytes, rarely all of it
    if (batch.length > 0 && bytes > MOST_BYTES) break;
    batch.push(event);
  }
  return batch;
}
