import { expect, test } from './workshopTest.ts';

test('one seal is eight steps, from a tap on the drawing to the record', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('heading', { name: 'On the bench' }).waitFor();
  await page.keyboard.press('b');
  await page.getByLabel('Name of the unit').fill('Quay winch');
  await page.getByLabel('Why is it open').fill('Oil at the shaft');
  for (const [name, ring] of [
    ['Left bearing', '30207'],
    ['Right bearing', '30206'],
  ] as const)
    await page.getByRole('group', { name }).getByLabel('Printed on the ring').fill(ring);
  await page.getByLabel(/Distance between/).fill('70');
  await page.getByRole('button', { name: 'Change what it is for' }).click();
  await page.getByRole('radio', { name: /Renew some/ }).click();
  await expect(page.getByText('Tap what is renewed on the drawing')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Book it in' })).toBeDisabled();

  const drawn = page.getByRole('region', { name: 'What is renewed' });
  const tap = async (name: string) => {
    await drawn.getByRole('button', { name: new RegExp(`^${name}`) }).focus();
    await page.keyboard.press('Enter');
  };
  await tap('Left bearing');
  await expect(drawn.getByText(/Off on the way: .*Cover/)).toBeVisible();
  await tap('Left bearing');
  await tap('Right seal');
  await expect(drawn.getByText('New: Right seal.')).toBeVisible();
  await expect(drawn.getByText('8 steps.')).toBeVisible();
  await page.getByRole('button', { name: 'Book it in' }).click();

  const steps = [
    'Drain the oil and look at it',
    'Take out Right seal',
    'Lay the new Right seal beside the old',
    'Fit Right seal',
    'Turn it by hand',
    'Test it with air for leaks',
    'Flush, fill and run it in',
  ];
  const onward = page.getByRole('button', { name: /^(Do it|Done)/ });
  for (const title of steps) {
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
    if ((await onward.innerText()).startsWith('Do it')) {
      await onward.click();
      await expect(page).toHaveURL(/\/step\//);
    }
    await onward.click();
  }
  await expect(page.getByRole('button', { name: 'Close the job' })).toBeVisible();
});
