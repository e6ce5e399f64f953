import { jobOf } from './workTo.ts';
import {
  expect,
  proveTooMuch,
  startRun,
  test,
  tickUntil,
  toSillBench,
  typeReadings,
} from './workshopTest.ts';

test('a run can be taken with gloves: by pointer and number pad alone', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await page.getByRole('button', { name: 'Pad' }).click();
  const pad = page.getByRole('group', { name: 'Number pad' });
  const enter = page.getByRole('button', { name: 'Enter', exact: true });
  for (const [keys, next] of [
    ['0', 'lift'],
    ['0.15', 'return'],
    ['0', 'zero'],
  ] as const) {
    for (const key of keys) await pad.getByRole('button', { name: key, exact: true }).click();
    await enter.click();
    await expect(page.getByLabel(`Or type the ${next} reading`)).toBeVisible();
  }
  await expect(page.getByRole('region', { name: 'Cycles' })).toContainText('0.150');
  await pad.getByRole('button', { name: '7' }).click();
  await pad.getByRole('button', { name: '3' }).click();
  await pad.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByLabel('Or type the zero reading')).toHaveValue('7');
  await pad.getByRole('button', { name: 'Clear' }).click();
  await expect(page.getByLabel('Or type the zero reading')).toHaveValue('');
});

test('a digit typed anywhere begins a reading, a foot switch takes the live one', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await page.keyboard.press('o');
  await expect(page.getByTestId('live-reading')).toHaveText(/^0\.00/);
  await page.keyboard.press('PageDown');
  await expect(page.getByRole('button', { name: /Take lift/ })).toBeVisible();
  await page.keyboard.type('.0102"');
  await expect(page.getByText('= 0.259 mm')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /Take return/ })).toBeVisible();
  await page.keyboard.press('Backspace');
  await expect(page.getByRole('button', { name: /Take lift/ })).toBeVisible();
});

test('a value near a limit is not guessed: what would decide is said, and a finer dial decides', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0', '0.174', '0', '0', '0.174', '0', '0', '0.174', '0']);
  await expect(page.getByText('Cannot decide', { exact: true })).toBeVisible();
  await expect(
    page.getByText(/graduated 0\.005 mm or finer would show: within limits/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
});

test('play that follows the angle is shown by mark, not averaged away', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await startRun(page, /Shop dial/);
  for (const [mark, lift] of [
    ['0°', '0.13'],
    ['120°', '0.16'],
  ] as const) {
    await page.getByRole('button', { name: mark, exact: true }).click();
    await typeReadings(page, ['0', lift, '0', '0', lift, '0']);
  }
  await expect(
    page.getByText(/The play follows the angle: 0\.130 at 0°, 0\.160 at 120°/),
  ).toBeVisible();
  await expect(page.getByText('Within limits', { exact: true })).toBeVisible();
});

test('undo reaches back over a fitted pack, and the stock comes back with it', async ({
  page,
  workshop,
}) => {
  await toSillBench(page, workshop.address);
  await proveTooMuch(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Best/ })).toBeChecked();
  await page.keyboard.press('Enter');
  // What the pack lies under comes off, a step at a time.
  await tickUntil(page, 'Fit 0');
  await page.getByRole('button', { name: 'Fitted Enter' }).click();
  await expect(page.getByRole('heading', { name: 'Fit Brake-side seal' })).toBeVisible();
  // What another job would find taken from the box: the Sill is practice, and so is the one that asks.
  const alder = await jobOf(page, workshop.address, 'Alder feed gearbox');
  const taken = async () => {
    const path = `${workshop.address}api/stock?except=${alder}`;
    const { used } = (await (await page.request.get(path)).json()) as {
      used: Record<string, number>;
    };
    return used['box-0.498'] ?? 0;
  };
  await expect.poll(taken).toBe(1);
  await page.keyboard.press('z');
  await expect(page.getByRole('alertdialog')).toContainText('Pack fitted');
  await page.keyboard.press('z');
  await page.getByRole('link', { name: 'Axis', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Fit the chosen pack' })).toBeVisible();
  await expect.poll(taken).toBe(0);
});
