import { randomUUID } from 'node:crypto';

import { note, openJob } from '../tests/notes.ts';
import { startTestServer, type TestServer } from '../tests/testServer.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.stop());

const eventsOf = async (jobId: string, after = 0) =>
  (await server.get(`/jobs/${jobId}/events?after=${after}`)).body;

describe('storing events', () => {
  test('should give places without gaps, in the order sent', async () => {
    const jobId = await openJob(server);
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
    const jobId = await openJob(server);
    const one = note('once');
    await server.post(`/jobs/${jobId}/events`, { events: [one] });
    const again = await server.post(`/jobs/${jobId}/events`, { events: [note('other'), one, one] });
    expect(again.status).toBe(201);
    expect(again.body.accepted.map(({ seq }: { seq: number }) => seq)).toEqual([3, 2, 2]);
    expect((await eventsOf(jobId)).events).toHaveLength(3);
  });

  test('should refuse an id that stands for something else, here or in another job, and store nothing', async () => {
    const [jobId, other] = [await openJob(server), await openJob(server)];
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
    const jobId = await openJob(server);
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

  test('should read a long log in pages, one as often as it is asked for, and the last one as it grows', async () => {
    const jobId = await openJob(server);
    for (let sent = 0; sent < 5100; sent += 300)
      await server.post(`/jobs/${jobId}/events`, {
        events: Array.from({ length: 300 }, (_, n) => note(`${sent + n}`)),
      });
    const [first, again] = [await eventsOf(jobId), await eventsOf(jobId)];
    expect(first.events).toHaveLength(5000);
    expect(again).toEqual(first);
    expect((await eventsOf(jobId, 5000)).events).toHaveLength(101);
    await server.post(`/jobs/${jobId}/events`, { events: [note('one more')] });
    const [page, rest] = [await eventsOf(jobId), await eventsOf(jobId, 5000)];
    expect(page).toEqual({ ...first, lastSeq: 5102 });
    expect(rest.events.at(-1)).toMatchObject({ seq: 5102, data: { text: 'one more' } });
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
    const jobId = await openJob(server);
    const odd = note('“Ø 40 × 80” — 日本 🔩\n\t\\');
    await server.post(`/jobs/${jobId}/events`, { events: [odd] });
    expect((await eventsOf(jobId, 1)).events[0]).toEqual({ ...odd, seq: 2 });
  });
});
