import { TEMPLATE_FAMILIES, TEMPLATE_TABLE, UNIT_TEMPLATES } from '@wendaxis/core/unit';

import { expect, test } from './workshopTest.ts';

/** The first arrangement of each family and of each number of ends: the plans of all of them are walked in the core. */
const BOOKED = [
  ...new Map(
    UNIT_TEMPLATES.map((template) => {
      const { family, ends } = TEMPLATE_TABLE[template];
      return [`${family} ${ends.length}`, template] as const;
    }),
  ).values(),
];

test('an arrangement of every family can be booked in, is drawn, and has a plan', async ({
  page,
  workshop,
}) => {
  test.setTimeout(180_000);
  expect(BOOKED.length).toBeGreaterThan(4);
  for (const template of BOOKED) {
    const { words, note, family, ends: names } = TEMPLATE_TABLE[template];
    await page.goto(`${workshop.address}book-in`);
    await page.getByRole('radio', { name: TEMPLATE_FAMILIES[family] }).click();
    await page.getByRole('radio', { name: `${words} ${note}` }).click();
    await page.getByLabel('Name of the unit').fill(words);
    const ends = page.getByRole('group').filter({ has: page.getByLabel('Printed on the ring') });
    await expect(ends).toHaveCount(names.length);
    for (const [end, bore] of ['30', '25'].slice(0, names.length).entries()) {
      await ends.nth(end).getByLabel('Bore').fill(bore);
      await ends.nth(end).getByLabel('Outside').fill('60');
      await ends.nth(end).getByLabel('Width').fill('15');
    }
    if (names.length > 1) await page.getByLabel(/Distance between/).fill('70');
    await expect(page.getByRole('group', { name: /^Section along/ })).toBeVisible();
    await page.getByRole('button', { name: 'Book it in' }).click();
    await expect(page.getByRole('list', { name: 'How the stations stand' })).toBeVisible();
    await page.getByRole('link', { name: 'Plan', exact: true }).click();
    await expect(page.getByText(/^0 of \d+ steps done/)).toBeVisible();
    // What comes last waits for what comes first.
    await expect(page.getByRole('link', { name: /Waits/ }).last()).toBeVisible();
    await expect(page.getByText(/Mend the description|Find the way/)).toHaveCount(0);
  }
});

test('the plan goes on without the server, and goes up when it is back', async ({
  page,
  context,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Tarn rear axle/ }).click();
  await expect(page.getByText('All sent')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Mark Bearing cap bolts' })).toBeVisible();
  // The other pages are fetched after the first.
  await page.waitForFunction(() => performance.getEntriesByName('pages here').length > 0);
  await context.setOffline(true);
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Paint line across the joint' }).click();
  await expect(page.getByRole('heading', { name: 'Mark Bearing cap bolts' })).toBeHidden();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('link', { name: /Mark Bearing cap bolts/ })).toContainText('Done');
  await expect(page.getByText(/Server out of reach \(1 kept here\)/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('All sent')).toBeVisible({ timeout: 20_000 });
  await page.reload();
  await expect(page.getByRole('link', { name: /Mark Bearing cap bolts/ })).toContainText('Done');
});

test('numbers of the plan and the description are shown and read in inches too', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Tarn rear axle/ }).click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  // The pinion's nut turns last when its sleeve is crushed: it is tightened at no other step.
  await expect(page.getByRole('link', { name: /Tighten Pinion nut/ })).toHaveCount(0);
  const torque = page.getByRole('link', { name: /Tighten Bearing cap bolts(?! for the reading)/ });
  await expect(torque).toContainText('Torque 70 to 80 N·m');
  await page.keyboard.press('u');
  await expect(torque).toContainText('Torque 52 to 59 lb·ft');
  await page.getByRole('link', { name: 'Unit', exact: true }).click();
  await page
    .getByRole('listbox')
    .getByRole('option', { name: /Pinion seal/ })
    .click();
  const form = page.getByRole('form', { name: 'Describe Pinion seal' });
  await expect(form.getByLabel('Face to shoulder or bearing')).toHaveValue('0.4331 in');
  await form.getByLabel('Face to shoulder or bearing').fill('0.5');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Units/ }).click();
  await expect(form.getByLabel('Face to shoulder or bearing')).toHaveValue('12.700 mm');
});

test('a unit is looked at closely, and its other axis is a press away', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Tarn rear axle/ }).click();
  // The carrier comes out first: the page opens on its axis.
  const section = page.getByRole('group', { name: /^Section along Carrier/ });
  const whole = await section.getAttribute('viewBox');
  await page.keyboard.press('x');
  await expect(page.getByRole('button', { name: /Whole axis/ })).toBeVisible();
  expect(await section.getAttribute('viewBox')).not.toBe(whole);
  await page.keyboard.press('x');
  await expect(section).toHaveAttribute('viewBox', whole!);
  await expect(page.getByText('thicker: less play')).toHaveCount(2);
  await page.getByRole('button', { name: 'Pinion', exact: true }).click();
  await expect(page.getByRole('group', { name: /^Section along Pinion/ })).toBeVisible();
});
