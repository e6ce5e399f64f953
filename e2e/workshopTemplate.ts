import pg from 'pg';

import { startServer } from '../scripts/setup/server.mjs';

/** The variable that names the database with the demo in it, of which each test gets a copy. */
export const TEMPLATE = 'WENDAXIS_TEMPLATE';

/** Make a database, of another one where it is named. @returns its address */
export async function newDatabase(name: string, template?: string): Promise<string> {
  const url = new URL(process.env['DATABASE_URL']!);
  const client = new pg.Client({ connectionString: url.href });
  await client.connect();
  await client.query(
    `CREATE DATABASE ${name}${template === undefined ? '' : ` TEMPLATE ${template}`}`,
  );
  await client.end();
  url.pathname = `/${name}`;
  return url.href;
}

/** The demo is written once, by the server itself; a copy of it takes a tenth of a second. */
export default async function writeTemplate(): Promise<void> {
  const name = `e2e_template_${process.pid}`;
  const database = await newDatabase(name);
  const server = await startServer({ DATABASE_URL: database, PORT: '0', WENDAXIS_DEMO: '1' });
  await server.stop();
  process.env[TEMPLATE] = name;
}
