import { randomUUID } from 'node:crypto';

import type { Page } from '@playwright/test';

import { compilePlan, ROUNDS, type Round } from '@wendaxis/core/plan';
import { answerStep } from '@wendaxis/core/simulate';

import { habits } from './settingBench.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';
import { jobAt, jobOf, postAll } from './workTo.ts';

const HABITS = habits({ endPlay: { lower: 0.1, upper: 0.3, target: null } });

/**
 * From what is next to the record, screen by screen: the ids of the screens, in their order. What is asked for more than a word
 * is answered from another bench.
 */
async function screensToTheRecord(
  page: Page,
  address: string,
  jobId: string,
): Promise<readonly string[]> {
  const visited: string[] = [];
  for (let turn = 0; turn < 250; turn += 1) {
    const state = await jobAt(page, address, jobId);
    const { next, screens, steps } = compilePlan(state);
    if (next === null || next.form === 'finish') return [...visited, 'finish'];
    const screen = screens.find((one) => one.steps.includes(next.id))!;
    if (visited.at(-1) !== screen.id) {
      visited.push(screen.id);
      if (screen.round !== null) {
        await goTo(page, `${address}jobs/${jobId}/step/${encodeURIComponent(next.id)}`);
        await expect(page.getByRole('heading', { level: 1, name: screen.title })).toBeVisible();
        await expect(
          page.getByRole('navigation', { name: 'Rows' }).getByRole('listitem'),
        ).toHaveCount(screen.steps.length);
        const { all }: Round = ROUNDS[screen.round];
        const said = steps
          .filter(({ id }) => screen.steps.includes(id))
          .every(({ form }) => form === 'tick' || form === 'inspect');
        if (said && all !== undefined) {
          await expect(page.getByRole('button', { name: all })).toBeVisible();
          await page.keyboard.press('a');
          await expect(page.getByRole('heading', { level: 1, name: screen.title })).toBeHidden();
          await expect(page.getByText('All sent')).toBeVisible();
          continue;
        }
      }
    }
    await postAll(
      page,
      address,
      jobId,
      answerStep(state, next, HABITS, () => randomUUID()),
    );
  }
  throw new Error('never came to the record');
}

test('an engine case is no more than 25 screens from book-in to the record, a round with one key where a word does', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  await page.goto(workshop.address);
  await page.getByRole('heading', { name: 'On the bench' }).waitFor();
  await page.keyboard.press('b');
  await page.getByLabel('Name of the unit').fill('Pump engine');
  await page.getByLabel('Why is it open').fill('Rattles');
  await page.getByRole('radio', { name: 'Engine' }).click();
  await page.getByRole('radio', { name: /bearings in both halves/ }).click();
  for (const side of ['Left bearing', 'Right bearing'])
    await page.getByRole('group', { name: side }).getByLabel('Printed on the ring').fill('6205');
  await page.getByLabel(/Distance between/).fill('55');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await page.getByLabel('Min end play').waitFor();
  await expect(page.getByText('All sent')).toBeVisible();
  const jobId = await jobOf(page, workshop.address, 'Pump engine');
  const visited = await screensToTheRecord(page, workshop.address, jobId);
  expect(1 + visited.length).toBeLessThanOrEqual(25);
  expect(new Set(visited).size).toBe(visited.length); // none is come back to
});

test('a rear axle is no more than 35 screens', async ({ page, workshop }) => {
  test.setTimeout(120_000);
  const jobId = await jobOf(page, workshop.address, 'Tarn rear axle');
  const visited = await screensToTheRecord(page, workshop.address, jobId);
  expect(1 + visited.length).toBeLessThanOrEqual(35);
});

test('a round is worked row by row: one key a row, another row by the arrows, an exception in place', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  const moth = await jobOf(page, workshop.address, 'Moth engine case');
  await goTo(page, `${workshop.address}jobs/${moth}/step/inspect:seal-left`);
  const row = page.getByTestId('open-row');
  await expect(row).toHaveText('Inspect Ignition-side seal');
  await page.keyboard.press('s');
  await expect(row).toHaveText('Inspect Ignition-side bearing');
  const rows = page.getByRole('navigation', { name: 'Rows' });
  await expect(rows.getByRole('link', { name: /Ignition-side seal/ })).toContainText('Replace');
  await page.keyboard.press('ArrowDown');
  await expect(row).toHaveText('Inspect Crank shims');
  await page.keyboard.press('2');
  await page.keyboard.press('Enter');
  await expect(row).not.toHaveText('Inspect Crank shims');
  await expect(rows.getByRole('link', { name: /Crank shims/ })).toContainText('Replace');
  await page.keyboard.press('a');
  await expect(page.getByText('6 of 6 done')).toBeHidden(); // what waits for its sizes stays open
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390);
});
