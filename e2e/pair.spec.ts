import type { Page } from '@playwright/test';

import {
  backlashOfPair,
  depthOfPair,
  pairUnit,
  playOfPair,
  virtualPair,
  type PairPacks,
  type VirtualPair,
} from '@wendaxis/core/simulate';

import { HABITS } from './habits.ts';
import { allSent, typedRun } from './settingBench.ts';
import { bookIn, jobAt, recordIn, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

const BANDS = {
  ...HABITS.bands,
  endPlay: { lower: -0.12, upper: -0.04, target: null },
  backlash: { lower: 0.1, upper: 0.18, target: null },
};
const habits = { ...HABITS, bands: BANDS };

/** What lies at the three places of the axle now, as the log has it. */
async function packsOf(page: Page, address: string, jobId: string): Promise<PairPacks> {
  const { packs } = (await jobAt(page, address, jobId)).setting;
  const at = (site: string) =>
    packs[site]!.pieces.reduce((sum, { thickness, quantity }) => sum + thickness * quantity, 0);
  return {
    depth: at('depth-shim'),
    gear: at('carrier-shims-left'),
    other: at('carrier-shims-right'),
  };
}

/** The backlash at four places of the gear, as a dial of a hundredth shows it, typed in. */
async function typeRound(page: Page, of: VirtualPair, packs: PairPacks, held: 'other' | 'preload') {
  const form = page.getByRole('form', { name: 'Backlash round the gear' });
  for (const angle of [0, 90, 180, 270])
    await form.getByLabel(`At ${angle}°`).fill(backlashOfPair(of, packs, held, angle).toFixed(2));
  await page.getByRole('button', { name: /Record the round/ }).click();
  await allSent(page);
}

/** Both marks placed in the middle by the keys, from where the first press puts them. */
async function markMiddle(page: Page) {
  for (const flank of [/^Drive side/, /^Coast side/]) {
    const tooth = page.getByRole('application', { name: flank });
    await tooth.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(tooth).toHaveAccessibleName(/10 % to the toe/);
  }
  await page.getByRole('button', { name: /Record the marks/ }).click();
  await allSent(page);
}

test('a rear axle goes from as found to final in a trial and one build, by what its hidden pair shows', async ({
  page,
  workshop,
}) => {
  test.setTimeout(240_000);
  const { address } = workshop;
  const jobId = await bookIn(page, address, pairUnit(true));
  const job = `${address}jobs/${jobId}`;
  await workTo(page, address, jobId, { habits, until: ({ rule }) => rule === 'chooseDepth' });
  const found = await packsOf(page, address, jobId);
  const pair = virtualPair(77, { packs: found, perRing: 0.777, ratio: 41 / 11 });

  // The depth: an etching without its meaning is asked back with both shims; the heights of the bearings give the rest.
  await goTo(page, `${job}/step/chooseDepth:axis:depth`);
  const height = 21 + Number((pair.rightDepth - found.depth).toFixed(3));
  const depth = page.getByRole('form', { name: 'Depth of the pinion' });
  await depth.getByLabel('Etched on the pinion that was in').fill('0.05 mm');
  await depth.getByLabel('Etched on the pinion that goes in').fill('0.02 mm');
  await page.getByRole('button', { name: /Work out the shim/ }).click();
  await expect(page.getByText(/What a plus means makes 0\.060 mm of difference/)).toBeVisible();
  await depth.getByLabel('Etched on the pinion that was in').fill('0');
  await depth.getByLabel('Etched on the pinion that goes in').fill('0');
  await depth.getByLabel('Height of the head bearing that was in').fill(height.toFixed(3));
  await depth.getByLabel('Height of the head bearing that goes in').fill('21');
  await page.getByRole('button', { name: /Work out the shim/ }).click();
  await expect(page.getByText(/shim wanted/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Use / }).click();
  await expect(page.getByText('Within limits', { exact: true }).first()).toBeVisible();
  await allSent(page);

  // The trial: play, then backlash with the carrier held towards the pinion.
  await workTo(page, address, jobId, {
    habits,
    until: ({ id }) => id === 'measure:carrier-axis:endPlay',
  });
  const trial = await packsOf(page, address, jobId);
  expect(Math.abs(depthOfPair(pair, trial))).toBeLessThan(0.03);
  expect(playOfPair(pair, trial)).toBeGreaterThan(0);
  await goTo(page, `${job}/bench`);
  await typedRun(page, playOfPair(pair, trial).toFixed(3));
  await goTo(page, `${job}/step/readBacklash:carrier-axis:backlash`);
  await typeRound(page, pair, trial, 'other');
  await expect(page.getByText(/the smallest/).first()).toBeVisible();

  // One screen has all four, what to move, and the odds of it.
  await goTo(page, `${job}/pair/carrier-axis`);
  await expect(page.getByRole('heading', { name: 'Next move' })).toBeVisible();
  await expect(page.getByText(/% that this is the last move/)).toBeVisible();
  await page.getByRole('button', { name: 'Ring gear: away' }).click();
  await expect(page.getByRole('list', { name: 'What comes of it' })).toContainText('Backlash');
  await expectAccessible(page);

  // Both packs together, from the box.
  await goTo(page, `${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Choose the packs together' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/step\//);
  await allSent(page);
  for (const site of ['first', 'second']) {
    // What lies over it comes off, and the other is in by its own step.
    await workTo(page, address, jobId, { habits, until: ({ rule }) => rule === 'fitPack' });
    await goTo(page, `${job}/pack`);
    await expect(
      page.getByRole('heading', { name: /^Fit .* at Shims outboard/ }),
      site,
    ).toBeVisible();
    await page.getByRole('button', { name: 'Fitted Enter' }).click();
    await allSent(page);
  }

  // As built: the truth is within limits, and so is what is read of it.
  await workTo(page, address, jobId, {
    habits,
    until: ({ id }) => id === 'proveFigure:carrier-axis:backlash',
  });
  const final = await packsOf(page, address, jobId);
  expect(playOfPair(pair, final)).toBeGreaterThan(-0.12);
  expect(playOfPair(pair, final)).toBeLessThan(-0.04);
  await goTo(page, `${job}/step/proveFigure:carrier-axis:backlash`);
  await typeRound(page, pair, final, 'preload');
  await expect(page.getByText('Within limits', { exact: true }).first()).toBeVisible();
  await goTo(page, `${job}/step/markPattern:carrier-axis:backlash`);
  await markMiddle(page);
  await expect(page.getByText('Good on both flanks')).toBeVisible();
  await expectAccessible(page);
  await goTo(page, `${job}/pair/carrier-axis`);
  await expect(page.getByText('Everything that is set is within its limits')).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(3);
  const state = await workTo(page, address, jobId, { habits, until: () => false });
  expect(state.sheet.finished).not.toBeNull();
  expect(state.log.ignored).toEqual([]);
});

test('marks that ask for the pinion have all packs chosen together, and the depth shim fitted behind its carrier', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await bookIn(page, address, pairUnit(true));
  const job = `${address}jobs/${jobId}`;
  const { specs } = await workTo(page, address, jobId, {
    habits,
    until: ({ id }) => id === 'measure:carrier-axis:endPlay',
  });
  const specOf = (kind: string) =>
    specs.find((spec) => spec.axisId === 'carrier-axis' && spec.kind === kind)!.specId;
  await goTo(page, `${job}/bench`);
  await typedRun(page, '0.100');
  const instrument = HABITS.instrument;
  await recordIn(page, address, jobId, 'BacklashRead', {
    specId: specOf('backlash'),
    stage: 'trial',
    held: 'other',
    contact: 'squareToFlank',
    places: [0, 90, 180, 270].map((angle) => ({ angle, value: 0.3, face: null })),
    instrument,
  });
  await recordIn(page, address, jobId, 'PatternMarked', {
    meshId: 'mesh',
    drive: { length: -0.1, height: -0.5 },
    coast: { length: -0.1, height: -0.5 },
  });
  await goTo(page, `${job}/pair/carrier-axis`);
  await expect(page.getByText('The pinion by its marks: they have the last word.')).toBeVisible();
  await page.getByRole('link', { name: 'Choose the packs of all these places together' }).click();
  await expect(page.getByRole('heading', { name: 'Choose the packs together' })).toBeVisible();
  await expect(page.getByText(/Wanted: Depth shim .*, Shims outboard, left .*right/)).toBeVisible();
  await expect(page.getByText(/% that all of it is within limits the first time/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /Use these packs/ }).click();
  await allSent(page);
  await goTo(page, `${job}/plan`);
  for (const title of ['Take off Differential carrier', 'Undo Pinion nut'])
    await expect(page.getByRole('link', { name: new RegExp(title, 'u') }).last()).toBeVisible();
  for (const site of ['first', 'second', 'third']) {
    // The pinion is built up again over its shim before the carrier goes back.
    await workTo(page, address, jobId, { habits, until: ({ rule }) => rule === 'fitPack' });
    await goTo(page, `${job}/pack`);
    await expect(page.getByRole('heading', { name: /^Fit .* at / }), site).toBeVisible();
    await expect(
      page.getByText(/With (it|all packs that were chosen): .*backlash/),
      site,
    ).toBeVisible();
    await page.getByRole('button', { name: 'Fitted Enter' }).click();
    await allSent(page);
  }
  const { setting, log } = await jobAt(page, address, jobId);
  expect(setting.chosen).toEqual({});
  expect(log.ignored).toEqual([]);
});

test('marks that contradict each other, too few places and a ratio that cannot be are said as that', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await bookIn(page, address, pairUnit(false));
  const job = `${address}jobs/${jobId}`;
  await workTo(page, address, jobId, {
    habits,
    until: ({ id }) => id === 'readBacklash:carrier-axis:backlash',
  });
  await goTo(page, `${job}/step/readBacklash:carrier-axis:backlash`);
  const form = page.getByRole('form', { name: 'Backlash round the gear' });
  await form.getByLabel('At 0°').fill('0.14');
  await form.getByLabel('At 90°').fill('0.15');
  await page.getByRole('button', { name: /Record the round/ }).click();
  await expect(page.getByText(/At least 4 places round the whole gear/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo this round' }).click();
  await expect(page.getByText(/At least 4 places/)).toBeHidden();

  await goTo(page, `${job}/step/markPattern:carrier-axis:backlash`);
  const press = async (flank: RegExp, at: { x: number; y: number }) => {
    const tooth = page.getByRole('application', { name: flank });
    const { width, height } = (await tooth.boundingBox())!;
    await tooth.click({ position: { x: at.x * width, y: at.y * height } });
  };
  await press(/^Drive side/, { x: 0.5, y: 0.3 });
  await press(/^Coast side/, { x: 0.5, y: 0.82 });
  await page.getByRole('button', { name: /Record the marks/ }).click();
  await expect(page.getByText(/The marks contradict each other/)).toBeVisible();

  await goTo(page, `${job}/describe?view=mesh`);
  await page.getByLabel('Normal pressure angle').fill('70');
  await page.getByRole('button', { name: /Record the gears/ }).click();
  await expect(page.getByRole('alert')).toBeVisible();
  await expectAccessible(page);
  const { unit } = await jobAt(page, address, jobId);
  expect(unit!.meshes![0]!.pressureAngle).toBeNull();
});
