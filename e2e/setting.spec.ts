import { createHash } from 'node:crypto';

import { packThickness } from '@wendaxis/core/shims';
import { virtualPlay } from '@wendaxis/core/simulate';

import { bookIn, openForPack, recordIn, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';
import { BANDS, habits, unitOf, runByHands, allSent, steadyTwice } from './settingBench.ts';

for (const [template, what, leastPieces] of [
  ['coneSpacerShims', 'a back-to-back shaft with a cone spacer', 1],
  ['thrustWasher', 'a gearbox shaft between thrust washers', 1],
  ['needleThrustStack', 'a gear on a gearbox shaft, by a stack of washers', 2],
] as const)
  test(`${what} goes from the trial build to locked, by the stand-in indicator`, async ({
    page,
    workshop,
  }) => {
    test.setTimeout(240_000);
    const { address } = workshop;
    const jobId = await bookIn(page, address, unitOf(template));
    const job = `${address}jobs/${jobId}`;
    await workTo(page, address, jobId, {
      habits: habits(),
      until: ({ rule }) => rule === 'measure',
    });
    await goTo(page, job);
    await runByHands(page, job, /Shop dial/);
    await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
    await goTo(page, `${job}/pack`);
    await page.getByRole('button', { name: 'Use this pack' }).click();
    await openForPack(page, address, jobId, habits());
    await page.getByRole('button', { name: 'Fitted Enter' }).click();
    await allSent(page);
    await workTo(page, address, jobId, { habits: habits(), until: ({ rule }) => rule === 'prove' });
    await runByHands(page, job, /Fine dial/);
    const state = await workTo(page, address, jobId, {
      habits: habits(),
      until: ({ rule }) => rule === 'fill',
    });
    // The first pack was the last: one run before it, one that proves it.
    expect(
      state.measured.runs.filter(({ status }) => status === 'closed').map(({ stage }) => stage),
    ).toEqual(['asFound', 'trial', 'final']);
    const pieces = state.setting.packs['shims']!.pieces;
    expect(pieces.reduce((sum, { quantity }) => sum + quantity, 0)).toBeGreaterThanOrEqual(
      leastPieces,
    );
    // The hidden truth of the stand-in, which nothing of the measuring has seen.
    const axis = state.unit!.axes[0]!;
    const truth = virtualPlay(state, {
      axis,
      kind: 'endPlay',
      stage: 'final',
      seed: createHash('sha256').update(jobId).digest().readUInt32BE(0),
    });
    expect(truth).toBeGreaterThanOrEqual(BANDS.endPlay.lower);
    expect(truth).toBeLessThanOrEqual(BANDS.endPlay.upper);
    for (const [id, { status }] of Object.entries(state.steps).filter(([step]) =>
      step.startsWith('lock'),
    ))
      expect([id, status]).toEqual([id, 'done']);
  });

test('a pinion with a solid spacer goes from a loose trial to locked: dial, lathe, wrench', async ({
  page,
  workshop,
}) => {
  test.setTimeout(240_000);
  const { address } = workshop;
  const unit = unitOf('pinionSolid', () => ({}), ['endPlay', 'rollingTorque']);
  const jobId = await bookIn(page, address, unit);
  const job = `${address}jobs/${jobId}`;
  const own = habits({ endPlay: { lower: -0.06, upper: -0.03, target: null } });
  await recordIn(page, address, jobId, 'SpecSet', {
    specId: 'torque',
    axisId: 'axis',
    kind: 'rollingTorque',
    band: BANDS.rollingTorque,
    sealDrag: 'included',
    source: 'sheet 7',
  });
  await workTo(page, address, jobId, { habits: own, until: ({ rule }) => rule === 'measure' });
  await runByHands(page, job, /Fine dial/);
  await goTo(page, `${job}/step/chooseSpacer:spacer`);
  await expect(
    page.getByRole('heading', { name: 'Bring Solid spacer to its length' }),
  ).toBeVisible();
  const wanted = page.getByText('Length wanted, from the play that was measured').locator('..');
  await expect(wanted).toContainText(/stop at 59\.\d{3} mm/);
  await expectAccessible(page);
  const length = (await wanted.locator('.figure').first().innerText()).match(/59\.\d{3}/)![0];
  // A shelf of measured spacers: the one that fits is found, and stays.
  for (const one of [Number(length) + 0.1, Number(length) + 0.002, Number(length) - 0.2]) {
    await page.getByLabel('Another, measured').fill(`${one.toFixed(3)} mm`);
    await page.getByRole('button', { name: 'Add it' }).click();
  }
  await expect(page.getByText(/fits as it is/)).toHaveCount(1);
  await expect(page.getByText(/can be turned down/)).toHaveCount(1);
  await expect(page.getByText(/too short/)).toHaveCount(1);
  await page.getByRole('button', { name: 'It stays' }).click();
  await expect(page.getByText('Done', { exact: true }).first()).toBeVisible();
  await allSent(page);
  await workTo(page, address, jobId, { habits: own, until: ({ rule }) => rule === 'proveFigure' });
  await goTo(page, `${job}/step/proveFigure:axis:rollingTorque`);
  await steadyTwice(page);
  await expect(page.getByText('Within limits', { exact: true }).first()).toBeVisible();
  const state = await workTo(page, address, jobId, {
    habits: own,
    until: ({ rule }) => rule === 'spin',
  });
  expect(state.steps['lock:nut']?.status).toBe('done');
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    /Spacer in, Solid spacer: 59\.\d+ mm, to stay/,
  );
});

test('a spacer that is only felt is bracketed, and its rolling torque read', async ({
  page,
  workshop,
}) => {
  const { address } = workshop;
  const jobId = await bookIn(page, address, unitOf('pinionSolid'));
  await workTo(page, address, jobId, {
    habits: habits(),
    until: ({ rule }) => rule === 'trySpacer',
  });
  await goTo(page, `${address}jobs/${jobId}/step/trySpacer:spacer`);
  const typed = page.getByLabel('Its length, measured');
  await typed.fill('900');
  await expect(page.getByRole('alert')).toContainText('at most 500');
  await typed.fill('59.00');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Done', { exact: true }).first()).toBeVisible();
  await allSent(page);
  await workTo(page, address, jobId, {
    habits: habits(),
    until: ({ rule }) => rule === 'chooseSpacer',
  });
  await goTo(page, `${address}jobs/${jobId}/step/chooseSpacer:spacer`);
  await expect(page.getByText('Say what the one that is in gives')).toBeVisible();
  await page.getByRole('button', { name: 'Some play' }).click();
  await expect(page.getByText('try a shorter one until it is tight')).toBeVisible();
  await page.getByLabel('The next one, measured').fill('58.61');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'No play left' }).click();
  await expect(page.getByText('58.805').first()).toBeVisible();
  await page.getByText('It is tight: read its rolling torque').click();
  await page.getByLabel('Or type it, steady').fill('3 Nm');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Trials, mm' })).toContainText('58.610 in now');
});

test('a pinion whose rolling torque is too low gets its next pack from that torque', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await bookIn(page, address, unitOf('pinionSpacer'));
  const job = `${address}jobs/${jobId}`;
  const own = habits({ endPlay: { lower: -0.07, upper: -0.03, target: null } });
  await recordIn(page, address, jobId, 'SpecSet', {
    specId: 'torque',
    axisId: 'axis',
    kind: 'rollingTorque',
    band: { lower: 0.6, upper: 1.4, target: null },
    sealDrag: 'included',
    source: 'sheet 7',
  });
  await workTo(page, address, jobId, { habits: own, until: ({ rule }) => rule === 'measure' });
  await runByHands(page, job, /Fine dial/);
  const fitted = async () => {
    await goTo(page, `${job}/pack`);
    await page.getByRole('button', { name: 'Use this pack' }).click();
    await openForPack(page, address, jobId, own);
    await page.getByRole('button', { name: 'Fitted Enter' }).click();
    await allSent(page);
    const state = await workTo(page, address, jobId, {
      habits: own,
      until: ({ rule }) => rule === 'proveFigure',
    });
    return packThickness(state.setting.packs['shims']!.pieces);
  };
  const typed = page.getByLabel('Or type it, steady');
  const read = async (torque: string) => {
    await goTo(page, `${job}/step/proveFigure:axis:rollingTorque`);
    for (const count of [1, 2]) {
      await typed.fill(torque);
      await page.keyboard.press('Enter');
      await expect(page.getByRole('list', { name: 'Readings' })).toContainText('steady');
      await expect(page.getByText(`${torque} steady`)).toHaveCount(count);
    }
    await allSent(page);
  };
  const first = await fitted();
  await read('0.40 N·m');
  await expect(page.getByText(/Too little preload\. .* worked out anew/)).toBeVisible();
  await goTo(page, `${job}/pack`);
  await expect(page.getByText(/gives the rolling torque wanted/)).toBeVisible();
  await expectAccessible(page);
  // Less between the cones is more preload.
  expect(await fitted()).toBeLessThan(first - 0.02);
  await read('1.00 N·m');
  await expect(page.getByText('Proven within limits.')).toBeVisible();
});
