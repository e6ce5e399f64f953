import { randomUUID } from 'node:crypto';

import { pino } from 'pino';
import pg from 'pg';

import { readConfig } from '../config.ts';
import { startServer, type RunningServer } from '../startServer.ts';

/** A server for a test, on a database of its own inside the PostgreSQL of the test run. */
export interface TestServer extends RunningServer {
  readonly databaseUrl: string;
  get(path: string): Promise<{ status: number; body: any }>; // oxlint-disable-line typescript/no-explicit-any -- answers of any shape
  post(path: string, body: unknown): Promise<{ status: number; body: any }>; // oxlint-disable-line typescript/no-explicit-any -- answers of any shape
}

/** Make an empty database and start a server on it. */
export async function startTestServer(
  env: Readonly<Record<string, string>> = {},
): Promise<TestServer> {
  const databaseUrl =
    env['DATABASE_URL'] ?? (await createDatabase(`t_${randomUUID().replaceAll('-', '')}`));
  const config = readConfig({ PORT: '0', ...env, DATABASE_URL: databaseUrl });
  const server = await startServer(config, pino({ level: 'silent' }));
  // A connection for each question: one that is kept may be closed by a server of the same process while it is asked again.
  const ask = async (path: string, init?: RequestInit) => {
    const headers = { ...init?.headers, connection: 'close' };
    const response = await fetch(`${server.address}api${path}`, { ...init, headers });
    return { status: response.status, body: (await response.json()) as unknown };
  };
  return {
    ...server,
    databaseUrl,
    get: (path) => ask(path),
    post: (path, body) =>
      ask(path, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: typeof body === 'string' ? body : JSON.stringify(body),
      }),
  };
}

async function createDatabase(name: string): Promise<string> {
  const url = new URL(process.env['DATABASE_URL']!);
  const client = new pg.Client({ connectionString: url.href });
  await client.connect();
  await client.query(`CREATE DATABASE ${name}`);
  await client.end();
  url.pathname = `/${name}`;
  return url.href;
}
