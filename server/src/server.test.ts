import { randomUUID } from 'node:crypto';
import { createServer } from 'node:net';

import fc from 'fast-check';
import pg from 'pg';

import { readConfig } from './config.ts';
import { alderLog } from './demo/alder.ts';
import { mothLog } from './demo/moth.ts';
import { sillLog } from './demo/sill.ts';
import { tarnLog } from './demo/tarn.ts';
import { hiddenPlay } from './devices/deviceService.ts';
import { ERRORS, errorAnswer, ServerError, toServerError } from './errors.ts';
import { foldJob, type JobEvent } from '@wendaxis/core/job';
import { compilePlan } from '@wendaxis/core/plan';
import { readLine } from '@wendaxis/core/simulate';
import { findStation, geometryFaults } from '@wendaxis/core/unit';
import { startTestServer, type TestServer } from './tests/testServer.ts';

const SILL = sillLog();
const note = (text: string) => ({
  id: randomUUID(), type: 'NoteWritten', version: 1, at: new Date().toISOString(), by: 'runa', data: { text },
}); // prettier-ignore

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ WENDAXIS_DEMO: '1' });
});
afterAll(() => server.stop());

/** A fresh job with the Sill's unit, opened under an id of its own. */
async function openJob(): Promise<string> {
  const jobId = randomUUID();
  const opened = { ...SILL.events[0]!, id: randomUUID() };
  expect((await server.post(`/jobs/${jobId}/events`, { events: [opened] })).status).toBe(201);
  return jobId;
}
const eventsOf = async (jobId: string, after = 0) =>
  (await server.get(`/jobs/${jobId}/events?after=${after}`)).body;

describe('storing events', () => {
  test('should give places without gaps, in the order sent', async () => {
    const jobId = await openJob();
    const batch = [note('a'), note('b'), note('c')];
    const { status, body } = await server.post(`/jobs/${jobId}/events`, { events: batch });
    expect(status).toBe(201);
    expect(body.accepted.map(({ seq }: { seq: number }) => seq)).toEqual([2, 3, 4]);
    const { events, lastSeq } = await eventsOf(jobId, 1);
    expect(lastSeq).toBe(4);
    expect(events.map(({ data }: { data: { text: string } }) => data.text)).toEqual([
      'a',
      'b',
      'c',
    ]);
  });

  test('should store an event once however often it is sent, and answer with its first place', async () => {
    const jobId = await openJob();
    const one = note('once');
    await server.post(`/jobs/${jobId}/events`, { events: [one] });
    const again = await server.post(`/jobs/${jobId}/events`, { events: [note('other'), one, one] });
    expect(again.status).toBe(201);
    expect(again.body.accepted.map(({ seq }: { seq: number }) => seq)).toEqual([3, 2, 2]);
    expect((await eventsOf(jobId)).events).toHaveLength(3);
  });

  test('should refuse an id that stands for something else, here or in another job, and store nothing', async () => {
    const [jobId, other] = [await openJob(), await openJob()];
    const one = note('mine');
    await server.post(`/jobs/${jobId}/events`, { events: [one] });
    const changed = await server.post(`/jobs/${jobId}/events`, {
      events: [note('new'), { ...one, data: { text: 'changed' } }],
    });
    expect(changed).toMatchObject({
      status: 409,
      body: { error: { code: 'idTaken', faults: [{ field: 'events[1].id' }] } },
    });
    expect(await server.post(`/jobs/${other}/events`, { events: [one] })).toMatchObject({
      status: 409,
    });
    expect((await eventsOf(jobId)).lastSeq).toBe(2);
    expect((await eventsOf(other)).lastSeq).toBe(1);
  });

  test('should keep places whole when many write at once', async () => {
    const jobId = await openJob();
    await Promise.all(
      Array.from({ length: 20 }, (_, n) =>
        server.post(`/jobs/${jobId}/events`, { events: [note(`x${n}`), note(`y${n}`)] }),
      ),
    );
    const { events } = await eventsOf(jobId);
    expect(events.map(({ seq }: { seq: number }) => seq)).toEqual(
      Array.from({ length: 41 }, (_, index) => index + 1),
    );
    const texts = events.slice(1).map(({ data }: { data: { text: string } }) => data.text);
    for (let n = 0; n < 20; n += 1) expect(texts.indexOf(`y${n}`)).toBe(texts.indexOf(`x${n}`) + 1);
  });

  test('should refuse events of a job that was never opened', async () => {
    expect(
      await server.post(`/jobs/${randomUUID()}/events`, { events: [note('lost')] }),
    ).toMatchObject({
      status: 404,
      body: { error: { code: 'noSuchStream', faults: [{ field: 'streamId' }] } },
    });
  });

  test('should keep numbers and text exactly as they were sent', async () => {
    const jobId = await openJob();
    const odd = note('“Ø 40 × 80” — 日本 🔩\n\t\\');
    await server.post(`/jobs/${jobId}/events`, { events: [odd] });
    expect((await eventsOf(jobId, 1)).events[0]).toEqual({ ...odd, seq: 2 });
  });
});

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
});

describe('what is folded on the server', () => {
  test('should list the demo jobs with what each waits for', async () => {
    const { body } = await server.get('/jobs');
    const find = (name: string) => body.find((job: { name: string }) => job.name === name);
    expect(find('Alder feed gearbox')).toMatchObject({
      next: 'done',
      finished: true,
      pieces: { 'box-1.003': 2 },
    });
    expect((await server.get(`/jobs/${SILL.streamId}/events`)).status).toBe(200);
  });

  test('should keep the list in step with the log', async () => {
    const jobId = await openJob();
    const next = async () =>
      (await server.get('/jobs')).body.find((job: { jobId: string }) => job.jobId === jobId).next;
    expect(await next()).toBe('setSpec');
    await server.post(`/jobs/${jobId}/events`, {
      events: SILL.events.slice(1, 2).map((event) => ({ ...event, id: randomUUID() })),
    });
    expect(await next()).toBe('step');
    const row = (await server.get('/jobs')).body.find((job: { jobId: string }) => job.jobId === jobId); // prettier-ignore
    expect(row).toMatchObject({ scope: 'overhaul', stage: 'strip', behind: 1, finished: false });
    expect(row.step).toEqual({ title: 'Drain the oil and look at it', reason: 'What is in the oil says what to look for.' }); // prettier-ignore
    expect(row.steps).toBeGreaterThan(40);
  });

  test('should name what a described unit still lacks', async () => {
    const jobId = await openJob();
    const { station } = findStation(foldJob(SILL.events as unknown as JobEvent[]).unit!, 'seal-left')!;
    const { boreDepth: _, ...bare } = station;
    const event = { ...note(''), type: 'StationDescribed', data: { axisId: 'output', station: bare } };
    expect((await server.post(`/jobs/${jobId}/events`, { events: [event] })).status).toBe(201);
    const row = (await server.get('/jobs')).body.find((job: { jobId: string }) => job.jobId === jobId);
    expect(row.missing).toEqual(['Drum-side seal: face to shoulder or bearing']);
  }); // prettier-ignore

  test('should keep the workshop’s own templates, and refuse one that is no unit', async () => {
    const { unit } = foldJob(SILL.events as unknown as JobEvent[]);
    const save = (templateId: string, body: unknown) =>
      server.post('/workshop/events', { events: [{ ...note(''), type: 'TemplateSaved', data: { templateId, name: 'Winch', unit: body } }] });
    expect((await save('t1', unit)).status).toBe(201);
    const refused = await save('t2', { ...unit, axes: [{ ...unit!.axes[0]!, arrangement: 'sideways' }] });
    expect(refused).toMatchObject({ status: 400, body: { error: { faults: [{ field: 'events[0].data.unit.axes[0].arrangement' }] } } });
    const { templates } = (await server.get('/workshop')).body;
    expect(templates).toEqual([{ templateId: 't1', name: 'Winch', unit }]);
  }); // prettier-ignore

  test('should show stock, what jobs hold of it, and the instruments', async () => {
    const stock = (await server.get('/stock')).body;
    expect(stock.sizes).toHaveLength(10);
    expect(stock.usedByJob[alderLog().streamId]).toEqual({ 'box-1.003': 2 });
    const instruments = (await server.get('/instruments')).body;
    expect(instruments.map(({ graduation }: { graduation: number }) => graduation)).toEqual([
      0.01, 0.001, 0.001, 0.001, 0.02,
    ]);
  });

  test('should load the demo once, also when it starts again', async () => {
    const again = await startTestServer({ DATABASE_URL: server.databaseUrl, WENDAXIS_DEMO: '1' });
    const { body } = await again.get('/jobs');
    expect(body.filter(({ name }: { name: string }) => name === 'Alder feed gearbox')).toHaveLength(
      1,
    );
    await again.stop();
  });

  test('should have demo units without a fault, each at the step it is meant to show', () => {
    const next = [sillLog(), tarnLog(), mothLog()].map(({ events }) => {
      const state = foldJob(events as unknown as readonly JobEvent[]);
      expect(geometryFaults(state.unit!)).toEqual({});
      return compilePlan(state).next?.id;
    });
    expect(next).toEqual(['measure:output:endPlay', 'mark:nut', 'measureSeats:bearing-left']);
  });

  test('should have a demo in which no event is without effect', () => {
    for (const log of [sillLog(), alderLog(), tarnLog(), mothLog()])
      expect(foldJob(log.events as unknown as readonly JobEvent[]).ignored).toEqual([]);
  });
});

/** Read a server-sent event stream until a number of events of a kind came in. */
async function readStream(
  path: string,
  event: string,
  wanted: number,
  from: TestServer = server,
): Promise<readonly string[]> {
  const stop = new AbortController();
  const response = await fetch(`${from.address}api${path}`, { signal: stop.signal });
  const found: string[] = [];
  let text = '';
  try {
    for await (const chunk of response.body!.pipeThrough(new TextDecoderStream())) {
      text += chunk;
      found.splice(
        0,
        found.length,
        ...[...text.matchAll(new RegExp(`event: ${event}\\ndata: (.*)\\n\\n`, 'g'))].map(
          (match) => match[1]!,
        ),
      );
      if (found.length >= wanted) break;
    }
  } finally {
    stop.abort();
  }
  return found;
}

describe('streams to the browser', () => {
  test('should tell when a job has grown, also when another server added to it', async () => {
    const jobId = await openJob();
    const other = await startTestServer({ DATABASE_URL: server.databaseUrl });
    const heard = readStream(`/jobs/${jobId}/live`, 'grown', 2);
    await new Promise((resolve) => setTimeout(resolve, 200));
    await server.post(`/jobs/${jobId}/events`, { events: [note('here')] });
    await other.post(`/jobs/${jobId}/events`, { events: [note('there')] });
    expect(await heard).toEqual(['2', '3']);
    await other.stop();
  });

  test('should hear again after the database has cut the listening connection', async () => {
    const jobId = await openJob();
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    const { rowCount } = await client.query(
      "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND query LIKE 'LISTEN%'",
    );
    await client.end();
    expect(rowCount).toBeGreaterThan(0);
    const heard = readStream(`/jobs/${jobId}/live`, 'grown', 1);
    await new Promise((resolve) => setTimeout(resolve, 1600)); // it tries again after a second
    await server.post(`/jobs/${jobId}/events`, { events: [note('after the cut')] });
    expect(await heard).toEqual(['2']);
  });

  test('should stream the stand-in indicator as lines, and move it by its hands', async () => {
    const hands = (action: string) =>
      server.post('/devices/dial-a/hands', { action, jobId: SILL.streamId });
    for (const action of ['turnUnderLoad', 'turnUnderLoad', 'turnUnderLoad', 'setZero'])
      await hands(action);
    const path = `/devices/dial-a/lines?jobId=${SILL.streamId}`;
    const before = await readStream(path, 'line', 3);
    expect(before.slice(0, 2)).toEqual(['HELLO wendaxis-line 1 dial-a', 'GRAD 0.01 mm']);
    expect(before[2]).toMatch(/^R \d+ -?0\.0[01]00 mm$/);
    await hands('lift');
    const lifted = Number((await readStream(path, 'line', 3))[2]!.split(' ')[2]);
    const truth = hiddenPlay(foldJob((await eventsOf(SILL.streamId)).events), SILL.streamId);
    expect(Math.abs(lifted - truth)).toBeLessThanOrEqual(0.011);
  });

  test('should stream the stand-in thermometer on a part, and say when there is no such part', async () => {
    const path = (device: string, part: string) => `/devices/${device}/lines?jobId=${SILL.streamId}&partId=${part}`;
    const [, reading] = await readStream(path('thermo-a', 'case'), 'line', 2);
    expect(readLine(reading!)).toMatchObject({ kind: 'temperature', value: 20 });
    expect((await server.get(path('thermo-a', 'nowhere'))).status).toBe(404);
    expect((await server.get(path('dial-a', 'case'))).status).toBe(404);
  }); // prettier-ignore

  test('should take a real indicator on a wire in place of a stand-in', async () => {
    const wire = createServer((socket) => {
      const talk = setInterval(() => socket.write('R 5 0.1230 mm\r\n'), 20);
      socket.on('error', () => undefined).on('close', () => clearInterval(talk));
    });
    await new Promise<void>((resolve) => wire.listen(0, '127.0.0.1', resolve));
    const { port } = wire.address() as { port: number };
    const wired = await startTestServer({
      DATABASE_URL: server.databaseUrl,
      WENDAXIS_LINE_DEVICES: `dial-b=127.0.0.1:${port}`,
    });
    const path = `/devices/dial-b/lines?jobId=${SILL.streamId}`;
    expect((await readStream(path, 'line', 2, wired))[1]).toBe('R 5 0.1230 mm');
    const answer = await wired.post('/devices/dial-b/hands', {
      action: 'lift',
      jobId: SILL.streamId,
    });
    expect(answer.status).toBe(404); // nobody but the mechanic moves a real shaft
    await wired.stop();
    wire.close();
  });
});

describe('the hidden play of the virtual assembly', () => {
  const events = sillLog().events as unknown as readonly JobEvent[];
  const fitted = (thickness: number) =>
    foldJob([
      ...events,
      {
        ...events[0]!,
        id: randomUUID(),
        type: 'PackFitted',
        data: {
          siteId: 'cover-shims',
          pieces: [{ sizeId: 'x', thickness, quantity: 1, uncertainty: 0 }],
        },
      } as unknown as JobEvent,
    ]);

  test('should follow the pack that goes in, by the gain of its place', () => {
    const found = hiddenPlay(foldJob(events), SILL.streamId);
    expect(found).toBeGreaterThan(0.18);
    expect(hiddenPlay(fitted(0.9), SILL.streamId)).toBeCloseTo(found - 0.1, 9);
    expect(hiddenPlay(fitted(1.05), SILL.streamId)).toBeCloseTo(found + 0.05, 9);
  });
});

describe('errors', () => {
  test('should sort database trouble into "send again", and the unknown into "failed"', () => {
    const withCode = (code: string) => Object.assign(new Error('x'), { code });
    const codeOf = (error: unknown) => errorAnswer(toServerError(error)).body.error.code;
    expect(codeOf(withCode('ECONNREFUSED'))).toBe('unavailable');
    expect(codeOf(new Error('outer', { cause: withCode('57P01') }))).toBe('unavailable');
    expect(codeOf(new Error('Connection terminated unexpectedly'))).toBe('unavailable');
    expect(codeOf(new Error('Cannot use a pool after calling end on the pool'))).toBe(
      'unavailable',
    );
    expect(codeOf(withCode('23505'))).toBe('idTaken');
    expect(codeOf(new Error('surprise'))).toBe('internal');
    expect(codeOf('surprise')).toBe('internal');
  });

  test('should have a status in the hundreds it means and a remedy in words', () => {
    for (const [code, { status, message }] of Object.entries(ERRORS)) {
      expect(errorAnswer(new ServerError(code as keyof typeof ERRORS)).status).toBe(status);
      expect(message.length).toBeGreaterThan(20);
    }
  });
});

describe('configuration', () => {
  const DATABASE_URL = 'postgres://x';
  test.each<[Record<string, string>, RegExp]>([
    [{}, /DATABASE_URL is missing/],
    [{ DATABASE_URL, PORT: 'abc' }, /PORT is abc/],
    [{ DATABASE_URL, PORT: '70000' }, /PORT/],
    [{ DATABASE_URL, WENDAXIS_LINE_DEVICES: 'dial-b' }, /expected device=host:port/],
  ])('should name the variable it cannot use: %j', (env, message) => {
    expect(() => readConfig(env)).toThrow(message);
  });

  test('should listen on loopback unless told otherwise', () => {
    expect(readConfig({ DATABASE_URL })).toMatchObject({
      host: '127.0.0.1',
      port: 4173,
      demo: false,
      pages: null,
    });
  });
});
