import { expect, goTo, proveTooMuch, test, toSillBench } from './workshopTest.ts';
import { jobOf } from './workTo.ts';

test('a play beyond its limits is accepted with a name and a reason, which the record keeps', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await proveTooMuch(page);
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await page.getByRole('button', { name: 'Accept it as it was read…' }).click();
  const form = page.getByRole('form', { name: 'Accept it as it was read' });
  const accept = form.getByRole('button', { name: 'Accept it' });
  await expect(accept).toBeDisabled();
  await form.getByLabel('Who accepts it').fill('Edda Holm');
  await form.getByLabel('Why it may stay').fill('Runs slowly, owner agrees');
  await accept.click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeHidden();
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    'by Edda Holm: Runs slowly, owner agrees',
  );
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(
    page.getByRole('link', { name: /Measure the end play, Output shaft/ }),
  ).toContainText('Accepted outside its limits by Edda Holm');
  await page.getByRole('link', { name: 'Axis', exact: true }).click();
  await page.getByRole('button', { name: 'Undo it' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
});

test('a run is opened before its turn, and what the job is for is changed while it is under way', async ({
  page,
  workshop,
}) => {
  const moth = await jobOf(page, workshop.address, 'Moth engine case');
  const job = `${workshop.address}jobs/${moth}`;
  await goTo(page, `${job}/step/measure:axis:endPlay`);
  await expect(page.getByText('Waiting for')).toBeVisible();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByRole('button', { name: /^All are fitted/ })).toBeVisible();

  await goTo(page, `${job}/plan`);
  const steps = page.getByText(/steps done, on \d+ screens/);
  const before = await steps.innerText();
  await page.getByRole('button', { name: 'Change what it is for' }).click();
  await page.getByRole('radio', { name: /Renew some/ }).click();
  await expect(page.getByRole('button', { name: 'Plan for this' })).toBeDisabled();
  const drawn = page.getByRole('region', { name: 'What is renewed' });
  await drawn.getByRole('button', { name: /^Drive-side seal/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Plan for this' }).click();
  await expect(page.getByText('renew some of it', { exact: true })).toBeVisible();
  await expect(steps).not.toHaveText(before);
  await expect(page.getByRole('link', { name: /Fit Drive-side seal/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Heat Drive-side half/ })).toBeHidden();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(steps).toHaveText(before);
});

test('a step of one’s own is put before another, asked in its turn, and taken away again', async ({
  page,
  workshop,
}) => {
  const moth = await jobOf(page, workshop.address, 'Moth engine case');
  const job = `${workshop.address}jobs/${moth}`;
  await goTo(page, `${job}/step/measure:axis:endPlay`);
  await page.getByRole('button', { name: /^Why, and what you need/ }).click();
  await page.getByRole('button', { name: 'Add a step before it' }).click();
  const form = page.getByRole('form', { name: 'A step of your own' });
  await form.getByRole('button', { name: 'Keep it with the unit' }).click();
  await expect(form.getByRole('alert')).toHaveText('What is done is missing');
  await form.getByLabel('What is done').fill('Warm the case to hand heat');
  await form.getByLabel('What can hurt or ruin').fill('Not with a flame.');
  await form.getByRole('combobox').selectOption({ label: 'The maker’s manual' });
  await form.getByRole('button', { name: 'Keep it with the unit' }).click();
  await expect(form).toBeHidden();

  await goTo(page, `${job}/plan`);
  await page.getByRole('link', { name: /Warm the case to hand heat/ }).click();
  await expect(page.getByRole('list', { name: 'Caution' })).toContainText('Not with a flame.');
  await page.getByRole('button', { name: /^Why, and what you need/ }).click();
  await expect(page.getByText(/The maker’s manual asks for it before “Measure/)).toBeVisible();
  await page.getByRole('button', { name: 'Take this step away' }).click();
  await expect(page.getByText('This step is not in the plan')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: 'Undo it' }).click();
  await expect(page.getByRole('heading', { name: 'Warm the case to hand heat' })).toBeVisible();
});
