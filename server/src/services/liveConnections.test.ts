import { createServer, type Socket } from 'node:net';

import pg from 'pg';

import { readLine } from '@wendaxis/core/devices';
import { foldJob } from '@wendaxis/core/job';

import { sillLog } from '../demo/sill.ts';
import { hiddenPlay } from '../devices/deviceService.ts';
import { liveBrowser } from '../tests/liveBrowser.ts';
import { note, openJob } from '../tests/notes.ts';
import { startTestServer, type TestServer } from '../tests/testServer.ts';
import { until } from '../tests/until.ts';

const SILL = sillLog();
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer({ WENDAXIS_DEMO: '1' });
});
afterAll(() => server.stop());

const dial = { deviceId: 'dial-a', jobId: SILL.streamId };
const hands = (action: string, jobId = SILL.streamId) =>
  server.post('/devices/dial-a/hands', { action, jobId });
const pause = (wait: number) => new Promise((resolve) => setTimeout(resolve, wait));

describe('the live connection of a browser', () => {
  test('should tell when any log has grown, also when another server added to it', async () => {
    const jobId = await openJob(server);
    const other = await startTestServer({ DATABASE_URL: server.databaseUrl });
    const browser = await liveBrowser(server);
    await server.post(`/jobs/${jobId}/events`, { events: [note('here')] });
    await other.post(`/jobs/${jobId}/events`, { events: [note('there')] });
    const grown = () =>
      browser
        .of('grown')
        .map((data) => JSON.parse(data) as { streamId: string; lastSeq: number })
        .filter(({ streamId }) => streamId === jobId)
        .map(({ lastSeq }) => lastSeq);
    await until(() => grown().length >= 2);
    expect(grown()).toEqual([2, 3]);
    browser.close();
    await other.stop();
  });

  test('should say that news may have been missed after the database has cut the listening connection', async () => {
    const jobId = await openJob(server);
    const browser = await liveBrowser(server);
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    const { rowCount } = await client.query(
      "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND pid <> pg_backend_pid() AND query ~ '(LISTEN|pg_notify)'",
    );
    await client.end();
    expect(rowCount).toBeGreaterThan(0);
    await until(() => browser.of('missed').length > 0); // it tries again after a second
    await server.post(`/jobs/${jobId}/events`, { events: [note('after the cut')] });
    await until(() => browser.of('grown').some((data) => data.includes(jobId)));
    browser.close();
  });

  test('should leave nothing behind when browsers go, also while a device is still being reached', async () => {
    for (let round = 0; round < 30; round += 1) {
      const browser = await liveBrowser(server);
      const asked = browser.watch(dial, {
        deviceId: 'thermo-a',
        jobId: SILL.streamId,
        partId: 'case',
      });
      if (round % 2 === 0) await asked;
      browser.close(); // at once: the log behind the device may not have been read yet
      await asked.catch(() => undefined);
    }
    await until(() => server.listeners() === 0);
    // Whatever was begun for them has stopped: nobody asks the database any more.
    const client = new pg.Client({ connectionString: server.databaseUrl });
    await client.connect();
    const commits = async () =>
      Number(
        (
          await client.query(
            'SELECT xact_commit FROM pg_stat_database WHERE datname = current_database()',
          )
        ).rows[0].xact_commit,
      );
    await pause(1200);
    const from = await commits();
    await pause(1500);
    expect((await commits()) - from).toBeLessThan(8);
    await client.end();
  });
});

describe('devices', () => {
  test('should be a stand-in that says so in every line, and moves by its hands', async () => {
    for (const action of ['turnUnderLoad', 'turnUnderLoad', 'turnUnderLoad', 'setZero'])
      expect((await hands(action)).status).toBe(200);
    const browser = await liveBrowser(server);
    expect(await browser.watch(dial)).toBe(200);
    await until(() => browser.lines().length >= 3);
    expect(browser.lines().slice(0, 2)).toEqual([
      'HELLO wendaxis-line 1 dial-a SIMULATED',
      'GRAD 0.01 mm SIMULATED',
    ]);
    expect(browser.lines()[2]).toMatch(/^R \d+ -?0\.0[01]00 mm SIMULATED$/);
    await hands('lift');
    const { events } = (await server.get(`/jobs/${SILL.streamId}/events`)).body;
    const truth = hiddenPlay(foldJob(events), SILL.streamId);
    await until(() => Math.abs(Number(browser.lines().at(-1)!.split(' ')[2]) - truth) <= 0.011);
    expect(browser.lines().every((line) => readLine(line)!.simulated)).toBe(true);
    // Watched no longer: no more lines.
    await browser.watch();
    await pause(100);
    const count = browser.lines().length;
    await hands('lower');
    await pause(1200);
    expect(browser.lines()).toHaveLength(count);
    browser.close();
  });

  test('should stream the thermometer on a part and the wrench on an axis, simulated', async () => {
    const browser = await liveBrowser(server);
    await browser.watch(
      { deviceId: 'thermo-a', jobId: SILL.streamId, partId: 'case' },
      { deviceId: 'wrench-a', jobId: SILL.streamId, axisId: 'output', angle: 30 },
    );
    const read = (kind: string) =>
      browser
        .lines()
        .map(readLine)
        .find((line) => line?.kind === kind);
    await until(() => read('temperature') !== undefined && read('torque') !== undefined);
    expect(read('temperature')).toMatchObject({ value: 20, simulated: true });
    expect(read('torque')).toMatchObject({ simulated: true });
    browser.close();
  });

  test.each([
    ['a part that is none', { ...dial, deviceId: 'thermo-a', partId: 'nowhere' }, 'noSuchDevice'],
    ['a device that is none', { ...dial, deviceId: 'none' }, 'noSuchDevice'],
    [
      'a job that is none',
      { ...dial, jobId: '00000000-0000-4000-8000-000000000000' },
      'noSuchStream',
    ],
  ])('should be refused for %s, on the same connection', async (_, watch, code) => {
    const browser = await liveBrowser(server);
    await browser.watch(watch);
    await until(() => browser.of('refused').length > 0);
    expect(JSON.parse(browser.of('refused')[0]!)).toMatchObject({ code });
    browser.close();
  });

  test('should not be had simulated for a real job: no line, no hands, and no reading that counts', async () => {
    const jobId = await openJob(server);
    const browser = await liveBrowser(server);
    await browser.watch(
      { deviceId: 'dial-a', jobId },
      { deviceId: 'wrench-a', jobId, axisId: 'output' },
      { deviceId: 'thermo-a', jobId, partId: 'case' },
    );
    await until(() => browser.of('refused').length >= 3);
    for (const data of browser.of('refused'))
      expect(JSON.parse(data)).toMatchObject({ code: 'practiceOnly' });
    expect(browser.lines()).toEqual([]);
    expect(await hands('lift', jobId)).toMatchObject({
      status: 409,
      body: { error: { code: 'practiceOnly' } },
    });
    browser.close();
    const practice = await openJob(server, true);
    expect((await hands('lift', practice)).status).toBe(200);
  });

  test('should be a real one on a wire, whose lines say nothing of being simulated', async () => {
    const sockets = new Set<Socket>();
    const wire = createServer((socket) => {
      sockets.add(socket);
      const talk = setInterval(() => socket.write('R 5 0.1230 mm\r\n'), 20);
      socket.on('error', () => undefined).on('close', () => clearInterval(talk));
    });
    await new Promise<void>((resolve) => wire.listen(0, '127.0.0.1', resolve));
    const { port } = wire.address() as { port: number };
    const env = {
      DATABASE_URL: server.databaseUrl,
      WENDAXIS_LINE_DEVICES: `gauge-4=127.0.0.1:${port}`,
    };
    const wired = await startTestServer(env);
    const browser = await liveBrowser(wired);
    const jobId = await openJob(wired);
    await browser.watch({ deviceId: 'gauge-4', jobId });
    await until(() => browser.lines().length > 0);
    expect(readLine(browser.lines()[0]!)).toMatchObject({ value: 0.123, simulated: false });
    const moved = await wired.post('/devices/gauge-4/hands', { action: 'lift', jobId });
    expect(moved.status).toBe(404); // nobody but the mechanic moves a real shaft
    browser.close();
    await wired.stop();
    for (const socket of sockets) socket.destroy();
    wire.close();
  });
});
