import { randomUUID } from 'node:crypto';

import { chromium, type Page } from '@playwright/test';

import { CHROMIUM } from '../scripts/setup/chromium.mjs';
import { temporaryPostgres } from '../scripts/setup/postgres.mjs';
import { buildPages, startServer } from '../scripts/setup/server.mjs';
import { longLog } from './longLog.ts';

/**
 * What a user waits for, in Debian's Chromium: the bytes of the first load as they are sent, and opening a job of 10,000
 * events of the dearest mix, from the server and again from the browser's own store, with the longest task that blocks
 * the page; beside it the time the same browser takes to parse the same log as JSON.
 */
const LENGTH = 10_000;
const RUNS = 7;
const database = await temporaryPostgres();
const pages = await buildPages();
const server = await startServer({
  DATABASE_URL: database.url,
  PORT: '0',
  WENDAXIS_PAGES: pages.folder,
});
const jobId = randomUUID();
const events = longLog(LENGTH).map(({ seq: _, ...event }) => event);
for (let at = 0; at < events.length; at += 400) {
  const answer = await fetch(`${server.address}api/jobs/${jobId}/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events: events.slice(at, at + 400) }),
  });
  if (answer.status !== 201) throw new Error(await answer.text());
}
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
});

const first = await browser.newPage();
let sent = 0;
const session = await first.context().newCDPSession(first);
await session.send('Network.enable');
session.on('Network.loadingFinished', ({ encodedDataLength }) => (sent += encodedDataLength));
await first.goto(server.address, { waitUntil: 'load' });
await first.locator(`a[href="/jobs/${jobId}"]`).first().waitFor();
const atOnce = sent;
await first.waitForTimeout(3000);
console.log(
  `first load: ${(atOnce / 1000).toFixed(0)} kB as sent until the list stands (held to 200 kB), ` +
    `${(sent / 1000).toFixed(0)} kB with the other pages, which are fetched after it`,
);
await first.close();

for (const [from, again] of [
  ['the server', false],
  ['the browser’s own store', true],
] as const) {
  const opened: number[] = [];
  const blocked: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    if (again) await open(page);
    const { ms, longest } = await open(page);
    opened.push(ms);
    blocked.push(longest);
    await context.close();
  }
  const parse = await parsing();
  console.log(
    `a job of ${LENGTH} events from ${from}: ` +
      `${median(opened).toFixed(0)} ms to its next step (held to 300 ms; the first time ${opened[0]!.toFixed(0)} ms), ` +
      `longest task ${median(blocked).toFixed(0)} ms (held to 100 ms); ` +
      `${(median(opened) / parse).toFixed(1)} × JSON.parse of its log there (${parse.toFixed(0)} ms); ` +
      `medians of ${RUNS}`,
  );
}
await browser.close();
await server.stop();
await database.stop();
pages.remove();

/** From a page that stands (its scripts are there) to the job's next step on screen. */
async function open(page: Page): Promise<{ readonly ms: number; readonly longest: number }> {
  await page.goto(server.address);
  await page.getByRole('heading', { name: 'On the bench' }).waitFor();
  // The other pages have come, and been read.
  await page.waitForTimeout(4000);
  const link = page.locator(`a[href="/jobs/${jobId}"]`).first();
  await link.waitFor();
  // As text: what builds this script adds helpers that the page does not have.
  const measured = page.evaluate<{ ms: number; longest: number }>(`new Promise((resolve) => {
    const path = '/jobs/${jobId}';
    let longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
    }).observe({ entryTypes: ['longtask'] });
    const start = performance.now();
    document.querySelector('a[href="' + path + '"]').click();
    const look = () => {
      const heading = document.querySelector('main h1')?.textContent ?? 'On the bench';
      if (heading === 'On the bench' || location.pathname !== path) return void requestAnimationFrame(look);
      const ms = performance.now() - start;
      setTimeout(() => resolve({ ms, longest }), 1500);
    };
    look();
  })`);
  return measured;
}

async function parsing(): Promise<number> {
  const page = await browser.newPage();
  await page.goto(server.address);
  const text = JSON.stringify(JSON.stringify(events));
  const time = await page.evaluate<number>(`(() => {
    const text = ${text};
    const times = Array.from({ length: 9 }, () => {
      const start = performance.now();
      JSON.parse(text);
      return performance.now() - start;
    });
    return times.sort((a, b) => a - b)[4];
  })()`);
  await page.close();
  return time;
}

function median(values: readonly number[]): number {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
}
