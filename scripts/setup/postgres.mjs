import { randomBytes } from 'node:crypto';
import {
  appendFileSync,
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { homedir, tmpdir } from 'node:os';
import { join } from 'node:path';

import { openDatabase } from './database.mjs';
import { alive, withLock } from './lock.mjs';
import { CHECKOUT, ensureDebian } from './packages.mjs';
import { run, runOrFail, say } from './run.mjs';

const BASE = '/usr/lib/postgresql';
const REMEDY =
  'Install a PostgreSQL server, or set DATABASE_URL to the address of one that runs elsewhere.';

function programs() {
  const versions = existsSync(BASE) ? readdirSync(BASE) : [];
  const usable = versions.filter((version) => existsSync(join(BASE, version, 'bin', 'initdb')));
  const newest = usable.toSorted((a, b) => Number(b) - Number(a))[0];
  return newest === undefined ? null : join(BASE, newest, 'bin');
}

/** PostgreSQL refuses to run as root: take the account that Debian's package makes. */
async function account() {
  if (process.getuid() !== 0) return {};
  const [uid, gid] = await Promise.all(
    ['-u', '-g'].map(async (flag) => Number(await runOrFail('id', 'id', [flag, 'postgres']))),
  );
  return { uid, gid };
}

/** A port nobody listens on. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/**
 * A private PostgreSQL for a test: a folder of its own, gone when it is stopped.
 * @param durable whether a commit waits for the disk, as it does in earnest
 */
export async function temporaryPostgres({ durable = false } = {}) {
  const home = mkdtempSync(join(tmpdir(), 'wendaxis-test-'));
  const server = await prepare(home, { durable });
  await server.start();
  return {
    url: await openDatabase(server, 'test', { mayCreate: true }),
    server,
    stop: async () => {
      await server.stop('immediate');
      rmSync(home, { recursive: true, force: true });
    },
  };
}

/**
 * A database of the private PostgreSQL of this checkout, whose data stay. Several programs may use it at once: the
 * first starts it, the last to leave stops it.
 * @param name of the database: the demo's and the workshop's own are kept apart
 */
export async function sharedPostgres(name) {
  const base =
    process.getuid() === 0 ? '/var/lib/wendaxis' : join(homedir(), '.local/share/wendaxis');
  const home = join(base, CHECKOUT);
  mkdirSync(join(home, 'users'), { recursive: true });
  const lock = join(home, 'lock');
  const mine = join(home, 'users', String(process.pid));
  const server = await withLock(lock, async () => {
    const prepared = await prepare(home);
    if (!(await prepared.running())) {
      say('Starting PostgreSQL on loopback');
      await prepared.start();
    }
    writeFileSync(mine, '');
    return { ...prepared, url: await openDatabase(prepared, name) };
  });
  return {
    url: server.url,
    stop: () =>
      withLock(lock, async () => {
        rmSync(mine, { force: true });
        const others = readdirSync(join(home, 'users')).filter((pid) => alive(Number(pid)));
        if (others.length === 0) await server.stop('fast');
      }),
  };
}

/** @param durable false for tests, whose data need not outlive the machine */
async function prepare(home, { durable } = { durable: true }) {
  const names = ['postgresql'];
  await ensureDebian(names, () => programs() !== null, REMEDY);
  const bin = programs();
  const owner = await account();
  const data = join(home, 'data');
  const secret = join(home, 'secret');
  if (!existsSync(join(data, 'PG_VERSION'))) {
    say('Making a new database folder');
    writeFileSync(secret, randomBytes(18).toString('hex'), { mode: 0o600 });
    if (owner.uid !== undefined)
      for (const path of [home, secret]) chownSync(path, owner.uid, owner.gid);
    chmodSync(home, 0o755);
    const options = [
      '-D',
      data,
      '-U',
      'wendaxis',
      '-A',
      'scram-sha-256',
      `--pwfile=${secret}`,
      '-E',
      'UTF8',
      '--locale=C.UTF-8',
      ...(durable ? [] : ['--no-sync']),
    ];
    await runOrFail('initdb', join(bin, 'initdb'), options, { account: owner, cwd: home });
    appendFileSync(
      join(data, 'postgresql.conf'),
      `listen_addresses = '127.0.0.1'\nunix_socket_directories = ''\nfsync = ${durable ? 'on' : 'off'}\n`,
    );
  }
  const control = (...args) =>
    runOrFail(`pg_ctl ${args[0]}`, join(bin, 'pg_ctl'), ['-D', data, ...args], {
      account: owner,
      cwd: home,
    });
  const portOf = () => readFileSync(join(data, 'postmaster.pid'), 'utf8').split('\n')[3];
  const server = {
    home,
    /** Address for setting up: as the account that owns everything. */
    adminUrl: (database) =>
      `postgres://wendaxis:${readFileSync(secret, 'utf8')}@127.0.0.1:${portOf()}/${database}`,
    running: async () =>
      (
        await run(join(bin, 'pg_ctl'), ['-D', data, 'status'], {
          quiet: true,
          account: owner,
          cwd: home,
        })
      ).code === 0,
    // Another program may take the port between finding and using it: a few tries.
    start: async (port) => {
      for (let tries = 1; ; tries += 1) {
        try {
          return await control(
            'start',
            '-w',
            '-l',
            join(data, 'log'),
            '-o',
            `-p ${port ?? (await freePort())}`,
          );
        } catch (error) {
          if (tries === 3) throw error;
        }
      }
    },
    stop: (mode) => control('stop', '-w', '-m', mode),
    port: () => Number(portOf()),
  };
  return server;
}
