import pg from 'pg';

import { note, openJob } from '../tests/notes.ts';
import { startTestServer, type TestServer } from '../tests/testServer.ts';

let server: TestServer;
let client: pg.Client;
beforeAll(async () => {
  server = await startTestServer();
  client = new pg.Client({ connectionString: server.databaseUrl });
  await client.connect();
});
afterAll(async () => {
  await client.end();
  await server.stop();
});

const append = (jobId: string) => server.post(`/jobs/${jobId}/events`, { events: [note('x')] });

describe('a database that is not well', () => {
  test('should hold up only the log whose row is locked, and say of that one that it was not stored', async () => {
    const [locked, free] = [await openJob(server), await openJob(server)];
    await client.query('BEGIN');
    await client.query('SELECT 1 FROM streams WHERE id = $1 FOR UPDATE', [locked]);
    const [one, other] = await Promise.all([append(locked), append(free)]);
    // Both are answered while the row is still held.
    expect(one).toMatchObject({ status: 503, body: { error: { code: 'unavailable' } } });
    expect(other.status).toBe(201);
    await client.query('ROLLBACK');
    expect((await append(locked)).status).toBe(201);
  });

  test('should answer "send again" where it takes nothing, and take it when it is well', async () => {
    const jobId = await openJob(server);
    await client.query('ALTER FUNCTION append_batches(jsonb) RENAME TO gone');
    expect(await append(jobId)).toMatchObject({
      status: 503,
      body: { error: { code: 'unavailable', faults: [] } },
    });
    await client.query('ALTER FUNCTION gone(jsonb) RENAME TO append_batches');
    expect((await append(jobId)).status).toBe(201);
  });
});
