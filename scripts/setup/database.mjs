import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** The account the application works as: it owns its own databases and nothing else. */
const ROLE = 'wendaxis_app';

/**
 * A database of a private PostgreSQL, made where it is missing, for the application's own account.
 * @param server as `prepare` gives it, running
 * @param mayCreate whether the account may make further databases, as tests do
 * @returns its address, for that account
 */
export async function openDatabase(server, name, { mayCreate = false } = {}) {
  const secret = join(server.home, 'app-secret');
  if (!existsSync(secret)) writeFileSync(secret, randomBytes(18).toString('hex'), { mode: 0o600 });
  const password = readFileSync(secret, 'utf8');
  await asAdmin(server, 'template1', async (client) => {
    const { rowCount } = await client.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [ROLE]);
    const rights = `LOGIN NOSUPERUSER NOCREATEROLE ${mayCreate ? 'CREATEDB' : 'NOCREATEDB'} PASSWORD '${password}'`;
    await client.query(`${rowCount === 0 ? 'CREATE' : 'ALTER'} ROLE ${ROLE} ${rights}`);
    const known = await client.query('SELECT 1 FROM pg_database WHERE datname = $1', [name]);
    if (known.rowCount > 0) return;
    if (name === 'demo' && (await holdsOurTables(server))) await takeOver(client, name);
    else await client.query(`CREATE DATABASE ${name} OWNER ${ROLE}`);
  });
  await asAdmin(server, name, giveToRole);
  const url = new URL(server.adminUrl(name));
  url.username = ROLE;
  url.password = password;
  return url.href;
}

/** Before the application had an account and databases of its own, everything lay in the one named postgres. */
async function holdsOurTables(server) {
  return asAdmin(server, 'postgres', async (client) => {
    const { rows } = await client.query("SELECT to_regclass('public.events') IS NOT NULL AS ours");
    return rows[0].ours;
  });
}

async function takeOver(client, name) {
  await client.query(`ALTER DATABASE postgres RENAME TO ${name}`);
  await client.query('CREATE DATABASE postgres');
  await client.query(`ALTER DATABASE ${name} OWNER TO ${ROLE}`);
}

/** Whatever the owning account made in a database belongs to the application's account. */
async function giveToRole(client) {
  const { rows } = await client.query(`
    SELECT format('ALTER %s %s OWNER TO ${ROLE}', CASE c.relkind WHEN 'S' THEN 'SEQUENCE' ELSE 'TABLE' END, c.oid::regclass) AS change
    FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace
    WHERE c.relkind IN ('r', 'S') AND n.nspname IN ('public', 'drizzle') AND pg_get_userbyid(c.relowner) <> '${ROLE}'
      AND NOT EXISTS (SELECT 1 FROM pg_depend d WHERE d.objid = c.oid AND d.deptype IN ('a', 'i') AND c.relkind = 'S')
    UNION ALL
    SELECT format('ALTER SCHEMA %I OWNER TO ${ROLE}', nspname) FROM pg_namespace WHERE nspname = 'drizzle' AND pg_get_userbyid(nspowner) <> '${ROLE}'`);
  for (const { change } of rows) await client.query(change);
}

async function asAdmin(server, database, action) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: server.adminUrl(database) });
  await client.connect();
  try {
    return await action(client);
  } finally {
    await client.end();
  }
}
