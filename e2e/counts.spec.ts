import type { Locator, Page } from '@playwright/test';

import { stillFor } from '@wendaxis/core/measure';

import { expect, goTo, stepOnScreen, test } from './workshopTest.ts';

/** One way of doing what a screen asks for; null where the screen is not of that kind. */
interface Hand {
  readonly bookIn: () => Promise<void>;
  readonly limits: () => Promise<void>;
  readonly mark: () => Promise<void>;
  readonly run: () => Promise<void>;
  readonly pack: () => Promise<void>;
  readonly sizes: () => Promise<void>;
  readonly all: (button: Locator) => Promise<void>;
  readonly onward: () => Promise<void>;
  /** How many times something was pressed. */
  readonly count: () => number;
}

/** Work a tapered gearbox from the list of jobs to its closed record; what each screen took is told where it was too much. */
async function work(page: Page, address: string, hand: Hand): Promise<number> {
  await goTo(page, address);
  await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible();
  await hand.bookIn();
  await expect(page).toHaveURL(/\/jobs\//);
  const told: string[] = [];
  const all = page.getByRole('button', { name: /^All .* A$/ });
  const reopen = page.getByRole('button', { name: /^Reopen/ });
  for (let screens = 0; screens < 120 && !(await reopen.isVisible()); screens += 1) {
    const before = hand.count();
    const title = await stepOnScreen(page);
    const place = page.url();
    if (title.startsWith('Enter the')) await hand.limits();
    else if (title.startsWith('Mark')) await hand.mark();
    else if (place.includes('/bench')) await hand.run();
    else if (place.includes('/pack-in-place')) await hand.pack();
    else if (title.startsWith('Measure the journal')) await hand.sizes();
    else if (await all.isVisible()) await hand.all(all);
    else await hand.onward();
    await expect
      .poll(async () => (await reopen.isVisible()) || `${page.url()} ${await stepOnScreen(page)}`)
      .not.toBe(`${place} ${title}`);
    told.push(`${hand.count() - before}  ${title}`);
  }
  await expect(page.getByText('Finished.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Runs' })).toContainText('Within limits');
  expect(told.length).toBeGreaterThan(25);
  await test.info().attach('pressed', { body: told.join('\n') });
  return hand.count();
}

/** Hands at a keyboard: every key that goes down counts, those of a number too. */
function keyboard(page: Page): Hand {
  let pressed = 0;
  let runs = 0;
  const press = async (...keys: readonly string[]): Promise<void> => {
    for (const key of keys) await page.keyboard.press(key);
    pressed += keys.length;
  };
  const type = (text: string): Promise<void> => press(...text);
  const reading = (phase: string) =>
    expect(page.getByLabel(`Or type the ${phase} reading`)).toBeVisible();
  return {
    count: () => pressed,
    async bookIn() {
      await press('b');
      await expect(page.getByLabel('Name of the unit')).toBeFocused();
      await type('Hoist');
      await press('Tab', 'Tab', 'Tab', 'Tab');
      await type('30206');
      await press('Tab', '=', 'Tab');
      await type('60');
      await press('Enter', 'Enter');
    },
    async limits() {
      await type('.1');
      await press('Tab');
      await type('.2');
      await press('Tab');
      await type('p4');
      await press('Enter');
    },
    mark: () => press('1'),
    async run() {
      await press('Enter');
      runs += 1;
      for (let cycle = 0; cycle < 3; cycle += 1) {
        await reading('zero');
        await press('Enter');
        await reading('lift');
        await type(runs === 3 ? '.14' : '.26');
        await press('Enter');
        await reading('return');
        await press('Enter');
      }
      await expect(page.getByRole('button', { name: 'Accept the verdict' })).toBeVisible();
      await press('Enter');
    },
    async pack() {
      await type('.5');
      await press('Enter', 'Enter');
    },
    async sizes() {
      await type('+8');
      await press('Enter');
      for (const difference of '98898') await press(difference, 'Enter');
      await press('Enter');
    },
    all: () => press('a'),
    onward: () => press('Enter'),
  };
}

/** A finger on the glass: every touch counts; what is typed on its pad of numbers does not, its Enter does. */
function finger(page: Page): Hand {
  let taps = 0;
  const tap = async (what: Locator): Promise<void> => {
    await what.click();
    taps += 1;
  };
  const main = page.getByTestId('main-action');
  const enter = async (): Promise<void> => {
    await page.keyboard.press('Enter');
    taps += 1;
  };
  const ring = (side: string) =>
    page.getByRole('group', { name: side }).getByLabel('Printed on the ring');
  return {
    count: () => taps,
    async bookIn() {
      await tap(page.getByRole('button', { name: /^Book a job in/ }));
      await tap(page.getByLabel('Name of the unit'));
      await page.keyboard.type('Hoist');
      await tap(ring('Left bearing'));
      await page.keyboard.type('30206');
      await tap(page.getByRole('button', { name: /^Same as left/ }));
      await tap(page.getByLabel(/Distance between/));
      await page.keyboard.type('60');
      // For its instruments alone: a job of one’s own has real ones.
      await page.getByLabel(/For practice/).check();
      await tap(main);
    },
    async limits() {
      for (const [label, text] of [
        ['Min end play', '0.1'],
        ['Max end play', '0.2'],
        ['Where the figure comes from', 'p4'],
      ] as const) {
        await tap(page.getByLabel(label));
        await page.keyboard.type(text);
      }
      await tap(main);
    },
    mark: () => tap(page.getByRole('button', { name: /^Paint (?:line|numbers)/ })),
    async run() {
      await tap(main);
      const handsFree = page.getByRole('button', { name: /Hands free/ });
      if ((await handsFree.getAttribute('aria-pressed')) === 'false') await tap(handsFree);
      // The virtual shaft is moved by hands of its own: those are at the shaft, not at the screen.
      const hand = (name: RegExp) => page.getByRole('button', { name }).click();
      const needle = page.getByTestId('live-reading');
      const taken = async (phase: 'zero' | 'lift' | 'return', next: string): Promise<void> => {
        await page.clock.runFor(stillFor(phase, true) + 1000);
        await expect(page.getByRole('button', { name: `Take ${next}` })).toBeVisible();
      };
      for (let cycle = 0; cycle < 3; cycle += 1) {
        for (let turn = 0; turn < 3; turn += 1) await hand(/^Turn/);
        await hand(/^Zero dial/);
        await expect(needle).toHaveText(/^[−]?0\.0[01]?0/);
        await taken('zero', 'lift');
        await hand(/^Lift/);
        await expect(needle).not.toHaveText(/^[−]?0\.0[01]/);
        await taken('lift', 'return');
        await hand(/^Return/);
        await expect(needle).toHaveText(/^[−]?0\.0[01]/);
        await taken('return', 'zero');
      }
      await expect(page.getByRole('button', { name: 'Accept the verdict' })).toBeVisible();
      await tap(main);
    },
    async pack() {
      await page.keyboard.type('0.5');
      await tap(main);
    },
    async sizes() {
      await tap(page.getByLabel('outer end, 0°'));
      for (const size of ['30.008', '30.009', '30.008', '30.008', '30.009', '30.008']) {
        await page.keyboard.type(size);
        await enter();
      }
      await tap(main);
    },
    all: tap,
    onward: () => tap(main),
  };
}

test('a tapered gearbox goes from book-in to its record in 160 keys, readings typed', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  expect(await work(page, workshop.address, keyboard(page))).toBeLessThanOrEqual(160);
});

test('a tapered gearbox goes from book-in to its record in 70 taps, its dial read hands free', async ({
  page,
  workshop,
}) => {
  test.setTimeout(120_000);
  // The needle stands still for seconds: those pass at once.
  await page.clock.install();
  await page.setViewportSize({ width: 820, height: 1180 });
  expect(await work(page, workshop.address, finger(page))).toBeLessThanOrEqual(70);
});
