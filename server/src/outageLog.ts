import type { Logger } from 'pino';

import { tracesOf } from './errors.ts';

/** Said again after this long, while it lasts, ms. */
const SAY_AGAIN = 60_000;

/**
 * Writes an outage of the database into the program's log as one line when it begins, one a minute while it lasts, and how many
 * requests it cost: not a stack for every request.
 * @param now the time, ms
 */
export function outageLog(log: Logger, now: () => number = Date.now) {
  let saidAt = -Infinity;
  let refused = 0;
  return (code: string, error: unknown): void => {
    refused += 1;
    if (now() - saidAt < SAY_AGAIN) return;
    log.error({ code, refused, ...tracesOf(error) }, 'the database does not answer');
    saidAt = now();
    refused = 0;
  };
}
