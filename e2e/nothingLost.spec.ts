import { randomUUID } from 'node:crypto';

import { startServer } from '../scripts/setup/server.mjs';
import { temporaryPostgres } from '../scripts/setup/postgres.mjs';
import {
  expect,
  startRun,
  test,
  TOO_MUCH_PLAY,
  toSillBench,
  typeReadings,
} from './workshopTest.ts';

test('killing server and database in the middle loses nothing that was acknowledged, and doubles nothing', async () => {
  test.setTimeout(180_000);
  const database = await temporaryPostgres();
  const port = database.server.port();
  const url = database.url;
  const env = { DATABASE_URL: url, WENDAXIS_DEMO: '1', PORT: '0' };
  let server = await startServer(env);
  const { jobs } = (await (await fetch(`${server.address}api/jobs`)).json()) as {
    jobs: { jobId: string; name: string }[];
  };
  const { jobId } = jobs.find(({ name }) => name === 'Sill winch reducer')!;
  const acknowledged = new Set<string>();
  const sent: string[] = [];
  const refusals = new Set<number>();

  /** Send a batch until it is taken, as a bench does; the same ids every time. */
  const deliver = async (count: number) => {
    const events = Array.from({ length: count }, () => {
      const id = randomUUID();
      sent.push(id);
      return {
        id,
        type: 'NoteWritten',
        version: 1,
        at: new Date().toISOString(),
        by: 'runa',
        data: { text: id },
      };
    });
    for (let tries = 0; tries < 200; tries += 1) {
      try {
        const response = await fetch(`${server.address}api/jobs/${jobId}/events`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ events }),
        });
        if (response.status === 201) {
          for (const { id } of events) acknowledged.add(id);
          return;
        }
        refusals.add(response.status);
      } catch {
        // Nobody listens now; the bench tries again.
      }
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('a batch was never taken');
  };

  const sending = (async () => {
    for (let batch = 0; batch < 100; batch += 1) await deliver(20);
  })();
  const until = async (count: number) => {
    while (acknowledged.size < count) await new Promise((resolve) => setTimeout(resolve, 5));
  };
  await until(300);
  await server.stop('SIGKILL');
  server = await startServer(env);
  await until(900);
  await database.server.stop('immediate'); // no shutdown checkpoint: recovery from the write-ahead log
  await database.server.start(port);
  await sending;

  const stored: { id: string; seq: number; type: string }[] = [];
  const { events } = (await (await fetch(`${server.address}api/jobs/${jobId}/events`)).json()) as {
    events: typeof stored;
  };
  stored.push(...events);
  expect(stored.map(({ seq }) => seq)).toEqual(stored.map((_, index) => index + 1));
  const notes = stored.filter(({ type }) => type === 'NoteWritten').map(({ id }) => id);
  expect(notes).toEqual(sent);
  expect([...refusals].filter((status) => status !== 503)).toEqual([]);
  await server.stop();
  await database.stop();
});

test('a bench that loses the server goes on, and sends everything when it is back', async ({
  page,
  context,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await expect(page.getByText('All sent')).toBeVisible();
  await context.setOffline(true);
  await typeReadings(page, TOO_MUCH_PLAY);
  await expect(page.getByText('Out of limits')).toBeVisible();
  await expect(page.getByText(/Server out of reach \(9 kept here\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await page.getByRole('button', { name: 'Use this pack' }).click();
  await context.setOffline(false);
  await expect(page.getByText('All sent')).toBeVisible({ timeout: 20_000 });
  await page.reload();
  // What it lies under comes off first.
  await expect(page.getByRole('heading', { name: /^(?:Drain|Mark|Undo)/ })).toBeVisible();
});

test('what waits survives a closed tab', async ({ page, context, workshop }) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await expect(page.getByText('All sent')).toBeVisible();
  const address = page.url();
  await context.setOffline(true);
  await typeReadings(page, ['0', '0.26']);
  await expect(page.getByText(/2 kept here/)).toBeVisible();
  await page.close();
  await context.setOffline(false);
  const other = await context.newPage();
  await other.goto(workshop.address); // the list is enough: leftovers go up by themselves
  await expect(other.getByText('All sent')).toBeVisible();
  await other.goto(address);
  await expect(other.getByText(/zero 0.000, lift 0.260/)).toBeVisible();
});

test('two benches on one job see each other’s readings', async ({ browser, workshop }) => {
  const pages = await Promise.all([browser.newPage(), browser.newPage()]);
  const [first, second] = pages as [(typeof pages)[0], (typeof pages)[0]];
  await toSillBench(first, workshop.address);
  await startRun(first, /Shop dial/);
  await second.goto(first.url());
  await typeReadings(first, ['0', '0.26']);
  await expect(second.getByText(/zero 0.000, lift 0.260/)).toBeVisible();
  await Promise.all(pages.map((page) => page.close()));
});

for (const [width, height] of [
  [1280, 800],
  [820, 1180],
  [390, 844],
] as const)
  test(`an entry on its way moves nothing under the hand that makes the next, at ${width} × ${height}`, async ({
    page,
    context,
    workshop,
  }) => {
    await page.setViewportSize({ width, height });
    await toSillBench(page, workshop.address);
    await startRun(page, /Shop dial/);
    await expect(page.getByText('All sent')).toBeVisible();
    await context.route('**/api/jobs/*/events', async (route) => {
      if (route.request().method() === 'POST') await new Promise((go) => setTimeout(go, 1500));
      await route.continue();
    });
    const top = () =>
      page.locator('main').evaluate((main) => main.getBoundingClientRect().top + scrollY);
    const before = await top();
    await typeReadings(page, ['0']);
    await expect(page.getByText(/Sending \(1 kept here\)/)).toBeVisible();
    expect(await top()).toBe(before);
    await expect(page.getByText('All sent')).toBeVisible();
    expect(await top()).toBe(before);
  });
