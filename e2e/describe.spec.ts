import { readFileSync } from 'node:fs';

import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

test('a unit is described station by station, kept, handed over and begun from again', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Tarn rear axle/ }).click();
  await page.getByRole('link', { name: 'Unit', exact: true }).click();
  const list = page.getByRole('listbox');
  await list.getByRole('option', { name: /Tail bearing/ }).click();
  const form = page.getByRole('form', { name: 'Describe Tail bearing' });
  await form.getByLabel('Inside diameter').fill('99');
  await page.keyboard.press('Enter');
  await expect(form.getByRole('alert').first()).toContainText(
    'Outside diameter is 62.000 mm: expected more than the inside, 99.000 mm',
  );
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Axis', exact: true }).click();
  await expect(
    page.getByRole('heading', { name: 'Correct the description of Tail bearing' }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  // Entered on another page: what it is is said, and nothing happens until it is undone there.
  const asked = page.getByRole('alertdialog', { name: 'Undo this entry?' });
  await expect(asked).toContainText('Tail bearing');
  await asked.getByRole('button', { name: 'Keep it' }).click();
  await expect(
    page.getByRole('heading', { name: 'Correct the description of Tail bearing' }),
  ).toBeVisible();
  await page.keyboard.press('z');
  await page.keyboard.press('z');
  await expect(page.getByRole('heading', { name: 'Mark Bearing cap bolts' })).toBeVisible();

  await page.getByRole('link', { name: 'Unit', exact: true }).click();
  await list.getByRole('option', { name: /Depth shim/ }).click();
  await list.getByRole('option', { name: /Depth shim/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(list.getByRole('option', { selected: true })).not.toContainText('Depth shim');
  await page.getByRole('button', { name: 'Add a body' }).click();
  await page.getByRole('button', { name: 'Seals', exact: true }).click();
  await page.getByRole('button', { name: 'O-ring' }).click();
  await page.getByLabel(/Printed on it/).fill('60x66x3');
  await page.getByRole('button', { name: /^Put it to the right/ }).click();
  const fresh = page.getByRole('form', { name: 'Describe O-ring' });
  await expect(fresh.getByLabel('Outside diameter')).toHaveValue('66.000 mm');
  await fresh.getByLabel('Name').fill('Flange O-ring');
  await page.keyboard.press('Enter');
  await expect(list.getByRole('option', { name: /Flange O-ring/ })).toBeVisible();

  await page.getByRole('button', { name: 'Keep' }).click();
  await page.getByLabel(/own template/).fill('Tarn kind of axle');
  await page.getByRole('button', { name: 'Save the template' }).click();
  await expect(page.getByText(/^Saved/)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Unit as JSON' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(JSON.parse(text)).toMatchObject({ format: 'wendaxis-unit', version: 1 });

  await goTo(page, `${workshop.address}book-in`);
  await page.getByRole('radio', { name: 'Your own' }).click();
  await expect(page.getByRole('radio', { name: /Tarn kind of axle/ })).toBeVisible();
  const give = (content: string) =>
    page.getByLabel('A unit file').setInputFiles({
      name: 'axle.json',
      mimeType: 'application/json',
      buffer: Buffer.from(content),
    });
  await give(text.replace('"version": 1', '"version": 9'));
  await expect(page.getByRole('alert')).toContainText('Version of the file is 9');
  await give(text.replace('"kind": "oRing"', '"kind": "sprocket"'));
  await expect(page.getByRole('alert')).toContainText(
    /Kind \(unit\.axes\[0\]\.stations\[\d+\]\.kind\) is “sprocket”/,
  );
  await give('{');
  await expect(page.getByRole('alert')).toContainText('file is');
  await give(text);
  await expect(page.getByText(/Tarn rear axle, from axle.json/)).toBeVisible();
  await page.getByLabel('Name of the unit').fill('Second axle');
  await page.getByRole('button', { name: 'Book it in' }).click();
  await expect(page.getByRole('button', { name: /Flange O-ring/ })).toBeVisible();
  await page.goto(workshop.address);
  await page.getByLabel('Find a job').fill('axle second');
  await expect(page.getByRole('link', { name: /Second axle/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Tarn rear axle/ })).toBeHidden();
});

test('a unit grows by bodies tapped onto its axis and by a second axis, and one undo takes each back', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Sill winch reducer/ }).click();
  await page.getByRole('link', { name: 'Unit', exact: true }).click();
  const bodies = page.getByRole('listbox').getByRole('option');
  await expect(page.getByRole('form', { name: 'Describe Drum end' })).toBeVisible();
  const before = await bodies.count();
  await page.getByRole('button', { name: 'Add a body' }).click();
  await page.getByRole('option', { name: /Cover-side bearing/ }).click();
  await page.getByRole('button', { name: 'Bearings', exact: true }).click();
  await page.getByRole('button', { name: 'Ball bearing' }).click();
  await page.getByLabel(/Printed on it/).fill('30206');
  await expect(page.getByText('30206 is another kind of bearing')).toBeVisible();
  await page.getByLabel(/Printed on it/).fill('6205');
  await expect(page.getByText('25.00 × 52.00 × 15.00 mm')).toBeVisible();
  await page.locator('[data-put=right]').click();
  await expect(page.getByRole('form', { name: 'Describe Ball bearing' })).toBeVisible();
  await expect(bodies).toHaveCount(before + 1);
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(bodies).toHaveCount(before + 2);
  await page.keyboard.press('z');
  await page.keyboard.press('z');
  await expect(bodies).toHaveCount(before);

  await page.getByRole('button', { name: 'Axes' }).click();
  await page.getByRole('button', { name: 'Add an axis' }).click();
  await page.getByLabel('Name of the axis').fill('Countershaft');
  await page.getByRole('radio', { name: /Thrust washer/ }).click();
  await page.getByRole('group', { name: 'Left bearing' }).getByLabel('Printed on').fill('6204');
  await page.getByRole('button', { name: /^Same as left/ }).click();
  await page.getByLabel(/Distance between/).fill('80');
  await expectAccessible(page);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Countershaft', exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('link', { name: /Countershaft/ }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Unit', exact: true }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: 'Countershaft', exact: true })).toBeHidden();
});
