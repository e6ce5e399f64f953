import { HABITS } from './habits.ts';
import { jobOf, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

test('a cone comes off its carrier and goes on hot: too late once, warmed again, and home', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  await page.clock.install();
  const { address } = workshop;
  const jobId = await jobOf(page, address, 'Tarn rear axle');
  await goTo(page, `${address}jobs/${jobId}/step/pullInner:carrier-bearing-left`);
  const out = page.getByRole('list', { name: 'Ways out of the cone' });
  await expect(out).toContainText('Puller behind the inner ring');
  await expect(out.getByRole('listitem').last()).toContainText('last resort');
  await expect(out.getByRole('listitem').last()).toContainText('seal track');
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText('Falls free after');

  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ id }) => id === 'seatInner:carrier-bearing-left',
  });
  await goTo(page, `${address}jobs/${jobId}/step/seatInner:carrier-bearing-left`);
  const ways = page.getByRole('list', { name: 'Methods' });
  await expect(ways).toContainText('Ring in oven or clean bath');
  await expect(ways).toContainText('Shaft from the freezer');
  await expect(ways).not.toContainText('Draw the shaft in');
  await ways
    .getByRole('listitem')
    .filter({ hasText: 'Ring in oven or clean bath' })
    .getByRole('button', { name: 'Use this method' })
    .click();
  await page.getByRole('button', { name: /^Ring onto the heater, to \d+ °C/ }).click();
  const live = page.getByRole('region', { name: 'The ring now' });
  await expect(live).toContainText('Off now: it does not go in');
  const touch = async () => {
    await page.getByRole('button', { name: 'Hold thermo-a on it, simulated' }).click();
    await page.getByRole('button', { name: /^Take \d+\.\d °C$/ }).click();
  };
  await page.clock.fastForward('00:05:00');
  await touch();
  await expect(live).toContainText('By the thermometer');
  await page.clock.fastForward('01:00:00');
  await expect(live).toContainText(/Off now: it (drops in|slides)/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Ring off the heater' }).click();
  await expect(live.getByRole('timer')).toContainText('to put it on');

  // The telephone rang: it is said that it is too late, and the ring is warmed again.
  await page.clock.fastForward('00:10:00');
  await expect(live).toContainText(/It (does not go in|grips too soon)/);
  await page.getByRole('button', { name: /^Ring onto the heater/ }).click();
  await page.clock.fastForward('01:00:00');
  await page.getByRole('button', { name: 'Ring off the heater' }).click();
  await expect(live).toContainText(/It (drops in|slides)/);
  await page.getByRole('button', { name: /^Done/ }).click();
  await goTo(page, `${address}jobs/${jobId}/log`);
  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('Done: Fit Carrier bearing, left, cone');
  await expect(log).toContainText('Thermometer on Carrier bearing, left');
});

test('a crank is drawn into its second bearing with a rod that bears it, and mild steel is refused', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await jobOf(page, address, 'Moth engine case');
  await goTo(page, `${address}jobs/${jobId}/step/pull:bearing-left`);
  await expect(page.getByRole('list', { name: 'Ways out of the outer ring' })).toContainText(
    'Case in the oven, ring down: it falls out',
  );
  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ id }) => id === 'seatInner:bearing-left',
  });
  await goTo(page, `${address}jobs/${jobId}/step/seatInner:bearing-left`);
  const ways = page.getByRole('list', { name: 'Methods' });
  // The ring is in its case: no oven for it alone, no induction heater.
  await expect(ways).toContainText('The case with the ring in it in the oven');
  await expect(ways).not.toContainText('induction');
  await ways
    .getByRole('listitem')
    .filter({ hasText: 'Draw the shaft in' })
    .getByRole('button', { name: 'Use this method' })
    .click();
  await expect(page.getByRole('heading', { name: 'Drawn in with' })).toBeVisible();
  const rods = page.getByRole('list', { name: 'Draw rods of the workshop' });
  await expect(rods.getByRole('listitem').filter({ hasText: 'Rod M16' })).toContainText(
    /holds; .*oiled, .*dry/,
  );
  await expect(page.getByRole('list', { name: 'Drivers of the workshop' })).toContainText(
    /✓ Tube 31\.5 × 25\.5: on \d+ % of the face/,
  );
  await expect(page.getByText(/M\d+ × [\d.]+ of class 8\.8 is enough, oiled/)).toBeVisible();
  await expectAccessible(page);

  // A thinner rod of mild steel would seize: it is said before it is tried.
  await goTo(page, `${address}workshop`);
  await page.getByRole('button', { name: 'Add a rod' }).click();
  const card = page.getByRole('form', { name: 'A rod' });
  await card.getByLabel('Name').fill('Studding M10');
  await card.getByLabel('Strength').selectOption('4.6');
  await card.getByLabel('Thread, across').fill('M10');
  await card.getByLabel('Pitch').fill('1.5');
  await page.keyboard.press('Enter');
  const tools = page.getByRole('region', { name: 'Drivers and draw rods' });
  await expect(tools).toContainText('M10 × 1.5, class 4.6');
  await tools.getByRole('button', { name: 'Remove Studding M12' }).click();
  await expect(tools).not.toContainText('Studding M12');
  await goTo(page, `${address}jobs/${jobId}/step/seatInner:bearing-left`);
  await expect(rods.getByRole('listitem').filter({ hasText: 'Studding M10' })).toContainText(
    /galls|too weak/,
  );
  await page.getByRole('button', { name: /^Done/ }).click();
  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'relieve' });
  await goTo(page, `${address}jobs/${jobId}`);
  await expect(page.getByRole('heading', { name: /Relieve side load|Build it up/ })).toBeVisible();
});
