import { createConnection } from 'node:net';

import fc from 'fast-check';

import { drawsFrom, type Draws } from '@wendaxis/core/draws';

import { sillLog } from '../demo/sill.ts';
import { note, openJob } from '../tests/notes.ts';
import { startTestServer, type TestServer } from '../tests/testServer.ts';

const SILL = sillLog();
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ WENDAXIS_DEMO: '1' });
});
afterAll(() => server.stop());

const eventsOf = async (jobId: string, after = 0) =>
  (await server.get(`/jobs/${jobId}/events?after=${after}`)).body;

describe('bad requests', () => {
  test.each<[string, string, string, number, string]>([
    ['text that is not JSON', '/jobs/ID/events', '{', 400, 'notJson'],
    ['a list instead of a batch', '/jobs/ID/events', '[]', 400, 'badInput'],
    ['a job id that is none', '/jobs/12/events', '{"events":[]}', 400, 'badInput'],
    ['a body over a megabyte', '/jobs/ID/events', `"${'x'.repeat(1_100_000)}"`, 413, 'tooLarge'],
    ['an address that is none', '/nowhere', '{}', 404, 'notFound'],
    [
      'hands that do something unheard of',
      '/devices/dial-a/hands',
      '{"action":"hit","jobId":"x"}',
      400,
      'badInput',
    ],
    [
      'a device that is none',
      '/devices/none/hands',
      `{"action":"lift","jobId":"${SILL.streamId}"}`,
      404,
      'noSuchDevice',
    ],
    ['an address with a broken escape', '/jobs/%E0%A4%A/events', '{}', 400, 'badAddress'],
    [
      'watches of a connection that is none',
      '/live/none/watches',
      '{"watches":[]}',
      404,
      'noSuchStream',
    ],
    ['a watch that is none', '/live/none/watches', '{"watches":[[]]}', 400, 'badInput'],
  ])('should answer %s with its status and code', async (_, path, body, status, code) => {
    const answer = await server.post(path.replace('ID', SILL.streamId), body);
    expect(answer.status).toBe(status);
    expect(answer.body.error.code).toBe(code);
  });

  test('should refuse a body that is not sent as JSON', async () => {
    const response = await fetch(`${server.address}api/jobs/${SILL.streamId}/events`, {
      method: 'POST',
      body: 'a=1',
    });
    expect(response.status).toBe(415);
  });

  test.each(['-1', '1.5', 'x', '1e3', ''])('should refuse to read after %j', async (after) => {
    expect((await server.get(`/jobs/${SILL.streamId}/events?after=${after}`)).status).toBe(400);
  });

  test('should answer 4xx with the field named to whatever is sent, and change nothing', async () => {
    const before = await eventsOf(SILL.streamId);
    const anything = fc.oneof(
      fc.jsonValue(),
      fc.record({ events: fc.jsonValue() }),
      fc.jsonValue().map((data) => ({ events: [{ ...note('x'), data }] })),
    );
    await fc.assert(
      fc.asyncProperty(anything, async (body) => {
        const answer = await server.post(
          `/jobs/${SILL.streamId}/events`,
          JSON.stringify(body) ?? '',
        );
        if (answer.status === 201) return; // a note that happens to be sound
        expect(answer.status).toBeGreaterThanOrEqual(400);
        expect(answer.status).toBeLessThan(500);
        expect(
          answer.body.error.faults.length + (answer.body.error.code === 'notJson' ? 1 : 0),
        ).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
    expect((await eventsOf(SILL.streamId)).events).toEqual(before.events);
  });

  test('should answer every malformed request with 4xx and the field, and never change a record', async () => {
    const jobId = await openJob(server);
    const before = await eventsOf(jobId);
    const list = (await server.get('/jobs')).body.counts;
    for (let seed = 1; seed <= REQUESTS; seed += 1) {
      const { path, body } = malformed(drawsFrom(seed), jobId);
      const answer = await server.post(path, body);
      const told = `seed ${seed}: ${answer.status} for ${path} ${body.slice(0, 200)}`;
      if (answer.status < 400 || answer.status >= 500) throw new Error(told);
      const { code, faults } = answer.body.error;
      if (faults.length === 0 && !WITHOUT_FIELD.includes(code)) throw new Error(`${told}: ${code}`);
    }
    expect((await eventsOf(jobId)).events).toEqual(before.events);
    expect((await server.get('/jobs')).body.counts).toEqual(list);
  });
});

/** How many malformed requests are drawn; the long form is asked for by the environment. */
const REQUESTS = Number(process.env['WENDAXIS_REQUESTS'] ?? 300);
/** Refusals that are about the request as a whole. */
const WITHOUT_FIELD = ['notJson', 'notFound', 'badAddress', 'tooLarge'];

/** A sound batch with one thing in it spoilt, or no batch at all. */
function malformed(draws: Draws, jobId: string): { readonly path: string; readonly body: string } {
  const batch = JSON.stringify({ events: [note('sound'), note('too')] });
  const nested = (levels: number, inner: string) => '['.repeat(levels) + inner + ']'.repeat(levels);
  const value = draws.one([
    'null',
    '[]',
    '{}',
    '-1',
    '1e400',
    '"\\u0000"',
    '"\\ud800"',
    'true',
    '""',
    '"constructor"',
    nested(200, '1'),
    nested(20_000, ''),
    '{"__proto__":{"a":1}}',
    '{"constructor":1}',
    '{"toString":{}}',
  ]);
  const spoilt = (field: string) =>
    batch.replace(new RegExp(`("${field}":)("[^"]*"|\\d+|\\{[^}]*\\})`, 'u'), `$1${value}`);
  const bodies: readonly (() => string)[] = [
    () => batch.slice(0, draws.whole(0, batch.length - 1)),
    () => spoilt(draws.one(['id', 'type', 'version', 'at', 'by', 'data'])),
    () =>
      batch.replace(
        '"data":{',
        `"data":{"${draws.one(['constructor', '__proto__', 'toString', 'more', 'hasOwnProperty'])}":1,`,
      ),
    () =>
      batch.replace(
        '{"id"',
        `{"${draws.one(['constructor', '__proto__', 'valueOf', 'seq'])}":${value},"id"`,
      ),
    () =>
      batch.replace(
        /"at":"[^"]*"/u,
        `"at":"${draws.one(['2026-W48-2', '2026-02-30T10:00:00Z', 'now', '9999999', '2026-11-24 08:00'])}"`,
      ),
    () => `{"events":${value}}`,
    () => value,
    () => JSON.stringify({ events: Array.from({ length: 501 }, () => note('x')) }),
    () =>
      JSON.stringify({
        events: [
          {
            ...note('x'),
            type: draws.one(['AxisDescribed', 'StationDescribed', 'RunOpened', 'SpecSet']),
            data: { axis: [], axisId: 'a', station: [], band: [] },
          },
        ],
      }),
    () =>
      JSON.stringify({
        events: [{ ...note('x'), data: { text: 'y'.repeat(draws.whole(4001, 30_000)) } }],
      }),
  ];
  const path = draws.one([
    `/jobs/${jobId}/events`,
    `/jobs/${jobId}/events`,
    '/workshop/events',
    '/jobs/constructor/events',
    '/jobs/%00/events',
    '/devices/dial-a/hands',
    '/live/x/watches',
  ]);
  const made = draws.one(bodies)();
  return { path, body: made === batch ? '{' : made };
}

describe('who may ask', () => {
  /** Ask under a host of one's own choosing, which fetch does not allow. */
  const askAs = (headers: Readonly<Record<string, string>>, method = 'GET', path = '/api/jobs') =>
    new Promise<number>((resolve, reject) => {
      const { port, hostname } = new URL(server.address);
      const socket = createConnection(Number(port), hostname);
      const lines = Object.entries({ connection: 'close', ...headers }).map(
        ([name, value]) => `${name}: ${value}`,
      );
      socket.write(`${method} ${path} HTTP/1.1\r\n${lines.join('\r\n')}\r\n\r\n`);
      let text = '';
      socket.on('data', (chunk) => (text += String(chunk)));
      socket.on('error', reject);
      socket.on('close', () => resolve(Number(/^HTTP\/1\.1 (\d+)/u.exec(text)?.[1])));
    });

  test.each(['localhost', '127.0.0.1:4173', '[::1]:80', 'LOCALHOST:1'])(
    'should be answered under %s',
    async (host) => {
      expect(await askAs({ host })).toBe(200);
    },
  );

  test.each([
    'evil.example',
    'localhost.evil.example',
    '127.0.0.1.evil.example',
    '192.0.2.1',
    'localhost@evil.example',
    '',
  ])('should be refused under %j: a name from elsewhere led here', async (host) => {
    expect([400, 421]).toContain(await askAs({ host }));
    expect([400, 421]).toContain(await askAs({ host }, 'GET', '/'));
  });

  test('should be refused when a page from elsewhere asks', async () => {
    expect(await askAs({ host: 'localhost', origin: 'https://evil.example' })).toBe(421);
    expect(await askAs({ host: 'localhost', origin: 'null' })).toBe(421);
    expect(await askAs({ host: 'localhost', origin: 'http://localhost:4173' })).toBe(200);
  });
});
