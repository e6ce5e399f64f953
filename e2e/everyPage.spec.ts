import type { Page } from '@playwright/test';

import { compilePlan } from '@wendaxis/core/plan';
import { unitFromTemplate, type Unit } from '@wendaxis/core/unit';

import { bookIn, jobAt } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

/** Pages under a job. */
const OF_A_JOB = [
  '',
  '/plan',
  '/sheet',
  '/describe',
  '/describe?view=put',
  '/describe?view=part',
  '/describe?view=axis',
  '/describe?view=mesh',
  '/describe?view=keep',
  '/heat',
  '/log',
  '/bench',
  '/pack',
  '/pack-in-place',
] as const;

/** Every address of the program but for steps, with those of one job. */
async function everyPage(page: Page, address: string): Promise<readonly string[]> {
  const [first] = await jobsAt(page, address);
  const ofJob = OF_A_JOB.map((path) => `jobs/${first}${path}`);
  const pairs: string[] = [];
  for (const jobId of await jobsAt(page, address)) {
    const { unit } = await jobAt(page, address, jobId);
    const carrier = unit!.axes.find(({ sets }) => sets.includes('backlash'));
    if (carrier !== undefined) pairs.push(`jobs/${jobId}/pair/${carrier.id}`);
  }
  return ['', 'workshop', 'fits', 'book-in', 'nowhere', 'jobs/abc', ...ofJob, ...pairs];
}

/** Of the steps of all demo jobs one of each form. */
async function everyForm(page: Page, address: string): Promise<readonly string[]> {
  const forms = new Map<string, string>();
  for (const jobId of await jobsAt(page, address)) {
    const { steps } = compilePlan(await jobAt(page, address, jobId));
    for (const { id, form } of steps)
      if (!forms.has(form)) forms.set(form, `jobs/${jobId}/step/${encodeURIComponent(id)}`);
  }
  return [...forms.values()];
}

async function jobsAt(page: Page, address: string): Promise<readonly string[]> {
  const answer = await page.request.get(`${address}api/jobs?filter=all`);
  const { jobs } = (await answer.json()) as { jobs: readonly { jobId: string }[] };
  return jobs.map(({ jobId }) => jobId);
}

/** A page as it stands once it is open, in the light of day. */
async function openInDay(page: Page, address: string): Promise<void> {
  await page.evaluate(() => (document.documentElement.dataset['theme'] = 'day'));
  await goTo(page, address);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expect(page.getByText(/^(Opening|Fetching)/)).toHaveCount(0);
}

for (const [what, addressesOf, least] of [
  ['page', everyPage, 21],
  ['form of a step', everyForm, 15],
] as const)
  test(`every ${what} passes the accessibility check at every level, in both themes, and fits a tablet and a telephone`, async ({
    page,
    workshop,
  }) => {
    test.setTimeout(300_000);
    const addresses = await addressesOf(page, workshop.address);
    expect(addresses.length).toBeGreaterThanOrEqual(least);
    const wide: string[] = [];
    const shown = new Set<string>();
    await page.goto(workshop.address);
    for (const path of addresses) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await openInDay(page, `${workshop.address}${path}`);
      shown.add(await page.getByRole('main').innerText());
      await expectAccessible(page);
      await page.evaluate(() => (document.documentElement.dataset['theme'] = 'night'));
      await expectAccessible(page, 'colours');
      for (const width of [820, 390]) {
        await page.setViewportSize({ width, height: 1000 });
        const own = await page.evaluate(() => document.documentElement.scrollWidth);
        if (own > width) wide.push(`${path} at ${width}: ${own}`);
      }
    }
    expect(wide).toEqual([]);
    // Each was another page: two addresses that are none look alike.
    expect(shown.size).toBeGreaterThanOrEqual(addresses.length - 1);
  });

/** A unit in which everything has as long a name as it may have, with a word of 27 letters in it. */
function longNamed(): Unit {
  const ring = {
    designation: null,
    family: null,
    dimensions: { bore: 30, outside: 62, width: 16 },
  };
  const unit = unitFromTemplate('retainedGear', {
    name: 'Long',
    left: ring,
    right: ring,
    span: 60,
  });
  const long = (name: string): string =>
    `${name} am trockenen Ende gegenüber der Rückwärtsganggegenlaufwelle, zweite Lage, Steuerbord`.slice(
      0,
      80,
    );
  return {
    ...unit,
    name: long('Winch'),
    parts: unit.parts.map((part) => ({ ...part, name: long(part.name) })),
    axes: unit.axes.map((axis) => ({
      ...axis,
      name: long(axis.name),
      stations: axis.stations.map((station) => ({ ...station, name: long(station.name) })),
    })),
  };
}

test('the longest names fit a screen, a tablet and a telephone', async ({ page, workshop }) => {
  test.setTimeout(120_000);
  const jobId = await bookIn(page, workshop.address, longNamed());
  const { steps } = compilePlan(await jobAt(page, workshop.address, jobId));
  const forms = [...new Map(steps.map(({ form, id }) => [form, id])).values()];
  const wide: string[] = [];
  await page.goto(workshop.address);
  for (const path of [
    '',
    ...OF_A_JOB.map((one) => `jobs/${jobId}${one}`),
    ...forms.map((id) => `jobs/${jobId}/step/${encodeURIComponent(id)}`),
  ]) {
    await openInDay(page, `${workshop.address}${path}`);
    for (const width of [1280, 820, 390]) {
      await page.setViewportSize({ width, height: 844 });
      const own = await page.evaluate(() => document.documentElement.scrollWidth);
      if (own > width) wide.push(`${path} at ${width}: ${own}`);
    }
  }
  expect(wide).toEqual([]);
});
