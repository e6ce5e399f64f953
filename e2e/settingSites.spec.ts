import { bookIn, openForPack, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';
import { habits, unitOf, allSent, typedRun } from './settingBench.ts';

test('two sites that depend on each other are chosen together, with what differs at the end', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  const { address } = workshop;
  const jobId = await bookIn(page, address, unitOf('retainedGear'), 'setPlay');
  const job = `${address}jobs/${jobId}`;
  await workTo(page, address, jobId, { habits: habits(), until: ({ rule }) => rule === 'measure' });
  await goTo(page, `${job}/bench`);
  await typedRun(page, '0.42');
  await goTo(page, `${job}/bench`);
  await expect(page.getByRole('button', { name: /^All are fitted/ })).toBeVisible();
  await typedRun(page, '0.05');
  await goTo(page, `${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Choose the packs together' })).toBeVisible();
  await expect(
    page.getByText(/Wanted: Cover shims 0.870, Shims at the gear sleeve 1.150/),
  ).toBeVisible();
  await page.getByText('Another difference').click();
  await page.getByLabel('Which').fill('paper gasket');
  await page.getByLabel('Trial').fill('0');
  await page.getByRole('textbox', { name: 'Final' }).fill('0.2');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(
    page.getByText(/Wanted: Cover shims 0.670, Shims at the gear sleeve 1.150/),
  ).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Take paper gasket off' }).click();
  await expect(page.getByText(/Wanted: Cover shims 0.870/)).toBeVisible();
  await page.keyboard.press('Enter');
  for (const site of ['first', 'second']) {
    await openForPack(page, address, jobId, habits());
    await expect(page.getByRole('heading', { name: /^Fit / }), site).toBeVisible();
    await page.getByRole('button', { name: 'Fitted Enter' }).click();
    await allSent(page);
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
  await goTo(page, `${job}/bench`);
  await typedRun(page, '0.30');
  await goTo(page, `${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Another pack, to measure with' })).toBeVisible();
  await expect(page.getByRole('button', { name: /measure again/ })).toBeDisabled();
  await page.getByRole('button', { name: 'One 0.102 more' }).click();
  await page.getByRole('button', { name: /measure again/ }).click();
  await goTo(page, `${job}/bench`);
  await typedRun(page, '0.402');
  await goTo(page, `${job}/pack`);
  await expect(page.getByRole('heading', { name: 'Choose the pack' })).toBeVisible();
  await page.getByRole('button', { name: 'By hand' }).click();
  await expect(page.getByText('Within limits', { exact: true })).toBeVisible();
  await page
    .getByRole('button', { name: /^One .* more$/ })
    .last()
    .click();
  await expect(page.getByText('Out of limits')).toBeVisible();
  await page
    .getByRole('button', { name: /^One .* less$/ })
    .last()
    .click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Use this pack' }).click();
  // What it lies under comes off first.
  await expect(
    page.getByRole('heading', { name: /^(?:Drain|Mark|Undo|Take)/ }).first(),
  ).toBeVisible();
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
  await goTo(page, `${address}jobs/${carrier}/bench`);
  await typedRun(page, '0.34');
  await goTo(page, `${address}jobs/${carrier}/step/turnAdjuster:adjuster-left`);
  await expect(page.getByText('4 notches clockwise').first()).toBeVisible();
  await expect(page.getByText('0.140 ± ')).toBeVisible();
  await page.getByLabel('Turned by, notches').fill('3.5');
  await expect(page.getByRole('alert')).toContainText('Whole notches');
  await page.getByLabel('Turned by, notches').fill('4');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Turned' }).click();
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
  await goTo(page, `${address}jobs/${hub}/step/crush:sleeve`);
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
  await expect(page.getByText('Within limits: stop here')).toBeVisible();
});
