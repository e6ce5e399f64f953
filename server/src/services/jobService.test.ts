import { randomUUID } from 'node:crypto';

import pg from 'pg';

import { drawsFrom, randomLog } from '@wendaxis/core/draws';
import type { JobRow } from '@wendaxis/contract';
import { foldJob, type JobEvent } from '@wendaxis/core/job';
import { compilePlan } from '@wendaxis/core/plan';
import { findStation, geometryFaults } from '@wendaxis/core/unit';

import { alderLog } from '../demo/alder.ts';
import { mothLog } from '../demo/moth.ts';
import { sillLog } from '../demo/sill.ts';
import { tarnLog } from '../demo/tarn.ts';
import { note, openJob } from '../tests/notes.ts';
import { until } from '../tests/until.ts';
import { startTestServer, type TestServer } from '../tests/testServer.ts';

const SILL = sillLog();
/** The rows of the whole list, none of them still being brought up to date: the list does not wait long for those. */
const rows = async (query = ''): Promise<readonly JobRow[]> => {
  let jobs: readonly JobRow[] = [];
  await until(async () => {
    const { body } = await server.get(`/jobs${query}`);
    jobs = body.jobs;
    return body.waiting === 0;
  });
  return jobs;
};
const rowOf = async (jobId: string): Promise<JobRow> =>
  (await rows()).find((row) => row.jobId === jobId)!;
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ WENDAXIS_DEMO: '1' });
});
afterAll(() => server.stop());

describe('what is folded on the server', () => {
  test('should list the demo jobs with what each waits for', async () => {
    const all = await rows();
    const find = (name: string) => all.find((job) => job.name === name);
    expect(find('Alder feed gearbox')).toMatchObject({
      next: 'done',
      finished: true,
      pieces: { 'box-1.003': 2 },
    });
    expect((await server.get(`/jobs/${SILL.streamId}/events`)).status).toBe(200);
  });

  test('should keep the list in step with the log', async () => {
    const jobId = await openJob(server);
    const next = async () => (await rowOf(jobId)).next;
    expect(await next()).toBe('setSpec');
    await server.post(`/jobs/${jobId}/events`, {
      events: SILL.events.slice(1, 2).map((event) => ({ ...event, id: randomUUID() })),
    });
    expect(await next()).toBe('step');
    const row = await rowOf(jobId);
    expect(row).toMatchObject({ scope: 'overhaul', stage: 'strip', behind: 1, finished: false });
    expect(row.step).toEqual({
      title: 'Drain the oil and look at it',
      reason: 'What is in the oil says what to look for.',
    });
    expect(row.steps).toBeGreaterThan(40);
  });

  test('should name what a described unit still lacks', async () => {
    const jobId = await openJob(server);
    const { station } = findStation(
      foldJob(SILL.events as unknown as JobEvent[]).unit!,
      'seal-left',
    )!;
    const { boreDepth: _, ...bare } = station;
    const event = {
      ...note(''),
      type: 'StationDescribed',
      data: { axisId: 'output', station: bare },
    };
    expect((await server.post(`/jobs/${jobId}/events`, { events: [event] })).status).toBe(201);
    const row = await rowOf(jobId);
    expect(row.missing).toEqual(['Drum-side seal: face to shoulder or bearing']);
  });

  test('should keep the workshop’s own templates, and refuse one that is no unit', async () => {
    const { unit } = foldJob(SILL.events as unknown as JobEvent[]);
    const save = (templateId: string, body: unknown) =>
      server.post('/workshop/events', {
        events: [
          { ...note(''), type: 'TemplateSaved', data: { templateId, name: 'Winch', unit: body } },
        ],
      });
    expect((await save('t1', unit)).status).toBe(201);
    const refused = await save('t2', {
      ...unit,
      axes: [{ ...unit!.axes[0]!, arrangement: 'sideways' }],
    });
    expect(refused).toMatchObject({
      status: 400,
      body: { error: { faults: [{ field: 'events[0].data.unit.axes[0].arrangement' }] } },
    });
    const { templates } = (await server.get('/workshop')).body;
    expect(templates).toEqual([{ templateId: 't1', name: 'Winch', unit }]);
  });

  test('should count what other jobs hold of the stock, practice jobs only for practice', async () => {
    const alder = alderLog().streamId;
    const real = await openJob(server);
    const used = async (query: string) => (await server.get(`/stock${query}`)).body.used;
    expect(await used(`?except=${SILL.streamId}`)).toMatchObject({ 'box-1.003': 2 });
    expect(await used(`?except=${alder}`)).not.toHaveProperty(['box-1.003']);
    // The Alder of the demo is practice: its pieces are in the box for everybody else.
    expect(await used('')).toEqual({});
    expect(await used(`?except=${real}`)).toEqual({});
    expect((await server.get('/stock?except=12')).status).toBe(400);
  });

  test('should show the instruments of the workshop', async () => {
    const { instruments, sizes } = (await server.get('/workshop')).body;
    expect(sizes).toHaveLength(10);
    expect(instruments.map(({ graduation }: { graduation: number }) => graduation)).toEqual([
      0.01, 0.001, 0.001, 0.001, 0.02, 0.01, 0.01,
    ]);
  });

  test('should load the demo once, also when it starts again', async () => {
    const again = await startTestServer({ DATABASE_URL: server.databaseUrl, WENDAXIS_DEMO: '1' });
    const { jobs } = (await again.get('/jobs')).body;
    const names = jobs.map(({ name }: JobRow) => name);
    expect(names.filter((name: string) => name === 'Alder feed gearbox')).toHaveLength(1);
    expect(jobs.filter(({ jobId }: JobRow) => jobId === SILL.streamId)[0].practice).toBe(true);
    await again.stop();
  });

  test('should have demo units without a fault, each at the step it is meant to show', () => {
    const next = [sillLog(), tarnLog(), mothLog()].map(({ events }) => {
      const state = foldJob(events as unknown as readonly JobEvent[]);
      expect(geometryFaults(state.unit!)).toEqual({});
      return compilePlan(state).next?.id;
    });
    expect(next).toEqual([
      'measure:output:endPlay',
      'mark:carrier-caps',
      'measureSeats:bearing-left',
    ]);
  });

  test('should have a demo in which no event is without effect', () => {
    for (const log of [sillLog(), alderLog(), tarnLog(), mothLog()])
      expect(foldJob(log.events as unknown as readonly JobEvent[]).log.ignored).toEqual([]);
  });
});

describe('the list of jobs', () => {
  test('should search in name, reason, next step, stations and what is printed on them, every word', async () => {
    const names = async (query: string) => (await rows(query)).map(({ name }) => name);
    expect(await names('?search=feed%20ALDER')).toEqual(['Alder feed gearbox']);
    expect(await names('?search=drum-side')).toContain('Sill winch reducer');
    expect(await names('?search=alder%20moth')).toEqual([]);
    expect(await names(`?search=${encodeURIComponent('100%_\\')}`)).toEqual([]);
    expect((await rows('?filter=finished')).every(({ finished }) => finished)).toBe(true);
    expect((await rows('?filter=bench')).some(({ finished }) => finished)).toBe(false);
  });

  test('should come in pages, with how many each filter has', async () => {
    const many = await startTestServer();
    const log = sillLog().events[0]!;
    for (let n = 0; n < 60; n += 1) {
      const at = new Date(Date.UTC(2026, 0, 1, 0, n)).toISOString();
      await many.post(`/jobs/${randomUUID()}/events`, {
        events: [{ ...log, id: randomUUID(), at }],
      });
    }
    const page = async (n: number) => (await many.get(`/jobs?filter=bench&page=${n}`)).body;
    await until(async () => (await page(0)).counts.all === 60);
    const [first, second, third] = [await page(0), await page(1), await page(2)];
    expect([first.jobs.length, second.jobs.length, third.jobs.length]).toEqual([50, 10, 0]);
    expect(first.pages).toBe(2);
    expect(first.jobs[0].updatedAt > second.jobs[0].updatedAt).toBe(true);
    const ids = [...first.jobs, ...second.jobs].map(({ jobId }: JobRow) => jobId);
    expect(new Set(ids).size).toBe(60);
    await many.stop();
  });

  test.each(['?page=-1', '?page=x', '?filter=some'])('should refuse %s', async (query) => {
    expect((await server.get(`/jobs${query}`)).status).toBe(400);
  });

  test('should be caught up by a server that starts, where a row is behind its log or its rules', async () => {
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    await client.query("UPDATE job_list SET name = 'stale', rules_version = 0");
    await client.query('DELETE FROM job_list WHERE job_id = $1', [SILL.streamId]);
    await client.end();
    const fresh = await startTestServer({ DATABASE_URL: server.databaseUrl });
    const names = async () => (await fresh.get('/jobs')).body.jobs.map(({ name }: JobRow) => name);
    await until(async () => (await names()).includes('Sill winch reducer'));
    await until(async () => !(await names()).includes('stale'));
    expect(await names()).toContain('Alder feed gearbox');
    await fresh.stop();
  });

  test('should show a job that cannot be read as such, and every other as it is', async () => {
    const jobId = await openJob(server);
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    // As a newer program would have written it: no request can.
    await client.query('UPDATE events SET version = 9 WHERE stream_id = $1', [jobId]);
    await client.query('DELETE FROM job_list WHERE job_id = $1', [jobId]);
    await client.end();
    const fresh = await startTestServer({ DATABASE_URL: server.databaseUrl });
    const row = async () =>
      (await fresh.get('/jobs')).body.jobs.find((one: JobRow) => one.jobId === jobId);
    await until(async () => (await row()) !== undefined);
    expect(await row()).toMatchObject({ unreadable: { code: 'newerVersion', version: 9 } });
    const names = (await fresh.get('/jobs')).body.jobs.map(({ name }: JobRow) => name);
    expect(names).toContain('Sill winch reducer');
    expect((await fresh.get(`/jobs/${jobId}/events`)).body.events).toHaveLength(1);
    await fresh.stop();
  });

  test('should stand whatever is recorded: odd units, odd orders, events that lead nowhere', async () => {
    for (let seed = 1; seed <= 8; seed += 1) {
      const jobId = randomUUID();
      const log = randomLog(drawsFrom(seed), 40).map(({ seq: _, ...event }) => ({
        ...event,
        id: randomUUID(),
      }));
      for (const event of log) await server.post(`/jobs/${jobId}/events`, { events: [event] });
    }
    const { status, body } = await server.get('/jobs');
    expect(status).toBe(200);
    expect(
      body.jobs.filter(
        (job: JobRow) => job.unreadable !== null && job.unreadable.code === 'failed',
      ),
    ).toEqual([]);
    expect(body.jobs.map(({ name }: JobRow) => name)).toContain('Sill winch reducer');
  });
});
