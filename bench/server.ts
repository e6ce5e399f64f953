import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';
import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';

import pg from 'pg';

import { temporaryPostgres } from '../scripts/setup/postgres.mjs';
import { startServer } from '../scripts/setup/server.mjs';
import { sillLog } from '../server/src/demo/sill.ts';

/**
 * The server on a PostgreSQL whose commits wait for the disk, in one run with pgbench on the same database: single events
 * from ten clients against ten clients of pgbench in the same pattern (lock the log's row, insert, give the place, commit);
 * batches of ten; and the list of 5,000 jobs, warm and when every row is behind.
 */
const CLIENTS = 10;
const SECONDS = Number(process.env['BENCH_SECONDS'] ?? 8);
/** The disk is another's at times: many short pairs, not few long ones. */
const PAIRS = 9;
const JOBS = Number(process.env['BENCH_JOBS'] ?? 5000);
const run = promisify(execFile);

const database = await temporaryPostgres({ durable: true });
const env = { DATABASE_URL: database.url, PORT: '0', WENDAXIS_DEMO: '0' };
let server = await startServer(env);
const [opening, spec] = sillLog().events;
const note = () => ({
  id: randomUUID(),
  type: 'NoteWritten',
  version: 1,
  at: new Date().toISOString(),
  by: 'runa',
  data: { text: 'Drains clear, no flakes' },
});
// The plainest client there is: it shares the machine with the server and must not be what is measured.
const agent = new Agent({ keepAlive: true, maxSockets: CLIENTS });
const post = (jobId: string, events: readonly object[]) =>
  new Promise<void>((resolve, reject) => {
    const body = JSON.stringify({ events });
    const headers = {
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(body),
    };
    const asked = request(
      `${server.address}api/jobs/${jobId}/events`,
      { method: 'POST', agent, headers },
      (answer) => {
        answer.resume();
        answer.on('end', () =>
          answer.statusCode === 201
            ? resolve()
            : reject(new Error(`answered ${answer.statusCode}`)),
        );
      },
    );
    asked.on('error', reject);
    asked.end(body);
  });
const open = async () => {
  const jobId = randomUUID();
  await post(jobId, [
    { ...opening!, id: randomUUID() },
    { ...spec!, id: randomUUID() },
  ]);
  return jobId;
};

const jobs: string[] = [];
for (let client = 0; client < CLIENTS; client += 1) jobs.push(await open());
await appended(1, SECONDS); // what is compiled while it runs has been, as in a shop's server that stays up
const rounds: { readonly ours: number; readonly reference: number }[] = [];
for (let round = 0; round < PAIRS; round += 1)
  rounds.push({ reference: await pgbench(), ours: await appended(1, SECONDS / 2) });
const ratios = rounds.map(({ ours, reference }) => ours / reference).toSorted((a, b) => a - b);
console.log(
  `single events, ${CLIENTS} clients: ${rounds.map(({ ours }) => ours.toFixed(0)).join(', ')} a second, ` +
    `pgbench in the same pattern ${rounds.map(({ reference }) => reference.toFixed(0)).join(', ')}: ` +
    `${(100 * median(ratios)).toFixed(0)} % of it (median of ${PAIRS} pairs, ` +
    `${(100 * ratios[0]!).toFixed(0)} to ${(100 * ratios.at(-1)!).toFixed(0)} %; held to 50 %)`,
);
console.log(
  `batches of ten, ${CLIENTS} clients: ${(await appended(10, SECONDS)).toFixed(0)} events a second (held to 2,500)`,
);

for (let made = 0; made < JOBS; made += CLIENTS)
  await Promise.all(Array.from({ length: CLIENTS }, open));
while ((await list()).waiting > 0) await new Promise((resolve) => setTimeout(resolve, 500));
const warm: number[] = [];
for (let time = 0; time < 21; time += 1) warm.push((await list()).ms);
console.log(
  `first page of ${JOBS} jobs, warm: ${median(warm).toFixed(0)} ms, ` +
    `${((await list()).bytes / 1000).toFixed(0)} kB (held to 50 ms; median of 21)`,
);
const search: number[] = [];
for (let time = 0; time < 11; time += 1) search.push((await list('&search=drum%20cable')).ms);
console.log(`search over ${JOBS} jobs: ${median(search).toFixed(0)} ms (held to 150 ms)`);
await server.stop();
const client = new pg.Client({ connectionString: database.url });
await client.connect();
await client.query('UPDATE job_list SET rules_version = 0');
await client.end();
server = await startServer(env);
const stale = await list();
const from = performance.now();
while ((await list()).waiting > 0) await new Promise((resolve) => setTimeout(resolve, 1000));
console.log(
  `first page when all ${JOBS} rows are behind: ` +
    `${stale.ms.toFixed(0)} ms with ${stale.waiting} still to do (held to 1 s); ` +
    `caught up ${((performance.now() - from) / 1000).toFixed(0)} s later, in the background`,
);
await server.stop();
await database.stop();

/** Events a second that ten clients get acknowledged, each on its own job, one request after the other. */
async function appended(batch: number, seconds: number): Promise<number> {
  const until = performance.now() + 1000 * seconds;
  const counts = await Promise.all(
    jobs.slice(0, CLIENTS).map(async (jobId) => {
      let count = 0;
      while (performance.now() < until) {
        await post(jobId, Array.from({ length: batch }, note));
        count += batch;
      }
      return count;
    }),
  );
  return counts.reduce((sum, one) => sum + one, 0) / seconds;
}

/** Transactions a second of pgbench, ten clients, each on a log of its own, in the pattern of a single event. */
async function pgbench(): Promise<number> {
  const setup = new pg.Client({ connectionString: database.url });
  await setup.connect();
  for (let at = 0; at < CLIENTS; at += 1)
    await setup.query(
      "INSERT INTO streams (id, kind) VALUES ($1, 'workshop') ON CONFLICT DO NOTHING",
      [`pgbench-${at}`],
    );
  await setup.end();
  const script = join(mkdtempSync(join(tmpdir(), 'wendaxis-bench-')), 'append.sql');
  const data = JSON.stringify(note().data);
  writeFileSync(
    script,
    [
      'BEGIN;',
      "SELECT last_seq + 1 AS seq FROM streams WHERE id = 'pgbench-' || :client_id FOR UPDATE \\gset",
      `INSERT INTO events (id, stream_id, seq, type, version, at, "by", data) VALUES (gen_random_uuid(), ` +
        `'pgbench-' || :client_id, :seq, 'NoteWritten', 1, '2026-01-01T00:00:00.000Z', 'runa', '${data}');`,
      "UPDATE streams SET last_seq = :seq WHERE id = 'pgbench-' || :client_id;",
      'COMMIT;',
    ].join('\n'),
  );
  const base = '/usr/lib/postgresql';
  const newest = readdirSync(base).toSorted((a, b) => Number(b) - Number(a))[0]!;
  const { stdout } = await run(join(base, newest, 'bin', 'pgbench'), [
    '-n',
    '-f',
    script,
    '-c',
    String(CLIENTS),
    '-j',
    '2',
    '-T',
    String(SECONDS / 2),
    database.url,
  ]);
  return Number(/tps = ([\d.]+)/u.exec(stdout)![1]);
}

async function list(more = '') {
  const start = performance.now();
  const response = await fetch(`${server.address}api/jobs?filter=bench${more}`);
  const text = await response.text();
  const { waiting } = JSON.parse(text) as { waiting: number };
  return { ms: performance.now() - start, bytes: text.length, waiting };
}

function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
}
