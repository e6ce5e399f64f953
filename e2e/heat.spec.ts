import { HABITS } from './habits.ts';
import { jobOf, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

test('both halves are heated and filled against the clock, with one ring that stops half way', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  await page.clock.install();
  const jobId = await jobOf(page, workshop.address, 'Moth engine case');
  await workTo(page, workshop.address, jobId, {
    habits: HABITS,
    until: ({ rule }) => rule === 'heat',
  });
  const job = `${workshop.address}jobs/${jobId}`;
  await goTo(page, job);
  await expect(
    page.getByRole('heading', { name: /^Heat (?:Ignition|Drive)-side half$/ }),
  ).toBeVisible();
  await goTo(page, `${job}/heat`);
  await expect(page.getByText('Every ring drops in')).toBeVisible();
  await expectAccessible(page);

  // A slider past the limit is refused, with the heat that works.
  const part = page.getByLabel('Part to', { exact: true });
  await part.fill('170');
  await expect(page.getByText('Above the limit')).toBeVisible();
  await expect(
    page.getByText(
      /Limit of the oven 12\d °C: Ignition-side bearing, left in the hot part, would pass 120 °C/,
    ),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Into the oven' })).toBeDisabled();
  await part.fill('40');
  await expect(page.getByText('Too cool')).toBeVisible();
  await page.getByRole('button', { name: 'Use this heat' }).click();
  await expect(page.getByText('Every ring drops in', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Methods' }).first().click();
  await expect(page.getByRole('dialog')).toContainText('Press, cold');
  await expect(page.getByRole('dialog')).toContainText('dry ice is for bushes');
  await page.keyboard.press('Escape');
  await part.fill('90');
  await page.getByLabel('Rings lie at').fill('-18');

  await page.getByRole('button', { name: /^Into the oven/ }).click();
  const clocks = page.getByRole('region', { name: 'Clocks' });
  await expect(clocks).toContainText('In the oven: Ignition-side half');

  // What it has had counts, not the button: out after a moment, nothing goes in, and it is said at once.
  const live = page.getByRole('region', { name: 'Now' });
  const ring = page.getByRole('list', { name: 'Rings, in order' }).getByRole('listitem');
  await expect(live).toContainText('Out now: too cool');
  await expect(live).toContainText('The rings are not in the freezer');
  await page.getByRole('button', { name: 'Out of the oven, too early' }).click();
  await expect(live).toContainText('Too cool');
  await expect(ring.first()).toContainText('does not go in: reheat');
  await page.getByRole('button', { name: 'Back into the oven' }).click();
  await page.getByRole('button', { name: /Rings into the freezer/ }).click();
  await expect(live).toContainText(/The rings need about \d+ min more/);

  // The thermometer is believed; a second reading tells how fast this oven is.
  const touch = async () => {
    await page.getByRole('button', { name: 'Hold thermo-a on it, simulated' }).click();
    await page.getByRole('button', { name: /^Take \d+\.\d °C$/ }).click();
    await expect(
      page.getByRole('button', { name: 'Hold thermo-a on it, simulated' }),
    ).toBeVisible();
  };
  await page.clock.fastForward('00:06:00');
  await expect(live).toContainText('Worked out from the time');
  await touch();
  await expect(live).toContainText('By the thermometer');
  await page.clock.fastForward('00:06:00');
  await touch();
  await expect(live).toContainText(/It follows × (1\.0|0\.9)\d as fast/);
  await page.getByRole('link', { name: 'Jobs' }).click();
  await expect(clocks).toContainText('In the oven');
  await page.reload();
  await expect(clocks).toContainText('In the oven');
  await page.clock.fastForward('00:50:00');
  await expect(clocks.getByRole('button', { name: /Heard/ }).first()).toBeVisible();
  for (let heard = 0; heard < 2; heard += 1)
    await clocks.getByRole('button', { name: /Heard/ }).first().click();
  await clocks.getByRole('link', { name: /In the oven/ }).click();
  await expect(page.getByRole('heading', { name: 'Heat Ignition-side half' })).toBeVisible();
  await expect(live).toContainText('Hot enough: take it out.');
  await expect(live).toContainText('Out now: every ring drops in');
  await page.getByRole('button', { name: 'Out of the oven' }).click();
  await expect(page.getByRole('timer')).toContainText('Out for');
  await expectAccessible(page);

  // A plan that is made meanwhile moves no clock: there is none to be made.
  await expect(page.getByLabel('Part to', { exact: true })).toBeHidden();
  await expect(ring.first()).toContainText(/\d:\d\d left\s*drops in/);
  await touch();
  await ring.first().getByRole('button', { name: 'Stopped half way' }).click();
  await expect(ring.first().getByRole('alert')).toContainText('Reheat the case and it lets go');
  await page.clock.fastForward('00:05:00');
  await touch();
  await expect(
    // The stand-in cools 1.3 times as fast; a reading is up to a second old.
    page.getByText(
      /Cooling corrected by what was seen on Ignition-side half: × 1\.(2[5-9]|3[0-5])/,
    ),
  ).toBeVisible();
  await page.clock.fastForward('01:00:00');
  await expect(ring.first()).toContainText('does not go in: reheat');
  await page.getByRole('button', { name: 'Back into the oven' }).click();
  await page.clock.fastForward('01:00:00');
  await page.getByRole('button', { name: 'Out of the oven' }).click();
  await ring.first().getByRole('button', { name: 'Dropped in' }).click();
  await expect(ring.first()).toContainText('✓ Dropped in');
  await page.getByRole('button', { name: 'All in, cold' }).click();
  // The freezer's clock ends with it.
  await expect(clocks).toBeHidden();

  await page.getByRole('button', { name: 'Drive-side half' }).click();
  await expect(
    page.getByText(/Cooling corrected by what was seen on Ignition-side half/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Into the oven' }).click();
  await page.clock.fastForward('01:00:00');
  await page.getByRole('button', { name: 'Out of the oven' }).click();
  await ring.first().getByRole('button', { name: 'Tapped home' }).click();
  await page.getByRole('button', { name: 'All in, cold' }).click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  for (const name of ['Ignition-side', 'Drive-side'])
    await expect(
      page.getByRole('link', { name: new RegExp(`Seat ${name} bearing`) }),
    ).toContainText('Done');

  // Home or not: check by check, and by depth where the shoulder is hidden.
  await page.getByRole('link', { name: /Is Ignition-side bearing home/ }).click();
  await expectAccessible(page);
  await page
    .getByRole('group', { name: 'From behind it lies on its shoulder all round' })
    .getByRole('button', { name: 'No' })
    .click();
  await expect(page.getByRole('alert')).toContainText('look for a burr or dirt');
  await page.getByRole('button', { name: 'All OK' }).click();
  await page
    .getByRole('group', { name: 'From behind it lies on its shoulder all round' })
    .getByRole('button', { name: 'Yes' })
    .click();
  await expect(page.getByText('Done', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('link', { name: /Is Drive-side bearing, outer ring, home/ }).click();
  const depth = page.getByRole('group', { name: 'Depth from the face to the ring' });
  const expected = await page.getByRole('region', { name: 'Numbers' }).innerText();
  const wanted = Number(/Depth when it is home[^0-9]*([0-9.]+)/.exec(expected)![1]);
  for (const angle of ['at 0°', 'at 60°', 'at 120°']) {
    await depth.getByLabel(angle).fill((wanted - 0.4).toFixed(2));
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText(/Not home: reheat the case/)).toBeVisible();
  for (const angle of ['at 0°', 'at 60°', 'at 120°']) {
    await depth.getByLabel(angle).fill(wanted.toFixed(2));
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText('It is home.')).toBeVisible();
  await page.getByRole('button', { name: 'All OK' }).click();
  await expect(page.getByText('Done', { exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Logbook' }).click();
  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('Ignition-side bearing: stopped half way');
  await expect(log).toContainText(/Thermometer on Ignition-side half: \d+ °C, simulated/);
});
