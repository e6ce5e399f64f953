import {
  expect,
  expectAccessible,
  startRun,
  test,
  proveTooMuch,
  TOO_MUCH_PLAY,
  toSillBench,
  typeReadings,
} from './workshopTest.ts';

test('the bench passes the accessibility check in all its states', async ({ page, workshop }) => {
  // How it looks at night, and every other page, is looked at page by page elsewhere.
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await expectAccessible(page);
  await typeReadings(page, TOO_MUCH_PLAY);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Working' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await expect(page.getByRole('radio')).toHaveCount(4);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Use this pack' }).click();
  await expect(page).toHaveURL(/\/step\//);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expectAccessible(page);
});

test('the desk of fits passes it with an answer on it', async ({ page, workshop }) => {
  await page.goto(`${workshop.address}fits`);
  await page.getByLabel('Seat diameter').fill('52');
  await page.getByLabel('Bore of the bearing').fill('25');
  await page.getByLabel('Width').fill('15');
  await page.getByLabel(/^Bore: class/).fill('N7');
  await page.getByLabel(/^Ring: its size/).fill('52');
  await page.getByLabel('The bore is in').selectOption({ label: 'cast aluminium alloy' });
  await expect(page.getByText('0.009 to 0.039 mm', { exact: true })).toBeVisible();
  await expectAccessible(page);
});

test('bench mode fits 1280 × 800 without scrolling, with targets of at least 48 px', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await proveTooMuch(page);
  const height = await page.evaluate(() => document.documentElement.scrollHeight);
  expect(height).toBeLessThanOrEqual(800);
  for (const button of await page.getByRole('button').all()) {
    const box = (await button.boundingBox())!;
    expect(box.height, await button.innerText()).toBeGreaterThanOrEqual(48);
  }
});

test('the axis is the map: stations are chosen by pointer and by key', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Sill winch reducer/ }).click();
  await expect(page.getByText('thicker: more play')).toBeVisible();
  await page
    .getByRole('button', { name: /Cover-side bearing/ })
    .click({ position: { x: 20, y: 10 } });
  await expect(page.getByRole('heading', { name: 'Cover-side bearing' })).toBeVisible();
  await page.getByRole('button', { name: /Drum-side seal/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Drum-side seal' })).toBeVisible();
  await expect(page).toHaveURL(/jobs\/[^/]+$/);
});

test('a whole job can be read in the logbook of the finished one', async ({ page, workshop }) => {
  await page.goto(workshop.address);
  await expect(page.getByRole('link', { name: /Alder feed gearbox/ })).toBeHidden();
  await page.getByRole('button', { name: /^Finished/ }).click();
  await page.getByRole('link', { name: /Alder feed gearbox/ }).click();
  await expect(page.getByRole('heading', { name: 'Finished' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Runs' })).toContainText('With the new pack');
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    '2 × 1.003 = 2.006 mm',
  );
});

test('a page that cannot be fetched says so, and comes back', async ({ page, workshop }) => {
  await page.route(/WorkshopPage/, (route) => route.abort());
  await page.goto(`${workshop.address}workshop`);
  await expect(page.getByText('This page cannot be shown')).toBeVisible();
  await page.unroute(/WorkshopPage/);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('Shim box')).toBeVisible();
});

test('a box beyond what the search takes is told, not a broken page', async ({
  page,
  workshop,
}) => {
  const events = [1, 2].map((n) => ({
    id: crypto.randomUUID(),
    type: 'SizeStocked',
    version: 1,
    at: new Date().toISOString(),
    by: 'runa',
    data: { sizeId: `many-${n}`, thickness: 0.01 * n, uncertainty: 0.001, count: 300 },
  }));
  await page.request.post(`${workshop.address}api/workshop/events`, { data: { events } });
  await toSillBench(page, workshop.address);
  await proveTooMuch(page);
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByText(/stock is \d+: expected at most 400 pieces/)).toBeVisible();
});

test('addresses that lead nowhere say so, and lead back', async ({ page, workshop }) => {
  await page.goto(`${workshop.address}nowhere`);
  await page.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible();
  await page.goto(`${workshop.address}jobs/11111111-1111-4111-8111-111111111111`);
  await expect(page.getByText('There is no such job')).toBeVisible();
  await page.goto(workshop.address);
  await page.getByLabel('Find a job').fill('zeppelin');
  await expect(page.getByText('No job like that')).toBeVisible();
});
