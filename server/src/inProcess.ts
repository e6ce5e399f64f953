import { pino } from 'pino';

import { readConfig } from './config.ts';
import { startServer, type RunningServer } from './startServer.ts';

/** A server within the process that asks for it, told by `env` what the program is told by its environment. */
export function startInProcess(
  env: Readonly<Record<string, string | undefined>>,
): Promise<RunningServer> {
  return startServer(readConfig(env), pino({ level: env['LOG_LEVEL'] ?? 'warn' }));
}
