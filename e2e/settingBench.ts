import type { Page } from '@playwright/test';
import type { WorkHabits } from '@wendaxis/core/simulate';
import {
  unitFromTemplate,
  type Axis,
  type Station,
  type Unit,
  type UnitTemplate,
} from '@wendaxis/core/unit';
import { expect, goTo, practiceCycle, startRun, typeReadings } from './workshopTest.ts';

export const GAUGE = {
  id: 'gauge',
  name: 'Bore gauge',
  graduation: 0.001,
  calibrationUncertainty: 0.001,
  range: 10,
};
export const BANDS = {
  endPlay: { lower: 0.1, upper: 0.18, target: null },
  sideClearance: { lower: 0.15, upper: 0.25, target: null },
  rollingTorque: { lower: 0.7, upper: 1.1, target: null },
  backlash: { lower: 0.12, upper: 0.2, target: null },
  depth: { lower: -0.03, upper: 0.03, target: null },
};
export const habits = (bands: Partial<WorkHabits['bands']> = {}): WorkHabits => ({
  instrument: GAUGE,
  bands: { ...BANDS, ...bands },
  source: 'sheet',
});
export const end = {
  designation: null,
  family: null,
  dimensions: { bore: 30, outside: 62, width: 16 },
};
export const unitOf = (
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
      // Their places take a pack: a stack of washers is described as one.
      stations: axis.stations.map((station) => ({
        ...station,
        ...(station.kind === 'shimSite' ? { pieces: 'several' } : {}),
        ...change(station),
      })),
    })),
  };
};

/** A run by the stand-in indicator, worked by the practice hands until there is a verdict, and accepted. */
export async function runByHands(page: Page, job: string, indicator: RegExp): Promise<void> {
  await goTo(page, `${job}/bench`);
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
export async function allSent(page: Page): Promise<void> {
  await page.waitForTimeout(150);
  await expect(page.getByText('All sent')).toBeVisible();
}

/** Two readings in steady turning by the stand-in wrench; the first that it shows is the breakaway peak. */
export async function steadyTwice(page: Page): Promise<void> {
  const take = page.getByRole('button', { name: /Take it, steady/ });
  await page.waitForTimeout(900);
  await take.click();
  await page.waitForTimeout(420);
  await take.click();
}

/** A run typed in full, accepted with the key. */
export async function typedRun(page: Page, play: string, indicator = /Fine dial/): Promise<void> {
  await startRun(page, indicator);
  await typeReadings(page, ['0', play, '0', '0', play, '0', '0', play, '0']);
  await page.keyboard.press('Enter');
  await allSent(page);
}
