import type { Page } from '@playwright/test';

import type { WorkHabits } from '@wendaxis/core/simulate';
import {
  unitFromTemplate,
  type Axis,
  type Station,
  type Unit,
  type UnitTemplate,
} from '@wendaxis/core/unit';

import { bookIn, recordIn, workTo } from './workTo.ts';
import {
  expect,
  expectAccessible,
  practiceCycle,
  startRun,
  test,
  typeReadings,
} from './workshopTest.ts';

const GAUGE = {
  id: 'gauge',
  name: 'Bore gauge',
  graduation: 0.001,
  calibrationUncertainty: 0.001,
  range: 10,
};
const BANDS = {
  endPlay: { lower: 0.1, upper: 0.18, target: null },
  sideClearance: { lower: 0.15, upper: 0.25, target: null },
  rollingTorque: { lower: 0.7, upper: 1.1, target: null },
  backlash: { lower: 0.12, upper: 0.2, target: null },
};
const habits = (bands: Partial<WorkHabits['bands']> = {}): WorkHabits => ({
  instrument: GAUGE,
  bands: { ...BANDS, ...bands },
  source: 'sheet',
});
const end = { designation: null, family: null, dimensions: { bore: 30, outside: 62, width: 16 } };
const unitOf = (
  template: UnitTemplate,
  change: (station: Station) => object = () => ({}),
  sets?: Axis['sets'],
): Unit => {
  const unit = unitFromTemplate(template, {
    name: `Kelp auger, ${template}`,
    left: end,
    right: end,
    span: 60,
  });
  return {
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      sets: sets ?? axis.sets,
      stations: axis.stations.map((station) => ({ ...station, ...change(station) })),
    })),
  };
};

/** A run by the stand-in indicator, worked by the practice hands until there is a verdict, and accepted. */
async function runByHands(page: Page, job: string, indicator: RegExp): Promise<void> {
  await page.goto(`${job}/bench`);
  await startRun(page, indicator);
  const accept = page.getByRole('button', { name: /Accept/ });
  for (let cycle = 0; cycle < 9; cycle += 1) {
    await practiceCycle(page);
    const doubtful = await page.getByText('Cannot decide').isVisible();
    if ((await accept.isVisible()) && (!doubtful || cycle === 8)) break;
  }
  await accept.click();
  await allSent(page);
}

/** Whatever was recorded has reached the server: what the imagined mechanic does next builds on it. */
async function allSent(page: Page): Promise<void> {
  await page.waitForTimeout(150);
  await expect(page.getByText('All sent')).toBeVisible();
}

/** Two readings in steady turning by the stand-in wrench; the first that it shows is the breakaway peak. */
async function steadyTwice(page: Page): Promise<void> {
  const take = page.getByRole('button', { name: /Take it, steady/ });
  await page.waitForTimeout(900);
  await take.click();
  await page.waitForTimeout(420);
  await take.click();
}

for (const [template, what] of [
  ['coneSpacerShims', 'a back-to-back shaft with a cone spacer'],
  ['thrustWasher', 'a gearbox shaft between thrust washers'],
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
    await page.goto(job);
    await runByHands(page, job, /Shop dial/);
    await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
    await page.goto(`${job}/pack`);
    await page.getByRole('button', { name: 'Take this pack' }).click();
    await page.getByRole('button', { name: 'It is in' }).click();
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
  await page.goto(`${job}/step/chooseSpacer:spacer`);
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
  await page.goto(`${job}/step/proveFigure:axis:rollingTorque`);
  await steadyTwice(page);
  await expect(page.getByText('In band', { exact: true }).first()).toBeVisible();
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
  await page.goto(`${address}jobs/${jobId}/step/trySpacer:spacer`);
  const typed = page.getByLabel(/measured|for a trial/i).first();
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
  await page.goto(`${address}jobs/${jobId}/step/chooseSpacer:spacer`);
  await expect(page.getByText('Say what the one that is in gives')).toBeVisible();
  await page.getByRole('button', { name: 'Still some play' }).click();
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

/** A run typed in full, accepted with the key. */
async function typedRun(page: Page, play: string, indicator = /Fine dial/): Promise<void> {
  await startRun(page, indicator);
  await typeReadings(page, ['0', play, '0', '0', play, '0', '0', play, '0']);
  await page.keyboard.press('Enter');
  await allSent(page);
}

test('two sites that depend on each other are chosen together, with what differs at the end', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await bookIn(page, address, unitOf('retainedGear'), 'setPlay');
  const job = `${address}jobs/${jobId}`;
  await workTo(page, address, jobId, { habits: habits(), until: ({ rule }) => rule === 'measure' });
  await page.goto(`${job}/bench`);
  await typedRun(page, '0.42');
  await page.goto(`${job}/bench`);
  await expect(page.getByRole('button', { name: 'Start the run' })).toBeVisible();
  await typedRun(page, '0.05');
  await page.goto(`${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Choose the packs together' })).toBeVisible();
  await expect(
    page.getByText(/Wanted: Cover shims 0.870, Shims at the gear sleeve 1.150/),
  ).toBeVisible();
  await page.getByText('Something else differs').click();
  await page.getByLabel('Which').fill('paper gasket');
  await page.getByLabel('In the trial').fill('0');
  await page.getByRole('textbox', { name: 'At the end' }).fill('0.2');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(
    page.getByText(/Wanted: Cover shims 0.670, Shims at the gear sleeve 1.150/),
  ).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take paper gasket off' }).click();
  await expect(page.getByText(/Wanted: Cover shims 0.870/)).toBeVisible();
  await page.keyboard.press('Enter');
  for (const site of ['first', 'second']) {
    await expect(page.getByRole('heading', { name: /^Fit / }), site).toBeVisible();
    await page.getByRole('button', { name: 'It is in' }).click();
    await allSent(page);
    await page.goto(`${job}/pack`);
  }
  const state = await workTo(page, address, jobId, {
    habits: habits(),
    until: ({ rule }) => rule === 'prove',
  });
  expect(Object.keys(state.setting.setAfter).toSorted()).toEqual(['shims', 'sleeve-shims']);
});

test('where nobody knows which way a shim works, two builds tell; a pack can be put together by hand', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await bookIn(
    page,
    address,
    unitOf('coverShims', ({ kind }) => (kind === 'shimSite' ? { place: 'notKnown' } : {})),
    'setPlay',
  );
  const job = `${address}jobs/${jobId}`;
  await workTo(page, address, jobId, { habits: habits(), until: ({ rule }) => rule === 'measure' });
  await page.goto(`${job}/bench`);
  await typedRun(page, '0.30');
  await page.goto(`${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Another pack, to measure with' })).toBeVisible();
  await expect(page.getByRole('button', { name: /measure again/ })).toBeDisabled();
  await page.getByRole('button', { name: 'One 0.102 more' }).click();
  await page.getByRole('button', { name: /measure again/ }).click();
  await page.goto(`${job}/bench`);
  await typedRun(page, '0.402');
  await page.goto(`${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await page.getByRole('button', { name: 'By hand' }).click();
  await expect(page.getByText('In band', { exact: true })).toBeVisible();
  await page
    .getByRole('button', { name: /^One .* more$/ })
    .last()
    .click();
  await expect(page.getByText('Out of band')).toBeVisible();
  await page
    .getByRole('button', { name: /^One .* less$/ })
    .last()
    .click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take this one' }).click();
  await expect(page.getByRole('heading', { name: /^Fit / })).toBeVisible();
});

test('an adjuster is turned by notches, and a hub is closed without preload', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const carrier = await bookIn(
    page,
    address,
    unitOf(
      'carrierAdjusters',
      ({ kind }) => (kind === 'adjuster' ? { lead: 1.5, notches: 30 } : {}),
      ['endPlay'],
    ),
    'setPlay',
  );
  await workTo(page, address, carrier, {
    habits: habits(),
    until: ({ rule }) => rule === 'measure',
  });
  await page.goto(`${address}jobs/${carrier}/bench`);
  await typedRun(page, '0.34');
  await page.goto(`${address}jobs/${carrier}/step/turnAdjuster:adjuster-left`);
  await expect(page.getByText('4 notches clockwise').first()).toBeVisible();
  await expect(page.getByText('0.140 ± ')).toBeVisible();
  await page.getByLabel('Turned by, notches').fill('3.5');
  await expect(page.getByRole('alert')).toContainText('Whole notches');
  await page.getByLabel('Turned by, notches').fill('4');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'It stands there' }).click();
  await allSent(page);
  const turned = await workTo(page, address, carrier, {
    habits: habits(),
    until: ({ rule }) => rule === 'prove',
  });
  expect(turned.setting.turned).toEqual({ 'adjuster-left': 48 });

  const hub = await bookIn(
    page,
    address,
    unitOf('pinionSleeve', () => ({}), ['endPlay']),
  );
  const own = habits({ endPlay: { lower: 0, upper: 0.03, target: null } });
  await workTo(page, address, hub, { habits: own, until: ({ rule }) => rule === 'crush' });
  await page.goto(`${address}jobs/${hub}/step/crush:sleeve`);
  const read = async (angle: string, play: string) => {
    await page.getByLabel('Nut stands at').fill(angle);
    await page.getByLabel('Play there').fill(play);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Play there')).toHaveValue('');
  };
  await read('0', '0.20');
  await read('40', '0.12');
  await expect(page.getByText('The play is closing')).toBeVisible();
  await page.getByLabel('Nut stands at').fill('10');
  await expect(page.getByRole('alert')).toContainText('Never back off');
  await expectAccessible(page);
  await read('95', '0.01');
  await expect(page.getByText('In band: stop here')).toBeVisible();
});

test('the box is counted and priced, pieces are ordered and come, a torque tool is added', async ({
  page,
  workshop,
}) => {
  await page.goto(`${workshop.address}workshop`);
  const box = page.getByRole('region', { name: 'Shim box' });
  const row = (size: string) => box.getByRole('row').filter({ hasText: size });
  await row('0.102').getByRole('button', { name: 'Count' }).click();
  await box.getByLabel('In the box now').fill('-4');
  await expect(box.getByRole('alert')).toContainText('Whole pieces');
  await box.getByLabel('In the box now').fill('9');
  await box.getByLabel('Price of one').fill('2,50');
  await box.getByRole('button', { name: 'Counted' }).click();
  await expect(row('0.102')).toContainText('2.50');
  await expect(row('0.102').getByRole('cell').nth(1)).toHaveText('9');
  await box.getByLabel('New size, measured').fill('0');
  await expect(box.getByRole('alert')).toContainText('more than 0');
  await box.getByLabel('New size, measured').fill('.0137"');
  await box.getByLabel('In the box now').fill('3');
  await box.getByRole('button', { name: 'Put it in' }).click();
  await expect(row('0.348')).toContainText('3');

  const orders = page.getByRole('region', { name: 'On order' });
  await orders.getByLabel('Thickness').fill('0.60');
  await orders.getByLabel('Pieces').fill('2');
  await orders.getByRole('button', { name: 'Order it' }).click();
  const coming = orders.getByRole('listitem').filter({ hasText: '0.600' });
  await coming.getByRole('button', { name: 'It came' }).click();
  await coming.getByLabel('Measured').fill('0.603');
  await coming.getByRole('button', { name: 'Into the box' }).click();
  await expect(row('0.603').getByRole('cell').nth(1)).toHaveText('2');
  await expect(coming).toBeHidden();
  await orders.getByRole('button', { name: 'Cancel' }).click();
  await expect(orders).toContainText('Nothing is on order');

  const tools = page.getByRole('region', { name: 'Torque tools' });
  await tools.getByRole('button', { name: 'Add a tool' }).click();
  await tools.getByLabel('Name').fill('Dial wrench, small');
  await tools.getByLabel('One graduation').fill('0.1 lb·in');
  await tools.getByLabel('Tells from').fill('5 Nm');
  await tools.getByLabel('to', { exact: true }).fill('1 Nm');
  await tools.getByRole('button', { name: 'Add it' }).click();
  await expect(tools.getByRole('alert')).toContainText(
    'Goes up to is 1.00 N·m: expected more than',
  );
  await tools.getByLabel('to', { exact: true }).fill('20 Nm');
  await tools.getByRole('button', { name: 'Add it' }).click();
  await expect(tools).toContainText('Dial wrench, small');
  await expectAccessible(page);
});

test('a reading that was typed in another unit is asked back, and one that lies is doubted', async ({
  page,
  workshop,
}) => {
  const { address } = workshop;
  const jobId = await bookIn(page, address, unitOf('coverShims'), 'setPlay');
  await workTo(page, address, jobId, { habits: habits(), until: ({ rule }) => rule === 'measure' });
  await page.goto(`${address}jobs/${jobId}/bench`);
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0']);
  await page.getByLabel('Or type the lift reading').fill('5.5');
  await page.keyboard.press('Enter');
  const asked = page.getByRole('group', { name: 'Is that right?' });
  await expect(asked).toContainText('thousandths of an inch, typed as millimetres');
  // The habit of pressing Enter again changes nothing, and typing on goes on.
  await page.keyboard.press('Enter');
  await expect(asked).toBeVisible();
  await expect(page.getByLabel('Or type the lift reading')).toHaveValue('5.5');
  await page.keyboard.type('5');
  await expect(asked).toBeHidden();
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Enter');
  await asked.getByRole('button', { name: 'Yes, 0.140 mm' }).click();
  await expect(page.getByLabel('Or type the return reading')).toBeVisible();
  await page.getByLabel('Or type the return reading').fill('0');
  await page.keyboard.press('Enter');
  await typeReadings(page, ['0', '0.14', '0', '0', '0.14', '0']);
  await page.goto(`${address}jobs/${jobId}/bench`);
  // Given up, and measured anew: too much play, a thinner pack goes in, and the play stays.
  const open = (
    await workTo(page, address, jobId, { habits: habits(), until: () => true })
  ).measured.runs.at(-1)!;
  await recordIn(page, address, jobId, 'RunAbandoned', { runId: open.runId, reason: 'bumped' });
  await page.reload();
  await typedRun(page, '0.30', /Shop dial/);
  await page.goto(`${address}jobs/${jobId}/pack`);
  await page.getByRole('button', { name: 'Take this pack' }).click();
  await page.getByRole('button', { name: 'It is in' }).click();
  await allSent(page);
  await page.goto(`${address}jobs/${jobId}/bench`);
  await startRun(page, /Shop dial/);
  await typeReadings(page, ['0', '0.30', '0', '0', '0.30', '0', '0', '0.30', '0']);
  await expect(page.getByRole('alert')).toContainText('more than the thicknesses explain');
  await expect(page.getByRole('alert')).toContainText('Expected about 0.1');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Put it right, measure again' }).click();
  await expect(page.getByRole('button', { name: 'Start the run' })).toBeVisible();
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    'Reading 0.140 mm, typed “5.5 as 0.140 mm”',
  );
});
