import { test as base, expect, type Page } from '@playwright/test';
import axe from 'axe-core';

import { startHere } from '../scripts/setup/server.mjs';
import { newDatabase, TEMPLATE } from './workshopTemplate.ts';

/** The checker itself, put into a page once. */
const AXE = axe.source;

/** A workshop of its own for each test: a database and a server with the demo, a page on it. */
interface Workshop {
  readonly address: string;
}

let made = 0;

export const test = base.extend<{ workshop: Workshop }>({
  // Playwright reads which fixtures are used from this pattern.
  // oxlint-disable-next-line no-empty-pattern
  workshop: async ({}, use, info) => {
    made += 1;
    const database = await newDatabase(
      `e2e_${process.pid}_${info.workerIndex}_${made}`,
      process.env[TEMPLATE],
    );
    const server = await startHere({ DATABASE_URL: database, PORT: '0', WENDAXIS_DEMO: '1' });
    await use({ address: server.address });
    await server.stop();
  },
});

export { expect };

/**
 * Go to an address of the program: as a link within it does where it is open already, so that it is not fetched again.
 * What was recorded meanwhile comes by its live connection, as at a bench.
 */
export async function goTo(page: Page, address: string): Promise<void> {
  if (new URL(address).origin !== new URL(page.url()).origin) {
    await page.goto(address);
    return;
  }
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, address);
  await page.waitForFunction(
    () =>
      document.querySelector('main')?.dataset['address'] === location.pathname + location.search,
  );
}

/** At the bench: the run set up and started. */
export async function startRun(page: Page, indicator: RegExp): Promise<void> {
  await page.getByRole('radio', { name: indicator }).click();
  await page.getByRole('button', { name: /^All are fitted/ }).click();
  await expect(page.getByRole('heading', { name: 'Seat and zero' })).toBeVisible();
}

/** Open the Sill winch reducer and go to its bench. */
export async function toSillBench(page: Page, address: string): Promise<void> {
  await goTo(page, address);
  await page.getByRole('link', { name: /Sill winch reducer/ }).click();
  await expect(page.getByRole('heading', { name: 'Measure the end play' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/bench/);
}

/** One cycle with the practice hands: turn, zero, lift, back, each captured with one key. */
export async function practiceCycle(page: Page): Promise<void> {
  const capture = async (phase: 'zero' | 'lift' | 'return', next: RegExp) => {
    await expect(page.getByRole('button', { name: new RegExp(`Take ${phase}`) })).toBeVisible();
    await page.keyboard.press('Space');
    await expect(page.getByRole('button', { name: next })).toBeVisible();
  };
  const reading = page.getByTestId('live-reading');
  for (const key of ['t', 't', 't', 'o']) await page.keyboard.press(key);
  await expect(reading).toHaveText(/^0\.0+ ?\w/);
  await page.waitForTimeout(300); // hands take a moment
  await capture('zero', /Take lift/);
  await page.keyboard.press('l');
  await expect(reading).not.toHaveText(/^0\.00/);
  await capture('lift', /Take return/);
  await page.keyboard.press('k');
  await expect(reading).toHaveText(/^[−]?0\.0[01]/);
  await capture('return', /Take zero/);
}

/** Type readings one after the other, each with Enter. */
export async function typeReadings(page: Page, readings: readonly string[]): Promise<void> {
  const phases = ['zero', 'lift', 'return'];
  for (const [index, text] of readings.entries()) {
    const field = page.getByLabel(`Or type the ${phases[index % 3]} reading`);
    await field.fill(text);
    await field.press('Enter');
    await expect(page.getByLabel(`Or type the ${phases[(index + 1) % 3]} reading`)).toBeVisible();
  }
}

/** Readings of a run that proves too much play on the Sill: three cycles of 0.26 mm. */
export const TOO_MUCH_PLAY = ['0', '0.26', '0', '0', '0.26', '0', '0', '0.26', '0'] as const;

/** At the bench of the Sill, a typed run that proves too much play: its verdict stands to be accepted. */
export async function proveTooMuch(page: Page): Promise<void> {
  await startRun(page, /Shop dial/);
  await typeReadings(page, TOO_MUCH_PLAY);
}

/** The step that is on screen: the open row of a round, else what the page is about. */
export async function stepOnScreen(page: Page): Promise<string> {
  const row = page.getByTestId('open-row');
  const title1 = page.getByRole('heading', { level: 1 });
  await expect(row.or(title1).first()).toBeVisible();
  return (await row.isVisible()) ? row.innerText() : title1.innerText();
}

/** Tick off what the plan says next, step after step, until a heading is on screen. */
export async function tickUntil(page: Page, heading: string): Promise<void> {
  const target = page.getByRole('heading', { name: heading });
  const onward = page.getByRole('button', { name: /^(Do it|Done)/ });
  for (let turn = 0; turn < 60; turn += 1) {
    await expect(target.or(onward).first()).toBeVisible();
    if (await target.isVisible()) return;
    const title = await stepOnScreen(page);
    if ((await onward.innerText()).startsWith('Do it')) {
      await onward.click();
      await expect(page).toHaveURL(/\/step\//);
    } else {
      await onward.click();
      await expect.poll(() => stepOnScreen(page)).not.toBe(title);
    }
  }
  throw new Error(`never came to ${heading}`);
}

/** What axe finds wrong: a rule, and the beginnings of the elements. */
interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string }[];
}

/** Check a page with every rule that axe has, best practice too; at night only the colours can differ. */
export async function expectAccessible(
  page: Page,
  rules: 'all' | 'colours' = 'all',
): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  // Only violations are told node by node: passes are counted, not listed.
  const violations = await page.evaluate(
    async (only) => {
      const { axe } = window as unknown as {
        axe: { run: (options: object) => Promise<{ violations: Violation[] }> };
      };
      const found = await axe.run({
        resultTypes: ['violations'],
        ...(only === null ? {} : { runOnly: { type: 'rule', values: only } }),
      });
      return found.violations.map(({ id, nodes }) => ({
        id,
        nodes: nodes.map(({ html }) => ({ html })),
      }));
    },
    rules === 'all' ? null : ['color-contrast'],
  );
  expect(
    violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html.slice(0, 120))]),
  ).toEqual([]);
}
