import { bookIn, openForPack, recordIn, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, startRun, test, typeReadings } from './workshopTest.ts';
import { habits, unitOf, allSent, typedRun } from './settingBench.ts';

test('the box is counted and priced, pieces are ordered and come, a torque tool is added', async ({
  page,
  workshop,
}) => {
  await goTo(page, `${workshop.address}workshop`);
  const box = page.getByRole('region', { name: 'Shim box' });
  const row = (size: string) => box.getByRole('row').filter({ hasText: size });
  await row('0.102').getByRole('button', { name: 'Count' }).click();
  await box.getByLabel('In the box now').fill('-4');
  await expect(box.getByRole('alert')).toContainText('Whole pieces');
  await box.getByLabel('In the box now').fill('9');
  await box.getByLabel('Price of one').fill('2,50');
  await box.getByRole('button', { name: 'Counted' }).click();
  await expect(row('0.102')).toContainText('2.50');
  await expect(row('0.102').getByRole('cell').nth(1)).toHaveText('9');
  await box.getByLabel('New size, measured').fill('0');
  await expect(box.getByRole('alert')).toContainText('more than 0');
  await box.getByLabel('New size, measured').fill('.0137"');
  await box.getByLabel('In the box now').fill('3');
  await box.getByRole('button', { name: 'Put it in' }).click();
  await expect(row('0.348')).toContainText('3');

  const orders = page.getByRole('region', { name: 'On order' });
  await orders.getByLabel('Thickness').fill('0.60');
  await orders.getByLabel('Pieces').fill('2');
  await orders.getByRole('button', { name: 'Order it' }).click();
  const coming = orders.getByRole('listitem').filter({ hasText: '0.600' });
  await coming.getByRole('button', { name: 'It came' }).click();
  await coming.getByLabel('Measured').fill('0.603');
  await coming.getByRole('button', { name: 'Into the box' }).click();
  await expect(row('0.603').getByRole('cell').nth(1)).toHaveText('2');
  await expect(coming).toBeHidden();
  await orders.getByRole('button', { name: 'Cancel' }).click();
  await expect(orders).toContainText('Nothing is on order');

  const tools = page.getByRole('region', { name: 'Torque tools' });
  await tools.getByRole('button', { name: 'Add a tool' }).click();
  await tools.getByLabel('Name').fill('Dial wrench, small');
  await tools.getByLabel('One graduation').fill('0.1 lb·in');
  await tools.getByLabel('Tells from').fill('5 Nm');
  await tools.getByLabel('to', { exact: true }).fill('1 Nm');
  await tools.getByRole('button', { name: 'Add it' }).click();
  await expect(tools.getByRole('alert')).toContainText(
    'Goes up to is 1.00 N·m: expected more than',
  );
  await tools.getByLabel('to', { exact: true }).fill('20 Nm');
  await tools.getByRole('button', { name: 'Add it' }).click();
  await expect(tools).toContainText('Dial wrench, small');
  await expectAccessible(page);
});

test('a reading that was typed in another unit is asked back, and one that lies is doubted', async ({
  page,
  workshop,
}) => {
  const { address } = workshop;
  const jobId = await bookIn(page, address, unitOf('coverShims'), 'setPlay');
  await workTo(page, address, jobId, { habits: habits(), until: ({ rule }) => rule === 'measure' });
  await goTo(page, `${address}jobs/${jobId}/bench`);
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0']);
  await page.getByLabel('Or type the lift reading').fill('5.5');
  await page.keyboard.press('Enter');
  const asked = page.getByRole('group', { name: 'Is that right?' });
  await expect(asked).toContainText('thousandths of an inch, typed as millimetres');
  // The habit of pressing Enter again changes nothing, and typing on goes on.
  await page.keyboard.press('Enter');
  await expect(asked).toBeVisible();
  await expect(page.getByLabel('Or type the lift reading')).toHaveValue('5.5');
  await page.keyboard.type('5');
  await expect(asked).toBeHidden();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Enter');
  await asked.getByRole('button', { name: 'Yes, 0.140 mm' }).click();
  await expect(page.getByLabel('Or type the return reading')).toBeVisible();
  await page.getByLabel('Or type the return reading').fill('0');
  await page.keyboard.press('Enter');
  await typeReadings(page, ['0', '0.14', '0', '0', '0.14', '0']);
  await goTo(page, `${address}jobs/${jobId}/bench`);
  // Given up, and measured anew: too much play, a thinner pack goes in, and the play stays.
  const open = (
    await workTo(page, address, jobId, { habits: habits(), until: () => true })
  ).measured.runs.at(-1)!;
  await recordIn(page, address, jobId, 'RunAbandoned', { runId: open.runId, reason: 'bumped' });
  await page.reload();
  await typedRun(page, '0.30', /Shop dial/);
  await allSent(page);
  const until = (rule: string) =>
    workTo(page, address, jobId, { habits: habits(), until: (step) => step.rule === rule });
  await until('choosePack');
  await goTo(page, `${address}jobs/${jobId}/pack`);
  await page.getByRole('button', { name: 'Use this pack' }).click();
  await openForPack(page, address, jobId, habits());
  await page.getByRole('button', { name: 'Fitted Enter' }).click();
  await allSent(page);
  await until('prove');
  await goTo(page, `${address}jobs/${jobId}/bench`);
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0', '0.30', '0', '0', '0.30', '0', '0', '0.30', '0']);
  await expect(page.getByRole('alert')).toContainText('more than the thicknesses explain');
  await expect(page.getByRole('alert')).toContainText('Expected about 0.1');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Correct it and measure again' }).click();
  await expect(page.getByRole('button', { name: /^All are fitted/ })).toBeVisible();
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    'Reading 0.140 mm, typed “5.5 as 0.140 mm”',
  );
});
