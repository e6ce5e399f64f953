import { fileURLToPath } from 'node:url';

import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';

import * as schema from './schema.ts';

export type Database = NodePgDatabase<typeof schema> & { readonly $client: pg.Pool };

/** A pool and the typed access to it. */
export interface OpenDatabase {
  readonly db: Database;
  readonly pool: pg.Pool;
}

const MIGRATIONS = fileURLToPath(new URL('../../migrations', import.meta.url));
/** Any number that is ours: two servers starting at once migrate one after the other. */
const MIGRATION_LOCK = 7_361_042;

/** How long a statement may take, wait for a lock, and leave its transaction open, ms: none holds up the others for ever. */
const LIMITS = {
  statement_timeout: 20_000,
  lock_timeout: 3000,
  idle_in_transaction_session_timeout: 10_000,
} as const;

/**
 * Open a pool on a database.
 * @param onLost called when an idle connection breaks; the pool makes a new one at the next query
 */
export function openDatabase(url: string, onLost: (error: Error) => void): OpenDatabase {
  const pool = new pg.Pool({
    connectionString: url,
    max: 10,
    connectionTimeoutMillis: 5000,
    ...LIMITS,
  });
  pool.on('error', (error) => onLost(error));
  // A connection that breaks in the middle of a transaction tells its own listeners, not the pool's.
  pool.on('connect', (client) => client.on('error', onLost));
  return { db: drizzle(pool, { schema }), pool };
}

/** Bring the tables to today's shape. Safe to run from several servers at once. */
export async function migrateDatabase(url: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [MIGRATION_LOCK]);
    await migrate(drizzle(client), { migrationsFolder: MIGRATIONS });
  } finally {
    await client.end();
  }
}
