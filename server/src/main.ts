import { pino } from 'pino';

import { readConfig } from './config.ts';
import { startServer } from './startServer.ts';

const log = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' });
const server = await startServer(readConfig(process.env), log).catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
process.stdout.write(`Wendaxis is open at ${server.address}\n`);

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => void server.stop().then(() => process.exit(0)));
