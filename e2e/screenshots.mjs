import { chromium } from '@playwright/test';

import { pairUnit } from '@wendaxis/core/simulate';

import { bookIn, recordIn, workTo } from './workTo.ts';

import { CHROMIUM, ensureChromium } from '../scripts/setup/chromium.mjs';
import { temporaryPostgres } from '../scripts/setup/postgres.mjs';
import { ROOT, say } from '../scripts/setup/run.mjs';
import { buildPages, startServer } from '../scripts/setup/server.mjs';

/** `npm run screenshots`: one picture of each main view, from the demo data, at 1280 × 800. */
await ensureChromium();
const database = await temporaryPostgres();
const pages = await buildPages();
const env = {
  DATABASE_URL: database.url,
  WENDAXIS_PAGES: pages.folder,
  WENDAXIS_DEMO: '1',
  PORT: '0',
};
const server = await startServer(env);
const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
];
const browser = await chromium.launch({ executablePath: CHROMIUM, args });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const shot = async (name) => {
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${ROOT}docs/screenshots/${name}.png` });
  say(`docs/screenshots/${name}.png`);
};
const press = async (...keys) => {
  for (const key of keys) {
    await page.keyboard.press(key);
    await page.waitForTimeout(350);
  }
};
const gauge = {
  id: 'gauge',
  name: 'Gauge',
  graduation: 0.001,
  calibrationUncertainty: 0.001,
  range: 10,
};
const bands = {
  endPlay: { lower: 0.1, upper: 0.18, target: null },
  sideClearance: { lower: 0.15, upper: 0.25, target: null },
  rollingTorque: { lower: 0.7, upper: 1.1, target: null },
};
/** A differential of the demo world, its carrier measured with the trial packs. */
const pair = async () => {
  const limits = {
    ...bands,
    endPlay: { lower: -0.12, upper: -0.04, target: null },
    backlash: { lower: 0.1, upper: 0.18, target: null },
    depth: { lower: -0.03, upper: 0.03, target: null },
  };
  const jobId = await bookIn(page, server.address, { ...pairUnit(true), name: 'Sill drive axle' });
  const habits = { instrument: gauge, bands: limits, source: 'sheet 4' };
  const state = await workTo(page, server.address, jobId, {
    habits,
    until: ({ rule }) => rule === 'readBacklash',
  });
  await recordIn(page, server.address, jobId, 'BacklashRead', {
    specId: state.specs.find(({ kind }) => kind === 'backlash').specId,
    stage: 'trial',
    held: 'other',
    contact: 'squareToFlank',
    places: [0.31, 0.33, 0.34, 0.32].map((value, at) => ({ angle: 90 * at, value, face: null })),
    instrument: gauge,
  });
  await page.goto(`${server.address}jobs/${jobId}/pair/carrier-axis`);
  await page.getByRole('heading', { name: 'Next move' }).waitFor();
  await shot('pair');
};
try {
  await page.goto(server.address);
  await page.getByText('Sill winch reducer').waitFor();
  await shot('jobs');
  await page.getByText('Sill winch reducer').click();
  await page.getByRole('heading', { name: 'Measure the end play' }).waitFor();
  await press('Enter');
  await page.getByRole('button', { name: /^All are fitted/ }).click();
  await page.getByText('Live from').waitFor();
  for (let cycle = 0; cycle < 3; cycle += 1)
    await press('t', 't', 't', 'o', ' ', 'l', ' ', 'k', ' ');
  await shot('bench');
  await page.getByRole('button', { name: 'Accept the verdict' }).click();
  await page.getByRole('heading', { name: 'Choose the pack' }).waitFor();
  await page.getByRole('list', { name: 'What would improve it' }).waitFor();
  await shot('pack');
  await page.getByRole('button', { name: 'Use this pack' }).click();
  await page.getByRole('link', { name: 'Logbook' }).click();
  await shot('log');
  await page.getByRole('link', { name: 'Workshop' }).click();
  await shot('workshop');
  await page.goto(server.address);
  await page.getByText('Tarn rear axle').click();
  await page.getByRole('heading', { name: 'Mark Bearing cap bolts' }).waitFor();
  await shot('axle');
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('heading', { name: /Build plan/ }).waitFor();
  await page.getByRole('button', { name: 'Show open steps' }).click();
  await shot('plan');
  await page.getByRole('link', { name: 'Unit', exact: true }).click();
  await page.getByRole('option', { name: /Tail bearing/ }).click();
  await page.getByRole('button', { name: 'Add a body' }).click();
  await shot('unit');
  const tarn = page
    .url()
    .replace(/.*jobs\//, '')
    .replace(/\/.*/, '');
  const habits = { instrument: gauge, bands: {}, source: '' };
  await workTo(page, server.address, tarn, { habits, until: ({ rule }) => rule === 'crush' });
  await page.goto(`${server.address}jobs/${tarn}/step/crush:sleeve`);
  for (const [angle, torque] of [
    [0, 0.3],
    [66, 0.3],
    [69, 0.3],
    [72, 0.35],
    [75, 0.45],
    [78, 0.58],
    [80, 0.7],
  ]) {
    await page.getByLabel('Nut stands at').fill(String(angle));
    await page.getByLabel('Or type it, steady').fill(`${torque} Nm`);
    await press('Enter');
  }
  await page.waitForTimeout(800);
  await page.evaluate('scrollTo(0, 0)');
  await shot('sleeve');
  await pair();
  await page.goto(server.address);
  await page.getByText('Moth engine case').click();
  await page.getByRole('heading', { name: /Measure the bore/ }).waitFor();
  const moth = page.url();
  await press('Enter');
  await page.getByLabel('outer end, 0°').first().focus();
  for (const size of ['51.988', '51.991', '51.99', '51.987', '51.99', '51.988']) {
    await page.keyboard.type(size);
    await press('Enter');
  }
  await shot('sizes');
  await page.goto(`${moth}/step/inspect:seal-right`);
  await page.getByText('What was seen').waitFor();
  await press('2');
  await shot('inspect');
  await page.goto(`${moth}/step/torque:bolts`);
  await page.getByText('Round 1 of 3').waitFor();
  await press(' ', ' ', ' ');
  await shot('bolts');
  await page.goto(`${moth}/sheet`);
  await page.getByRole('heading', { name: 'Build sheet, Moth engine case' }).waitFor();
  await page.getByText('Seat Ignition-side bearing in').scrollIntoViewIfNeeded();
  await page.evaluate('scrollBy(0, 500)');
  await shot('sheet');
  await page.goto(`${moth}/step/seatOuter:bearing-left`);
  await page.getByText('push: outer ring only').waitFor();
  await shot('step');
  await page.goto(`${moth}/describe?station=bearing-left`);
  await page.getByLabel('Class of its housing bore').fill('N7');
  await press('Enter');
  await page.goto(`${moth}/heat?part=half-left`);
  await page.getByRole('button', { name: 'Into the oven' }).click();
  await page.getByLabel(/Contact thermometer/).fill('84');
  await press('Enter');
  await page.getByRole('button', { name: 'Out of the oven' }).click();
  await page.getByRole('timer').waitFor();
  await page.evaluate('scrollTo(0, 0)');
  await page.waitForTimeout(1500);
  await shot('heat');
  await page.getByRole('button', { name: 'All in, cold' }).click();
  await page.goto(`${server.address}fits`);
  for (const [label, text] of [
    ['Seat diameter', '52'],
    ['Bore of the bearing', '25'],
    ['Width', '15'],
    [/^Bore: class/, 'N7'],
    [/^Ring: its size/, '52'],
  ])
    await page.getByLabel(label).fill(text);
  await shot('fits');
  await page.goto(`${server.address}book-in`);
  await page.getByLabel('Name of the unit').fill('Net hauler');
  await page.getByLabel('Why is it open').fill('Growls under load');
  await page.getByRole('radio', { name: /Cone spacer/ }).click();
  for (const [side, designation] of [
    ['Left', '30206'],
    ['Right', '30205'],
  ])
    await page
      .getByRole('group', { name: `${side} bearing` })
      .getByLabel('Printed on the ring')
      .fill(designation);
  await page.getByLabel(/Distance between/).fill('60');
  await shot('book-in');
  await page.goto(server.address);
  await page.getByText('Sill winch reducer').click();
  await page.getByRole('button', { name: /Switch to night/ }).click();
  await shot('night');
} finally {
  await browser.close();
  await server.stop();
  pages.remove();
  await database.stop();
}
