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
 * `DATABASE_URL`, `HOST` (default 127.0.0.1), `PORT` (default 4173; 0 takes any free one), `WENDAXIS_PAGES`,
 * `WENDAXIS_DEMO=1`, `WENDAXIS_LINE_DEVICES=dial-b=127.0.0.1:4010,…`.
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
    host: env['HOST'] ?? '127.0.0.1',
    port,
    pages: env['WENDAXIS_PAGES'] ?? null,
    demo: env['WENDAXIS_DEMO'] === '1',
    lineDevices: readLineDevices(env['WENDAXIS_LINE_DEVICES'] ?? ''),
  };
}

function readLineDevices(text: string): Config['lineDevices'] {
  const entries = text.split(',').filter((entry) => entry !== '');
  return new Map(
    entries.map((entry) => {
      const match = /^([\w.-]+)=([\w.-]+):(\d{1,5})$/.exec(entry);
      if (match === null)
        throw new Error(`WENDAXIS_LINE_DEVICES has ${entry}: expected device=host:port`);
      return [match[1]!, { host: match[2]!, port: Number(match[3]) }];
    }),
  );
}
