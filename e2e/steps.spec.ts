import type { Page } from '@playwright/test';

import { expect, expectAccessible, goTo, startRun, test, toSillBench } from './workshopTest.ts';

const SIZES = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const;

/** Where the demo's limits come from, as it was typed. */
const SOURCE = 'page 41, line 6: output shaft end play 0.10 to 0.18 mm, cold';

/** The one thing to do stands in sight without scrolling, large enough for a thumb, and nothing scrolls sideways. */
async function expectInHand(page: Page, name: RegExp): Promise<void> {
  for (const size of SIZES) {
    await page.setViewportSize(size);
    await page.evaluate(() => window.scrollTo(0, 0));
    const action = page.getByRole('button', { name });
    await expect(action).toBeInViewport({ ratio: 1 });
    const box = (await action.boundingBox())!;
    expect(box.height, JSON.stringify(size)).toBeGreaterThanOrEqual(48);
    expect(box.x + box.width / 2, 'under the right thumb').toBeGreaterThanOrEqual(size.width / 2);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide, JSON.stringify(size)).toBeLessThanOrEqual(size.width);
  }
}

test('what to do next is in the hand at every size, from the list to the verdict', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Tarn rear axle/ }).click();
  await expectInHand(page, /^Do it/);
  await page.getByRole('button', { name: /^Do it/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await expect(page).toHaveTitle(/^Mark and undo · Tarn rear axle · Wendaxis$/);
  await expectInHand(page, /^Marked/);
  await expect(page.getByText('Pick a mark, or write one')).toBeVisible();
  await expectAccessible(page);
  await toSillBench(page, workshop.address);
  await expectInHand(page, /^All are fitted/);
  await page.setViewportSize(SIZES[0]);
  await startRun(page, /Shop dial/);
  await expectInHand(page, /^Take zero/);
});

test('a step is drawn with what it says of the work, and its reason is a key away', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Moth engine case/ }).click();
  await expect(page.getByRole('heading', { name: /Measure the bore/ })).toBeVisible();
  const job = page.url();
  await goTo(page, `${job}/step/seatOuter:bearing-left`);
  const picture = page.getByRole('img', { name: /Ignition-side bearing: in from the right/ });
  for (const words of ['markings', 'push: outer ring only', 'hold here'])
    await expect(picture).toContainText(words);
  await expect(page.getByText('You need:')).toBeHidden();
  await page.keyboard.press('w');
  await expect(page.getByText('You need:')).toBeVisible();

  // The bolts fill in their order; what is tight is still so after a reload.
  await goTo(page, `${job}/step/torque:bolts`);
  await expect(page.getByText(/^Round 1 of 3, 50 %: bolt \d+$/)).toBeVisible();
  for (let bolt = 0; bolt < 9; bolt += 1) await page.keyboard.press(' ');
  await expect(page.getByText(/^Round 2 of 3, 75 %: bolt \d+$/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Round 2 of 3, 75 %: bolt \d+$/)).toBeVisible();

  // Every key of the screen is listed, and the list goes away again.
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys of this screen' });
  for (const words of ['Undo the last entry', 'From row to row', 'This bolt is tight, the next'])
    await expect(keys).toContainText(words);
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();
});

test('a size is recorded when its field is left, once', async ({ page, workshop }) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Moth engine case/ }).click();
  await page.getByRole('button', { name: /^Do it/ }).click();
  const first = page.getByLabel('outer end, 0°').first();
  await first.fill('51.988');
  await page.getByLabel('outer end, 60°').first().click();
  await expect(page.getByText('51.988 mm recorded')).toBeVisible();
  await page.keyboard.type('51.99');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('outer end, 120°').first()).toBeFocused();
  await expect(page.getByText('recorded')).toHaveCount(2);
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByText(/outer-0.*51\.988|51\.988/).first()).toBeVisible();
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText('51.990');
});

test('a drawing is one stop of the Tab key, and the whole plan is a sheet with pictures', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
  await page.getByRole('link', { name: /Moth engine case/ }).click();
  const drawing = page.getByRole('group', { name: /^Section along/ });
  await expect(drawing).toBeVisible();
  await expect(drawing.locator('[tabindex="0"]')).toHaveCount(1);
  await drawing.locator('[tabindex="0"]').focus();
  const before = await page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
  await page.keyboard.press('ArrowRight');
  const after = await page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
  expect(after).not.toBe(before);

  const job = page.url();
  await goTo(page, `${job}/sheet`);
  await expect(page.getByRole('heading', { name: 'Build sheet, Moth engine case' })).toBeVisible();
  await expectAccessible(page);
  await page.emulateMedia({ media: 'print' });
  expect(await page.getByRole('img').count()).toBeGreaterThan(15);
  await expect(page.getByText('☐ yes ☐ no').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  for (const format of ['A4', 'Letter'] as const)
    expect((await page.pdf({ format })).byteLength).toBeGreaterThan(20_000);
});

test('an inch screen keeps no metric unit on the pages of the plan', async ({ page, workshop }) => {
  test.setTimeout(120_000);
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Sill winch reducer/ }).click();
  await expect(page.getByRole('heading', { name: 'Measure the end play' })).toBeVisible();
  const job = page.url();
  await page.keyboard.press('u');
  for (const path of [
    '',
    '/plan',
    '/sheet',
    '/step/torque:cover-bolts',
    '/step/fitInner:bearing-left',
  ]) {
    await goTo(page, `${job}${path}`);
    await expect(page.getByRole('main')).toContainText(/\w/u);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    // What somebody typed stays as it was typed.
    const text = (await page.getByRole('main').innerText()).replaceAll(SOURCE, '');
    expect([path, /\d\s?(?:mm|°C|N·m|kN|µm)(?![\w·])/u.exec(text)?.[0] ?? null]).toEqual([
      path,
      null,
    ]);
  }
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Moth engine case/ }).click();
  await expect(page.getByRole('heading', { name: /Measure the bore/ })).toBeVisible();
  await goTo(page, `${page.url()}/sheet`);
  await expect(page.getByText('☐ yes ☐ no').first()).toBeVisible();
  const sheet = await page.getByRole('main').innerText();
  expect(/\d\s?(?:mm|°C|N·m|kN|µm)(?![\w·])/u.exec(sheet)?.[0] ?? null).toBeNull();
});
