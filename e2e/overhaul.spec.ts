import { readFileSync } from 'node:fs';

import {
  expect,
  expectAccessible,
  startRun,
  test,
  tickUntil,
  typeReadings,
} from './workshopTest.ts';

test('an engine case from book-in to the decided bearing: described, stripped, measured, inspected, compared', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const heading = (name: string | RegExp) => page.getByRole('heading', { name });
  await page.goto(workshop.address);
  await expect(heading('On the bench')).toBeVisible();
  await page.keyboard.press('b');
  await page.getByLabel('Name of the unit').fill('Pump engine');
  await page.getByLabel('Why is it open').fill('Rattles');
  await page.getByRole('radio', { name: 'Engine' }).click();
  await page.getByRole('radio', { name: /bearings in both halves/ }).click();
  const fill = async (side: string, designation: string) =>
    page.getByRole('group', { name: side }).getByLabel('Printed on the ring').fill(designation);
  await fill('Left bearing', '6205 C3');
  await fill('Right bearing', '6206');
  await page.getByLabel(/Distance between/).fill('55');
  await page.keyboard.press('Enter');

  await page.getByLabel('Min end play').fill('0.1');
  await page.getByLabel('Max end play').fill('0.3');
  await page.getByLabel('Where the figure comes from').fill('Pump sheet 2');
  await page.keyboard.press('Enter');
  await tickUntil(page, 'Measure the end play');
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0', '0.42', '0', '0', '0.42', '0', '0', '0.42', '0']);
  await page.getByRole('button', { name: 'Accept the verdict' }).click();

  await expect(heading('Mark Bolts')).toBeHidden();
  await expect(heading('Mark Case bolts')).toBeVisible();
  await page.keyboard.press('Enter');
  await page.getByLabel(/Or in your words/).fill('Long one at the top');
  await page.keyboard.press('Enter');
  await tickUntil(page, 'Measure the pack at Crank shims');
  await page.keyboard.press('Enter');
  await page.getByLabel('Piece 1').fill('0.5');
  await page.getByRole('button', { name: 'Record the pack' }).click();

  // Seats come off, everything is washed, both halves and the crank are looked over.
  for (const part of ['Left case half', 'Right case half', 'Crankshaft']) {
    await tickUntilStep(`Inspect ${part}`);
    await page.keyboard.press('1');
    await page.keyboard.press('Enter');
  }
  await expect(heading('Measure the bore and the journal of Left bearing')).toBeVisible();
  const bore = page.getByRole('group', { name: 'Bore' });
  await bore.getByLabel('outer end, 0°').fill('519');
  await page.keyboard.press('Enter');
  await expect(bore.getByRole('alert')).toContainText('Too far from 52.000 mm');
  await bore.getByLabel('outer end, 0°').fill('51.988');
  await page.keyboard.press('Enter');
  for (const size of ['51.99', '2.0469 in', '51.991', '51.99', '51.989']) await enter(size);
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText('Bore, ovality');
  for (const size of ['25.008', '25.009', '25.008', '25.008', '25.009', '25.008'])
    await enter(size);
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText('Journal, taper');
  await page.keyboard.press('Enter');
  await expect(heading('Measure the bore and the journal of Right bearing')).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  const heat = page.getByRole('link', { name: /Heat Left case half/ });
  await expect(heat).toContainText('missing: Left case half: material');
  await heat.click();
  await page.getByRole('link', { name: 'Not known: enter it' }).click();
  await page.getByLabel('Made of').selectOption('castAluminium');
  await page.getByRole('button', { name: 'Record the part' }).click();
  await page.goBack();
  // Ring 52 −0/−0.013 in a bore of 51.9895: tightest 0.0125 mm; c = 0.026; 20 + 0.0385/(52 · 21.5e-6) = 54 °C.
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText(/Heat to.*5[45] °C/s);

  await page.goto(`${page.url().split('/step')[0]}/step/inspect:bearing-left`);
  await page.getByRole('button', { name: /Track pitted/ }).click();
  await expect(page.getByRole('radio', { name: /Replace/ })).toBeChecked();
  await page.getByRole('button', { name: /^Confirm/ }).click();
  await page.goto(`${page.url().split('/step')[0]}/step/compare:bearing-left`);
  await page.getByLabel('Printed on the ring').fill('6205');
  await expect(page.getByText('Wrong part for this place.')).toBeVisible();
  await page.getByLabel('Printed on the ring').fill('6205-2RS C3');
  await expect(page.getByText(/Take the shield or seal off/)).toBeVisible();
  await page.getByRole('button', { name: 'Use this bearing' }).click();
  await expect(page.getByText('Done', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Logbook' }).click();
  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('New for Left bearing: 6205-2RS C3');
  await expect(log).toContainText('Decided on Left bearing: replace');

  async function enter(size: string): Promise<void> {
    await page.keyboard.type(size);
    await page.keyboard.press('Enter');
  }
  async function tickUntilStep(title: string): Promise<void> {
    await tickUntil(page, title);
    if (await page.getByRole('button', { name: /^Do it/ }).isVisible())
      await page.keyboard.press('Enter');
    await expect(page.getByText('What was seen')).toBeVisible();
  }
});

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

  await page.goto(`${workshop.address}book-in`);
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

test('a step can be set aside with a reason, taken back, and done out of turn', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: /Tarn rear axle/ }).click();
  await expect(page.getByRole('heading', { name: 'Mark Bearing cap bolts' })).toBeVisible();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Not needed on this job' }).click();
  await page.getByLabel('Why it is not needed').fill('Nut is renewed');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Mark Bearing cap bolts' })).toBeHidden();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  const step = page.getByRole('link', { name: /Mark Bearing cap bolts/ });
  await expect(step).toContainText('Not needed');
  await step.click();
  await expect(page.getByText('Not needed: Nut is renewed')).toBeVisible();
  await page.getByRole('button', { name: 'Undo it' }).click();
  await expect(page.getByText('Not needed: Nut is renewed')).toBeHidden();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('link', { name: /Turn it by hand/ }).click();
  await expect(page.getByText('Waiting for')).toBeVisible();
  await page.getByRole('button', { name: 'Already done' }).click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('link', { name: /Turn it by hand/ })).toContainText('Done');
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
