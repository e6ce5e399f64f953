import { jobOf } from './workTo.ts';
import {
  expect,
  expectAccessible,
  startRun,
  test,
  toSillBench,
  typeReadings,
} from './workshopTest.ts';

const SIX = ['0', '0.14', '0', '0', '0.14', '0'];

test('a browser that keeps nothing says so, and everything is sent', async ({
  browser,
  workshop,
}) => {
  const context = await browser.newContext();
  await context.addInitScript(() => {
    const refuse = () => {
      throw new DOMException('blocked', 'SecurityError');
    };
    Object.defineProperty(window, 'indexedDB', { value: { open: refuse, deleteDatabase: refuse } });
    for (const name of ['localStorage', 'sessionStorage'] as const)
      Object.defineProperty(window, name, { get: refuse });
  });
  const page = await context.newPage();
  await toSillBench(page, workshop.address);
  await expect(page.getByRole('alert').filter({ hasText: 'keeps nothing' })).toBeVisible();
  await startRun(page, /Shop dial/);
  await typeReadings(page, SIX);
  await expect(page.getByText('All sent')).toBeVisible();
  await page.reload();
  await expect(page.getByText('zero 0.000').or(page.getByText('1 more cycle'))).toHaveCount(1);
  await context.setOffline(true);
  await typeReadings(page, ['0']);
  await expect(page.getByText(/1 wait, 1 on this page only/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('All sent')).toBeVisible({ timeout: 20_000 });
  await context.close();
});

test('what was entered the moment before a page is left goes up from the next page', async ({
  browser,
  workshop,
}) => {
  const context = await browser.newContext();
  // The browser's store does not answer, nor does the server: nothing but the page has what is entered.
  await context.addInitScript(() => {
    if (window.name === 'left') return;
    const silent = { open: () => new EventTarget(), deleteDatabase: () => new EventTarget() };
    Object.defineProperty(window, 'indexedDB', { value: silent });
  });
  const page = await context.newPage();
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await expect(page.getByText('All sent')).toBeVisible();
  await page.route('**/events*', (route) => route.abort());
  await typeReadings(page, SIX.slice(0, 2));
  await expect(page.getByText(/zero 0.000, lift 0.140/)).toBeVisible();
  await page.unrouteAll();
  await page.evaluate(() => (window.name = 'left'));
  await page.reload();
  await expect(page.getByText(/zero 0.000, lift 0.140/)).toBeVisible();
  await expect(page.getByText('All sent')).toBeVisible();
  const jobId = await jobOf(page, workshop.address, 'Sill winch reducer');
  const { events } = (await (
    await page.request.get(`${workshop.address}api/jobs/${jobId}/events`)
  ).json()) as { events: { type: string; data: { typed?: string } }[] };
  const typed = events.flatMap(({ data }) => (data.typed === undefined ? [] : [data.typed]));
  expect(typed.slice(-2)).toEqual(['0 (mm)', '0.14 (mm)']);
  await context.close();
});

test('ten tabs work on one live connection, and a tab that is closed hands it on', async ({
  context,
  workshop,
}) => {
  test.setTimeout(120_000);
  const first = await context.newPage();
  await toSillBench(first, workshop.address);
  await startRun(first, /Shop dial/);
  const address = first.url();
  const pages = [first];
  for (let tab = 1; tab < 10; tab += 1) {
    const page = await context.newPage();
    pages.push(page);
    await page.goto(address);
    await expect(page.getByRole('heading', { name: 'Seat and zero' })).toBeVisible();
  }
  // Each tab records, and each sees it: nothing waits for a connection.
  await pages[9]!.bringToFront();
  await typeReadings(pages[9]!, ['0', '0.26']);
  await expect(pages[9]!.getByText('All sent')).toBeVisible();
  for (const page of pages) await expect(page.getByText(/zero 0.000, lift 0.260/)).toBeVisible();
  await first.close(); // it held the connection
  await typeReadings(pages[5]!.isClosed() ? pages[6]! : pages[5]!, []);
  const [one, other] = [pages[4]!, pages[7]!];
  await one.getByLabel('Or type the return reading').fill('0');
  await one.getByLabel('Or type the return reading').press('Enter');
  await expect(other.getByLabel('Or type the zero reading')).toBeVisible();
  await expect(other.getByTestId('live-reading')).not.toContainText('–');
});

test('what is half typed survives a reload, and what another program answers is not taken for the server', async ({
  page,
  context,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await page.getByLabel('Or type the zero reading').fill('0.0');
  await page.reload();
  await expect(page.getByLabel('Or type the zero reading')).toHaveValue('0.0');
  await page.keyboard.press('Tab');
  // Another program on the port: it answers 404 with a page of its own to whatever is sent.
  await context.route('**/api/jobs/*/events', (route) =>
    route.request().method() === 'POST'
      ? route.fulfill({ status: 404, contentType: 'text/html', body: '<h1>Not found</h1>' })
      : route.continue(),
  );
  await typeReadings(page, ['0', '0.26', '0']);
  await expect(page.getByText(/Another program answers \(3 kept here\)/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Entries set aside' })).toHaveCount(0);
  await context.unroute('**/api/jobs/*/events');
  await expect(page.getByText('All sent')).toBeVisible({ timeout: 20_000 });
  await page.reload();
  await expect(page.getByRole('row', { name: /0\.260/ })).toBeVisible();
});

test('who is at the bench is chosen with a key, and signs from then on', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await expect(page.getByRole('button', { name: /Who is at the bench/ })).toBeVisible();
  await page.keyboard.press('i');
  await expectAccessible(page);
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Helper/ })
    .click();
  await expect(page.getByRole('button', { name: /At the bench: Helper/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /At the bench: Helper/ })).toBeVisible();
  const jobId = await jobOf(page, workshop.address, 'Sill winch reducer');
  await page.goto(`${workshop.address}jobs/${jobId}/log`);
  await page.getByLabel('Note', { exact: true }).fill('Shaft cleaned');
  await page.getByRole('button', { name: 'Write the note' }).click();
  const entry = page
    .getByRole('list', { name: 'Entries, newest first' })
    .getByRole('listitem')
    .first();
  await expect(entry).toContainText('Helper');
  await expect(entry).toContainText('Shaft cleaned');
});
