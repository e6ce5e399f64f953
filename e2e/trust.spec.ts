import { randomUUID } from 'node:crypto';
import { foldJob, type JobEvent } from '@wendaxis/core/job';
import { startServer } from '../scripts/setup/server.mjs';
import { newDatabase } from './workshopTemplate.ts';
import { jobOf, recordIn } from './workTo.ts';
import { expect, expectAccessible, goTo, startRun, test, typeReadings } from './workshopTest.ts';

test('an empty workshop is set up on its own pages, and works through to a verdict signed by who is at the bench', async ({
  page,
}) => {
  const database = await newDatabase(`empty_${randomUUID().replaceAll('-', '')}`);
  const server = await startServer({ DATABASE_URL: database, PORT: '0', WENDAXIS_DEMO: '0' });
  await page.goto(server.address);
  await expect(page.getByText('The bench is clear')).toBeVisible();
  const begin = page.getByRole('region', { name: 'To begin' });
  await expectAccessible(page);
  await begin.getByRole('link', { name: 'Name the workshop' }).click();
  await page.getByLabel('What the workshop is called').fill('Ulvmere slip');
  await page.getByRole('button', { name: 'Name it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ulvmere slip');
  const people = page.getByRole('form', { name: 'A person' });
  await people.getByLabel('Name', { exact: true }).fill('Edda');
  await people.getByLabel('What they do here').fill('mechanic');
  await page.keyboard.press('Enter');
  await expect(page.getByText('✓ at the bench, on this device')).toBeVisible();
  await page.getByRole('button', { name: 'Add an instrument' }).click();
  const card = page.getByRole('form', { name: 'An instrument' });
  await card.getByRole('button', { name: 'Add it' }).click();
  await expect(card.getByRole('alert')).toContainText('Name is missing');
  await card.getByLabel('Name', { exact: true }).fill('Old thousandths dial');
  await card.getByLabel('Its graduations count').selectOption('in');
  await card.getByLabel('One graduation, in').fill('.001');
  await card.getByLabel('Reads over, in').fill('1');
  await expect(card).toContainText('half a graduation is taken: 0.01270 mm');
  await expectAccessible(page);
  await card.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('region', { name: 'Instruments' })).toContainText(
    'One graduation 0.0254 mm',
  );
  await page.getByRole('link', { name: 'Jobs', exact: true }).click();
  await expect(begin).toBeHidden();

  await page.keyboard.press('b');
  await page.getByLabel('Name of the unit').fill('Net hauler');
  await page.getByRole('button', { name: 'Change what it is for' }).click();
  await page.getByRole('radio', { name: /Only set the play/ }).click();
  for (const end of ['Left bearing', 'Right bearing'])
    await page.getByRole('group', { name: end }).getByLabel('Printed on the ring').fill('30206');
  await page.getByLabel(/Distance between/).fill('60');
  await page.getByRole('button', { name: 'Book it in' }).click();
  await expect(page).toHaveURL(/jobs\/[0-9a-f-]{36}$/u);
  await expect(page.getByText('All sent')).toBeVisible();
  const jobId = /jobs\/([0-9a-f-]+)/u.exec(page.url())![1]!;
  await expect(page.getByText('practice')).toHaveCount(0);
  const job = `${server.address}jobs/${jobId}`;
  const { events } = (await (
    await page.request.get(`${server.address}api/jobs/${jobId}/events`)
  ).json()) as { events: JobEvent[] };
  const axis = foldJob(events).unit!.axes[0]!;
  const siteId = axis.stations.find(({ kind }) => kind === 'shimSite')!.id;
  // The band and the pack as another bench would enter them; the run itself is typed here.
  const band = { lower: 0.1, upper: 0.3, target: null };
  await recordIn(page, server.address, jobId, 'SpecSet', {
    specId: 'play',
    axisId: axis.id,
    kind: 'endPlay',
    band,
    source: 'sheet',
  });
  await recordIn(page, server.address, jobId, 'PackRecorded', {
    siteId,
    pieces: [{ sizeId: 'found', thickness: 1, quantity: 1, uncertainty: 0.001 }],
  });
  await goTo(page, `${job}/bench`);
  await startRun(page, /Old thousandths dial/);
  await expect(page.getByText('Type what the needle shows')).toBeVisible();
  await expect(page.getByText('Practice hands')).toHaveCount(0);
  await typeReadings(page, ['0', '0.2032', '0', '0', '0.2032', '0', '0', '0.2032', '0']);
  // A thousandth of an inch is 0.0254 mm: the guard is wider than any of a hundredth dial could be.
  await expect(page.getByTestId('verdict-value')).toContainText(/0\.203 ± 0\.0[2-9]/);
  await goTo(page, `${job}/log`);
  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('Edda');
  await expect(log).not.toContainText('simulated');
  await server.stop();
});

test('a job of a customer is never given a simulated reading; a practice job says on every page that it is one', async ({
  page,
  workshop,
}) => {
  const { address } = workshop;
  const sill = await jobOf(page, address, 'Sill winch reducer');
  const { events } = (await (
    await page.request.get(`${address}api/jobs/${sill}/events`)
  ).json()) as { events: { type: string; data: object }[] };
  // The same job, as a customer's: everything but the mark.
  const real = randomUUID();
  for (const { type, data } of events.filter(({ type }) => type !== 'PracticeMarked'))
    await recordIn(page, address, real, type, data);
  await goTo(page, `${address}jobs/${real}/bench`);
  await expect(page.getByRole('radio', { name: /Shop dial/ })).toContainText('read by eye');
  await startRun(page, /Shop dial/);
  await expect(page.getByText('Type what the needle shows')).toBeVisible();
  await expect(page.getByRole('button', { name: /^It reads 0/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Take zero|Hands free/ })).toHaveCount(0);
  for (let press = 0; press < 9; press += 1) await page.keyboard.press('Space');
  await expect(page.getByText('3 more cycles to a verdict')).toBeVisible();
  await expect(page.getByText('Practice hands')).toHaveCount(0);

  await goTo(page, `${address}jobs/${sill}`);
  for (const place of ['', '/plan', '/describe', '/log', '/bench']) {
    await goTo(page, `${address}jobs/${sill}${place}`);
    await expect(page.getByText(/^◇ ?practice$/u)).toBeVisible();
  }
});

test('one odd seal takes nothing down: its step says what is wrong, undo works, and the list stands', async ({
  page,
  workshop,
}) => {
  const { address } = workshop;
  const jobId = await jobOf(page, address, 'Sill winch reducer');
  const station = {
    id: 'seal-left',
    kind: 'seal',
    name: 'Drum-side seal',
    at: 0,
    width: 7,
    inside: 40,
    outside: 62,
    partId: 'case',
    depth: 1.2,
    boreDepth: 8.2,
    depthRule: 'setDepth',
  };
  await recordIn(page, address, jobId, 'StationDescribed', { axisId: 'output', station });
  const rollers = {
    id: 'odd',
    kind: 'looseRollers',
    name: 'Odd rollers',
    at: 200,
    width: 10,
    inside: 0,
    outside: 12,
    rollerDiameter: 3,
    partId: 'case',
  };
  await recordIn(page, address, jobId, 'StationDescribed', { axisId: 'output', station: rollers });
  await goTo(page, `${address}jobs/${jobId}/plan`);
  await expect(page.getByText(/steps done/)).toBeVisible();
  await expect(
    page.getByRole('link', { name: /Correct the description of Odd rollers/ }),
  ).toBeVisible();
  await goTo(page, `${address}jobs/${jobId}/step/fitSeal:seal-left`);
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText('Gap behind it');
  await page.keyboard.press('z');
  await expect(page.getByRole('alertdialog')).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByRole('alertdialog')).toBeHidden();
  // Fetched anew: what was undone is still told on the page that it was undone on.
  await page.goto(`${address}jobs/${jobId}/plan`);
  await expect(page.getByText(/Odd rollers/)).toHaveCount(0);
  await goTo(page, address);
  await expect(page.getByRole('link', { name: /Sill winch reducer/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Moth engine case/ })).toBeVisible();
});
