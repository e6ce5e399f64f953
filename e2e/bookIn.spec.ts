import { jobOf } from './workTo.ts';
import { expect, goTo, startRun, test, typeReadings } from './workshopTest.ts';

test('a unit of one’s own, from book-in to a pack, by keyboard', async ({ page, workshop }) => {
  await page.goto(workshop.address);
  await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible();
  await page.keyboard.press('b');
  await page.getByLabel('Name of the unit').fill('Net hauler');
  await page.getByLabel('Why is it open').fill('Growls under load');
  await page.getByRole('radio', { name: /Cone spacer/ }).click();
  await page.getByRole('button', { name: 'Change what it is for' }).click();
  await page.getByRole('radio', { name: /Only set the play/ }).click();
  const [left, right] = [
    page.getByRole('group', { name: 'Left bearing' }),
    page.getByRole('group', { name: 'Right bearing' }),
  ];
  await left.getByLabel('Printed on the ring').fill('30206');
  await expect(left.getByText('Tapered roller bearing')).toBeVisible();
  await right.getByLabel('Printed on the ring').fill('XQ 12');
  await expect(right.getByText(/Enter bore, outside and width/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Book it in' })).toBeDisabled();
  await right.getByLabel('Bore').fill('30');
  await right.getByLabel('Outside').fill('25');
  await right.getByLabel('Width').fill('15');
  await page.getByLabel(/Distance between/).fill('60');
  await expect(page.getByRole('alert')).toContainText(
    'Right bearing, outside diameter is 25.000 mm',
  );
  await right.getByLabel('Outside').fill('2.0472 in');
  await expect(page.getByText('thicker: more play')).toBeVisible();
  // Once to what the job is for, which is read before it is booked in, and once to book it in.
  await page.getByLabel(/Distance between/).press('Enter');
  await expect(page.getByRole('region', { name: 'The job' })).toBeFocused();
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { name: 'Enter the end play limits' })).toBeVisible();
  await page.getByLabel('Min end play').fill('2 thou');
  await page.getByLabel('Max end play').fill('.004"');
  await page.getByRole('button', { name: 'Set the limits' }).click();
  await expect(page.getByRole('alert')).toContainText('Where the figure is found is missing');
  await page.getByLabel('Where the figure comes from').fill('Hauler card, line 3');
  await page.getByRole('button', { name: 'Set the limits' }).click();

  await expect(page.getByRole('heading', { name: 'Measure the pack in place' })).toBeVisible();
  await page.getByLabel('Piece 1').fill('0.5');
  await page.getByLabel('Piece 2').fill('0.15');
  await expect(page.getByText('0.650 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Record the pack' }).click();

  await expect(page.getByRole('heading', { name: 'Measure the end play' })).toBeVisible();
  await startRun(page, /Fine dial/);
  await typeReadings(page, ['0', '0.175', '0', '0', '0.176', '0', '0', '0.175', '0']);
  await expect(page.getByText('Out of limits')).toBeVisible();
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('radio', { name: /^Best/ })).toContainText(/Play\s*0\.0[67]/);
  await page.goto(workshop.address);
  await expect(page.getByRole('link', { name: /Net hauler/ })).toContainText('Choose the pack');
});

test('what is entered for a job outlasts a look elsewhere and a reload; a copy and clearing go before it', async ({
  page,
  workshop,
}) => {
  await goTo(page, `${workshop.address}book-in`);
  const name = page.getByLabel('Name of the unit');
  const left = page.getByRole('group', { name: 'Left bearing' }).getByLabel('Printed on');
  await name.fill('Net hauler');
  await page.getByRole('radio', { name: /Cone spacer/ }).click();
  await left.fill('30206');
  await page.getByRole('button', { name: /^Same as left/ }).click();
  await page.getByRole('link', { name: 'Workshop' }).click();
  await expect(page.getByRole('region', { name: 'Shim box' })).toBeVisible();
  await page.goBack();
  await expect(name).toHaveValue('Net hauler');
  await page.reload();
  await expect(left).toHaveValue('30206');
  await expect(page.getByRole('radio', { name: /Cone spacer/ })).toBeChecked();

  const tarn = await jobOf(page, workshop.address, 'Tarn rear axle');
  await goTo(page, `${workshop.address}jobs/${tarn}/describe?view=keep`);
  await page.getByRole('link', { name: 'Book in another like it' }).click();
  await expect(page.getByText('A copy of Tarn rear axle')).toBeVisible();
  await page.getByRole('button', { name: 'Clear the form' }).click();
  await expect(name).toHaveValue('');
});
