import { isSimulated } from '@wendaxis/core/devices';

/** What the server is told by its environment. */
export interface Config {
  readonly databaseUrl: string;
  readonly host: string;
  readonly port: number;
  readonly pages: string | null;
  readonly demo: boolean;
  /** Devices on a wire: id → host and port. */
  readonly lineDevices: ReadonlyMap<string, { readonly host: string; readonly port: number }>;
}

/**
 * Read the configuration.
 *
 * `DATABASE_URL`, `HOST` (default 127.0.0.1; loopback only), `PORT` (default 4173; 0 takes any free one), `WENDAXIS_PAGES`,
 * `WENDAXIS_DEMO=1`, `WENDAXIS_LINE_DEVICES=gauge-4=127.0.0.1:4010,…`.
 *
 * @throws Error naming the variable that cannot be used
 */
export function readConfig(env: Readonly<Record<string, string | undefined>>): Config {
  const databaseUrl = env['DATABASE_URL'];
  if (!databaseUrl)
    throw new Error('DATABASE_URL is missing: the address of a PostgreSQL database');
  const port = Number(env['PORT'] ?? 4173);
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`PORT is ${env['PORT']}: expected a whole number from 0 to 65535`);
  return {
    databaseUrl,
    host: readHost(env['HOST'] ?? '127.0.0.1'),
    port,
    pages: env['WENDAXIS_PAGES'] ?? null,
    demo: env['WENDAXIS_DEMO'] === '1',
    lineDevices: readLineDevices(env['WENDAXIS_LINE_DEVICES'] ?? ''),
  };
}

/** Addresses that only this machine itself can reach. */
const LOOPBACK = /^(?:127(?:\.\d{1,3}){3}|localhost|::1)$/u;

/** Until people can sign in, whoever reaches the server can read and write everything: it listens to this machine alone. */
function readHost(host: string): string {
  if (LOOPBACK.test(host)) return host;
  throw new Error(
    `HOST is ${host}: expected an address of this machine itself, such as 127.0.0.1. Nobody can sign in yet, so whoever ` +
      'reached the server could read and change every job.',
  );
}

function readLineDevices(text: string): Config['lineDevices'] {
  const entries = text.split(',').filter((entry) => entry !== '');
  return new Map(
    entries.map((entry) => {
      const match = /^([\w.-]+)=([\w.-]+):(\d{1,5})$/.exec(entry);
      if (match === null)
        throw new Error(`WENDAXIS_LINE_DEVICES has ${entry}: expected device=host:port`);
      if (isSimulated(match[1]!))
        throw new Error(
          `WENDAXIS_LINE_DEVICES has ${match[1]}: that is the name of a stand-in. Give the device a name of its own.`,
        );
      return [match[1]!, { host: match[2]!, port: Number(match[3]) }];
    }),
  );
}
