import type { Page } from '@playwright/test';

import { HABITS } from './habits.ts';
import { BUSH_IN_BLOCK, NEEDLES_IN_ONE_BORE } from './pressedUnits.ts';
import { bookIn, jobAt, workTo } from './workTo.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

/** Type sizes at the places of a feature, one after the other. */
async function measure(page: Page, feature: string, values: readonly string[]): Promise<void> {
  const group = page.getByRole('group', { name: feature, exact: true });
  const fields = group.getByRole('textbox');
  for (const [at, value] of values.entries()) {
    await fields.nth(at).fill(value);
    await page.keyboard.press('Enter');
    await expect(group).toContainText(`${Number(value).toFixed(3).replace('-', '−')} mm`);
  }
}

const six = (value: string): readonly string[] => Array.from({ length: 6 }, () => value);

test('a bush with an oil hole comes out of a block and a new one is pressed home, one that turned pressed again', async ({
  page,
  workshop: { address },
}) => {
  test.setTimeout(150_000);
  const jobId = await bookIn(page, address, BUSH_IN_BLOCK);
  const job = `${address}jobs/${jobId}`;

  // Of what it is made is asked for, and then its force is known by its classes.
  await goTo(page, `${job}/step/pull:bush`);
  const numbers = page.getByRole('region', { name: 'Numbers' });
  await expect(page.getByRole('list', { name: 'Ways out of Drum bush' })).toContainText(
    'Pressed out from behind with a stepped driver',
  );
  await numbers.getByRole('link', { name: /enter it/ }).click();
  await page.getByLabel('Made of').selectOption({ label: 'tin or leaded bronze' });
  await page.getByRole('button', { name: /^Record the station/ }).click();
  await expect
    .poll(async () => JSON.stringify((await jobAt(page, address, jobId)).unit))
    .toContain('"material":"bronze"');
  await goTo(page, `${job}/step/pull:bush`);
  await expect(numbers).toContainText(/Force to get it out.*kN/s);
  await expect(numbers).toContainText('Support, open');

  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ rule }) => rule === 'measureSeats',
  });
  await goTo(page, `${job}/step/measureHousing:bush`);
  await measure(page, 'Bore of its housing', six('32.01'));
  await expect(numbers).toContainText('Housing bore, mean');
  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ rule }) => rule === 'measureNew',
  });
  await goTo(page, `${job}/step/measureNew:bush`);
  await measure(page, 'Outside of the ring', ['32.05', '32.05', '32.05']);
  await measure(page, 'Bore of the ring', ['28.05', '28.05', '28.05']);
  await expect(numbers).toContainText('Bore closes in by');
  await expect(numbers).toContainText('Clearance once pressed in');

  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'seatOuter' });
  await goTo(page, `${job}/step/seatOuter:bush`);
  await expect(numbers).toContainText(/Force to press.*kN/s);
  const drivers = page.getByRole('list', { name: 'Drivers of the workshop' });
  const stepped = drivers.getByRole('listitem').filter({ hasText: 'Stepped driver 31.5' });
  await expect(stepped).toContainText(/With 1 × Spacer 10, 1 × Washer 2 it stops at 7\.960 mm/);
  await expect(drivers.getByRole('listitem').filter({ hasText: 'Tube 34' })).toContainText(
    'too wide',
  );
  await stepped.getByRole('button', { name: 'Use this driver' }).click();
  await expect(page.getByRole('img', { name: /Stepped driver 31\.5.*it stops at/ })).toBeVisible();
  await expectAccessible(page);

  // A chip between the pieces: the two ways to one length do not agree.
  const over = page.getByLabel(/Under the stack to the end of the nose/);
  await over.fill('7.7');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/they do not agree/)).toBeVisible();
  await over.fill('7.95');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/they agree within/)).toBeVisible();
  await page.getByRole('button', { name: /^Done/ }).click();

  // It turned as it was started: its feed is choked, and that is said before anything is built on it.
  await goTo(page, `${job}/step/checkSeat:bush`);
  await measure(page, 'Depth from the face to the ring', ['7.95', '7.96', '7.95']);
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('a new one in by its marks');
  await measure(page, 'Oil hole and feed, centres apart', ['2']);
  await expect(numbers).toContainText('Its feed is choked: press it out');
  await goTo(page, `${job}/step/seatOuter:bush`);
  await page.getByRole('button', { name: /^Undo it/ }).click();
  await page.getByRole('button', { name: /^Done/ }).click();
  await goTo(page, `${job}/step/checkSeat:bush`);
  await measure(page, 'Oil hole and feed, centres apart', ['0.2']);
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(page.getByText('Done', { exact: true }).first()).toBeVisible();

  // It closed in to less than the journal needs: it is finished to size, and gauged again.
  await goTo(page, `${job}/step/gauge:bush`);
  await measure(page, 'Bore once fitted', six('28.02'));
  await goTo(page, `${job}/step/finishBore:bush`);
  await expect(page.getByRole('heading', { name: /Finish the bore of Drum bush/ })).toBeVisible();
  await goTo(page, `${job}/step/gauge:bush`);
  await expect(numbers).toContainText('Finish its bore to');
  await workTo(page, address, jobId, { habits: HABITS, until: () => false });
  const { sheet, log } = await jobAt(page, address, jobId);
  expect(sheet.finished).not.toBeNull();
  expect(log.ignored).toEqual([]);
  await goTo(page, `${job}/log`);
  await expect(page.getByRole('list', { name: 'Entries, newest first' })).toContainText(
    'Driver for Drum bush: Stepped driver 31.5, 1 × Spacer 10, 1 × Washer 2, measured 7.950 mm',
  );
});

test('two drawn cups leave one bore and two new ones go in, the deeper first, the nearer as deep as its mark says', async ({
  page,
  workshop: { address },
}) => {
  test.setTimeout(120_000);
  const jobId = await bookIn(page, address, NEEDLES_IN_ONE_BORE);
  const job = `${address}jobs/${jobId}`;
  const numbers = page.getByRole('region', { name: 'Numbers' });
  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ rule }) => rule === 'recordDepth',
  });
  await goTo(page, `${job}/step/recordDepth:near`);
  await measure(page, 'Depth from the face to the old one', ['2.02', '2.01', '2.00']);
  await expect(numbers).toContainText('Depth of the old one');
  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'readMarks' });
  await goTo(page, `${job}/step/readMarks:near`);
  await measure(page, 'Running mark, nearer edge from the datum', ['26']);
  await measure(page, 'Running mark, farther edge from the datum', ['36']);
  await measure(page, 'Depth from the face to the datum', ['-20']);
  await expect(numbers).toContainText('The two depths contradict each other');
  await measure(page, 'Running mark, nearer edge from the datum', ['23']);
  await measure(page, 'Running mark, farther edge from the datum', ['33']);
  await expect(numbers).not.toContainText('contradict');
  await expectAccessible(page);

  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'seatOuter' });
  await goTo(page, job);
  await expect(
    page.getByRole('heading', { name: 'Seat Inner needles in Winch block' }),
  ).toBeVisible();
  await goTo(page, `${job}/step/seatOuter:near`);
  await expect(numbers).toContainText('Inner needles, then Outer needles');
  await expect(
    page
      .getByRole('list', { name: 'Drivers of the workshop' })
      .getByRole('listitem')
      .filter({ hasText: 'Stepped driver 31.5' }),
  ).toContainText(/it stops at 1\.\d+ mm/);
  await workTo(page, address, jobId, {
    habits: HABITS,
    until: ({ id }) => id === 'checkSeat:near',
  });
  await goTo(page, `${job}/step/checkSeat:near`);
  // Half a millimetre too deep is no slip of measuring, and no case is heated for it.
  await measure(page, 'Depth from the face to the ring', ['2.5', '2.51', '2.5']);
  await expect(numbers).toContainText('Too deep: a thin shell is spoiled by drawing it back');
  await measure(page, 'Depth from the face to the ring', ['2.05', '2.04', '2.05']);
  await expect(numbers).toContainText('It is at its depth.');
  await workTo(page, address, jobId, { habits: HABITS, until: ({ rule }) => rule === 'tryLine' });
  await goTo(page, job);
  await expect(
    page.getByRole('heading', { name: /Try the shaft through Outer needles and Inner needles/ }),
  ).toBeVisible();
  await workTo(page, address, jobId, { habits: HABITS, until: () => false });
  expect((await jobAt(page, address, jobId)).sheet.finished).not.toBeNull();
});
