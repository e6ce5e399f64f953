import { ensurePackages } from './setup/packages.mjs';
import { freePort, sharedPostgres } from './setup/postgres.mjs';
import { say } from './setup/run.mjs';
import { buildPages, buildServer, startServer } from './setup/server.mjs';

/**
 * `npm start`: everything from a fresh machine to an open workshop with demo data. `npm start -- --empty` opens a
 * workshop of one's own instead, with nothing in it; the two are kept apart.
 */
const PREFERRED_PORT = 4173;
const EMPTY = process.argv.includes('--empty');
const leaving = [];
let stopping = false;

async function stop(code) {
  if (stopping) return;
  stopping = true;
  for (const leave of leaving.toReversed()) await leave();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    say('Stopping');
    void stop(0);
  });

try {
  await ensurePackages();
  const database = process.env.DATABASE_URL
    ? { url: process.env.DATABASE_URL, stop: async () => undefined }
    : await sharedPostgres(EMPTY ? 'workshop' : 'demo');
  leaving.push(database.stop);
  say('Building the pages and the server');
  const pages = await buildPages();
  leaving.push(pages.remove);
  const bundle = await buildServer();
  leaving.push(bundle.remove);
  const env = {
    DATABASE_URL: database.url,
    WENDAXIS_SERVER: bundle.program,
    WENDAXIS_PAGES: pages.folder,
    WENDAXIS_DEMO: EMPTY ? '0' : '1',
  };
  const server = await startOnFreePort(env);
  leaving.push(() => server.stop());
  say(`Wendaxis is open at ${server.address}  (Ctrl-C stops it)`);
  void server.ended.then((code) => stop(code ?? 1));
} catch (error) {
  process.stderr.write(`Could not start: ${error.message}\n`);
  await stop(1);
}

/**
 * The usual port where it is free, so that the address stays the same; else any other. Another program may
 * take a port between finding and using it: a few tries.
 */
async function startOnFreePort(env) {
  if (process.env.PORT) return startServer({ ...env, PORT: process.env.PORT });
  for (let tries = 1; ; tries += 1) {
    const usual = tries === 1 && (await portIsFree(PREFERRED_PORT));
    try {
      return await startServer({ ...env, PORT: String(usual ? PREFERRED_PORT : await freePort()) });
    } catch (error) {
      if (tries === 3) throw error;
    }
  }
}

async function portIsFree(port) {
  const { createServer } = await import('node:net');
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}
