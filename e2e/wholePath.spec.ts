import { readFileSync } from 'node:fs';

import {
  expect,
  practiceCycle,
  startRun,
  test,
  toSillBench,
  typeReadings,
  tickUntil,
} from './workshopTest.ts';

test('from a dial reading to a pack in band, with the stand-in indicator', async ({
  page,
  workshop,
}) => {
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(workshop.address) && !/^(data|blob):/.test(request.url()))
      elsewhere.push(request.url());
  });
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  for (let cycle = 0; cycle < 3; cycle += 1) await practiceCycle(page);
  await expect(page.getByText('Out of limits')).toBeVisible();
  const found = await page.getByTestId('verdict-value').innerText();
  expect(found).toMatch(/^0\.2\d\d\s*± 0\.0\d\d mm$/);

  await page.getByRole('button', { name: 'Working' }).click();
  await expect(page.getByRole('dialog')).toContainText('Student factor');
  await expect(page.getByRole('dialog')).toContainText('ISO 14253-1');
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Best/ })).toBeChecked();
  await expect(page.getByRole('radio')).toHaveCount(4);
  await page.getByRole('button', { name: 'Use this pack' }).click();
  // What it lies under comes off first.
  await tickUntil(page, 'Fit 0');
  await page.getByRole('button', { name: 'Fitted Enter' }).click();

  await tickUntil(page, 'Prove the end play');
  await startRun(page, /Fine dial/);
  for (let cycle = 0; cycle < 6; cycle += 1) {
    await practiceCycle(page);
    if (await page.getByRole('button', { name: 'Accept the verdict' }).isVisible()) break;
  }
  await expect(page.getByText('Within limits', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await tickUntil(page, 'Logbook');
  await page.getByLabel(/Final note/).fill('Locked, spun, quiet.');
  await page.getByRole('button', { name: 'Close the job' }).click();

  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('Finished. Locked, spun, quiet.');
  await expect(log).toContainText('Pack fitted');
  await expect(log).toContainText('from dial-a, simulated');
  await expect(page.getByRole('region', { name: 'Runs' })).toContainText('Within limits');

  await expect(page.getByText('All sent')).toBeVisible();
  const [json] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Job as JSON' }).click(),
  ]);
  const file = JSON.parse(readFileSync(await json.path(), 'utf8')) as {
    format: string;
    events: { seq: number }[];
  };
  expect(file.format).toBe('wendaxis-job');
  expect(file.events.map(({ seq }) => seq)).toEqual(file.events.map((_, index) => index + 1));
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Readings as CSV' }).click(),
  ]);
  const rows = readFileSync(await csv.path(), 'utf8')
    .trim()
    .split(/\r?\n/);
  expect(rows[0]).toContain('reading_mm');
  expect(rows.length - 1).toBe(
    file.events.filter((event) => (event as { type?: string }).type === 'ReadingTaken').length,
  );

  await page.goto(workshop.address);
  await page.getByRole('button', { name: /^Finished/ }).click();
  await expect(page.getByRole('link', { name: /Sill winch reducer/ })).toContainText('Finished');
  expect(elsewhere).toEqual([]);
});

test('the same path with typed readings, in both unit systems, by undo and redo', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0', '0.26', '0', '0', '10 thou', '0', '0', '.0102"', '0']);
  await expect(page.getByText('Out of limits')).toBeVisible();

  // 0.26, 10 thou = 0.254 and .0102" = 0.25908 mm: mean 0.257693
  await expect(page.getByTestId('verdict-value')).toHaveText(/^0\.258/);
  await page.keyboard.press('u');
  await expect(page.getByTestId('verdict-value')).toHaveText(/^0\.0101.*in$/);
  await page.keyboard.press('u');

  await page.keyboard.press('z');
  await expect(page.getByText('Out of limits')).toBeHidden();
  await page.keyboard.press('y');
  await expect(page.getByText('Out of limits')).toBeVisible();

  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Chance first time' })).toContainText(
    'within limits',
  );
  await page.getByRole('button', { name: 'Use this pack' }).click();
  // What it lies under comes off first.
  await tickUntil(page, 'Fit 0');
  await page.getByRole('button', { name: 'Fitted Enter' }).click();
  await tickUntil(page, 'Prove the end play');
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0', '0.14', '0', '0', '0.15', '0', '0', '0.14', '0']);
  await expect(page.getByText('Within limits', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await page.getByRole('link', { name: 'Logbook' }).click();
  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('typed “10 thou”');
  await expect(log).toContainText('Undone: Reading');
});

test('readings that cannot be used are told, and change nothing', async ({ page, workshop }) => {
  await toSillBench(page, workshop.address);
  await page.getByRole('button', { name: 'Not all are fitted' }).click();
  await expect(page.getByRole('alert')).toContainText('Fit the missing bearing first');
  await expect(page.getByText('A shaft that tips reads more')).toBeVisible();
  await page.getByLabel('Angle to the travel').fill('50');
  await expect(page.getByText('Expected 0 to 45°')).toBeVisible();
  await page.getByLabel('Angle to the travel').fill('15');
  await expect(page.getByText('set it straighter')).toBeVisible();
  await page.getByLabel('Angle to the travel').fill('0');
  await startRun(page, /Fine dial/);
  const field = page.getByLabel('Or type the zero reading');
  await field.fill('about 3');
  await expect(page.getByText(/Expected a number with a unit/)).toBeVisible();
  await field.press('Enter');
  await field.fill('140');
  await expect(page.getByText('beyond this indicator’s travel')).toBeVisible();
  await field.press('Enter');
  await expect(page.getByText('No cycle yet.')).toBeVisible();
  await typeReadings(page, ['0', '0.3', '0.2']);
  await expect(page.getByText('Stayed above zero.')).toBeVisible();
});
