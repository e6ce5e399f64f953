import type { Locator, Page } from '@playwright/test';

import type { WorkHabits } from '@wendaxis/core/simulate';

import { jobOf, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

const GAUGE = {
  id: 'gauge',
  name: 'Bore gauge',
  graduation: 0.001,
  calibrationUncertainty: 0.001,
  range: 1,
};
const HABITS: WorkHabits = {
  instrument: GAUGE,
  bands: {
    endPlay: { lower: -0.1, upper: -0.04, target: null },
    rollingTorque: { lower: 0.7, upper: 1.1, target: null },
    backlash: { lower: 0.12, upper: 0.2, target: null },
    depth: { lower: -0.03, upper: 0.03, target: null },
  },
  source: 'sheet',
};

/** How many events a job has at the server. */
async function events(page: Page, address: string, jobId: string): Promise<number> {
  const answer = await page.request.get(`${address}api/jobs/${jobId}/events`);
  return ((await answer.json()) as { lastSeq: number }).lastSeq;
}

test('a pinion on a collapsible sleeve goes from the seal alone to locked, by the stand-in wrench', async ({
  page,
  workshop,
}) => {
  test.setTimeout(180_000);
  const { address } = workshop;
  const jobId = await jobOf(page, address, 'Tarn rear axle');
  const job = `${address}jobs/${jobId}`;
  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'sealDrag' });
  await goTo(page, `${job}/step/sealDrag:axis`);
  await expect(page.getByRole('heading', { name: /drag of the seal alone/ })).toBeVisible();
  const take = page.getByRole('button', { name: /Take it, steady/ });
  // Each turn counts once: a press that comes too early waits for the next one by itself.
  const taken = async (button: Locator) => {
    const before = await events(page, address, jobId);
    await button.click();
    await expect.poll(() => events(page, address, jobId)).toBe(before + 1);
  };
  const steady = async () => {
    await taken(take);
    await taken(take);
  };
  await taken(page.getByRole('button', { name: 'Breakaway' }));
  await steady();
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText('Drag of the seal');
  await page.getByRole('button', { name: /Next step/ }).click();

  await expect(page.getByRole('heading', { name: /^Crush/ })).toBeVisible();
  await steady();
  // The scatter of two turns may look like the first of the rise: then it says so, and asks for the next.
  await expect(page.getByText(/^(?:Still play|The rollers begin to bear)/)).toBeVisible();
  await expectAccessible(page);
  // Never back off.
  const stands = page.getByLabel('Nut stands at');
  await steady();
  await stands.fill('5');
  await expect(page.getByRole('alert')).toContainText('Never back off');
  await stands.fill('');
  let seenForecast = false;
  let asked = false;
  for (let turn = 0; turn < 80; turn += 1) {
    const within = await page.getByText('Within limits', { exact: true }).isVisible();
    // One reading alone is asked back at the same angle; what both say may still want a step more.
    const once = await page.getByText('One more reading at this angle.').isVisible();
    asked ||= once;
    if (within && !once) break;
    const seen = await page.getByText(/^Reaches the limits/).isVisible();
    seenForecast ||= seen;
    await taken(take);
  }
  expect([seenForecast, asked]).toEqual([true, true]);
  await expect(page.getByText('Within limits', { exact: true })).toBeVisible();
  await expect(page.getByRole('img', { name: /Rolling torque against nut angle/ })).toBeVisible();

  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ rule }) => rule === 'proveFigure',
  });
  await goTo(page, `${job}/step/proveFigure:axis:rollingTorque`);
  await steady();
  await steady();
  await expect(page.getByText('Within limits', { exact: true }).first()).toBeVisible();
  const state = await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ rule }) => rule === 'spin',
  });
  expect(state.steps['lock:nut']?.status).toBe('done');
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    'Seal alone',
  );
});

test('a sleeve past its band is scrap, a reading out of the tool’s range is told, and a cord gives its torque', async ({
  page,
  workshop,
}) => {
  const { address } = workshop;
  const jobId = await jobOf(page, address, 'Tarn rear axle');
  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'crush' });
  await goTo(page, `${address}jobs/${jobId}/step/crush:sleeve`);
  const typed = page.getByLabel('Or type it, steady');
  const type = async (text: string) => {
    await typed.fill(text);
    await page.keyboard.press('Enter');
  };
  await typed.fill('9 Nm');
  await expect(page.getByRole('alert')).toContainText('where it ends');
  await type('0.3 Nm');
  await page.getByLabel('Nut stands at').fill('200');
  await type('2.5 Nm');
  await expect(page.getByText('Past the limits', { exact: true })).toBeVisible();
  await expect(
    page
      .getByText('It does not come back', { exact: false })
      .or(page.getByText(/it does not come back, and preload is lost/))
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'A new sleeve is in' }).click();
  await expect(page.getByText(/Draw the nut up snug/).first()).toBeVisible();
  await page.getByLabel('Read with').selectOption({ label: 'Spring scale on a cord' });
  await page.getByLabel('Pull in steady turning').fill('20 N');
  await expect(page.getByText('Enter the radius and the cord')).toBeVisible();
  await page.getByLabel('Radius under the cord').fill('40');
  await page.getByLabel('Thickness of the cord').fill('2');
  await expect(page.getByText('= 0.82 N·m')).toBeVisible();
  await page.getByRole('button', { name: 'Record it' }).click();
  await expect(page.getByRole('list', { name: 'Readings' })).toContainText('0.82');
});
