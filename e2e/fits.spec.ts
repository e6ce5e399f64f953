import { allSent } from './settingBench.ts';
import { expect, expectAccessible, goTo, test } from './workshopTest.ts';

test('an answer of the fits desk goes to a seat, the way in is chosen there, and a limit is set with its reason', async ({
  page,
  workshop,
}) => {
  await page.goto(workshop.address);
  await page.getByRole('link', { name: 'Fits', exact: true }).click();
  await page.getByLabel('Seat diameter').fill('52');
  await page.getByLabel('Bore of the bearing').fill('25');
  await page.getByLabel('Width').fill('15');
  await page.getByLabel('Bore: class or size, such as N7').fill('P7');
  await page.getByLabel('Ring: its size, or leave it empty').fill('52');
  await expect(page.getByText(/and what the seat is made of/)).toBeVisible(); // no material is taken for granted
  await page.getByLabel('The bore is in').selectOption({ label: 'cast aluminium alloy' });
  await expect(page.getByRole('list', { name: 'Methods' })).toContainText('Torch on the boss');
  await page
    .getByRole('region', { name: 'Put it to a seat' })
    .getByLabel(/^Job/)
    .selectOption({ label: 'Moth engine case' });
  await page.getByLabel('Seat of').selectOption({ label: 'Ignition-side bearing' });
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Attach it' }).click();
  await expect(page.getByText('Ignition-side bearing has its class')).toBeVisible();
  await page.getByRole('link', { name: 'To its plan' }).click();
  await page.getByRole('link', { name: /Seat Ignition-side bearing in/ }).click();
  const ways = page.getByRole('region', { name: 'Methods for this seat' });
  await expect(ways.getByText('Press, cold')).toBeVisible();
  await ways
    .getByRole('listitem')
    .filter({ hasText: 'Press, cold' })
    .getByRole('button', { name: 'Use this method' })
    .click();
  await expect(page.getByRole('region', { name: 'Numbers' })).toContainText('Force to press');
  await expect(page.getByRole('list', { name: 'Caution' })).toContainText(
    'Never stand in line with a press',
  );
  await ways.getByRole('button', { name: /Ring into the freezer/ }).click();
  const clocks = page.getByRole('region', { name: 'Clocks' });
  await expect(clocks).toContainText('Ring in the freezer: Ignition-side bearing');
  await ways.getByRole('button', { name: 'Ring out of the freezer' }).click();
  await expect(clocks).toBeHidden();
  await ways.getByRole('button', { name: 'Another limit' }).click();
  await ways.getByLabel('Not above').fill('70 C');
  await ways.getByLabel(/Source and reason/).fill('Plastic cage, maker’s sheet 4');
  await ways.getByRole('button', { name: 'Record it' }).click();
  await expect(ways).toContainText('Limit of the bearing 70 °C: Plastic cage, maker’s sheet 4');
  await page.getByRole('link', { name: 'Logbook' }).click();
  const log = page.getByRole('list', { name: 'Entries, newest first' });
  await expect(log).toContainText('Way in for Ignition-side bearing: Press, cold');
  await expect(log).toContainText('Fits desk, Ignition-side bearing, outer ring, P7 / 52 at 52');
});

test('the workshop adds a material and rates its press, and a part can be made of it', async ({
  page,
  workshop,
}) => {
  await goTo(page, `${workshop.address}workshop`);
  await page.getByLabel('Rated at').fill('50 kN');
  await page
    .getByRole('region', { name: 'Press' })
    .getByRole('button', { name: 'Record it' })
    .click();
  await expect(page.getByRole('region', { name: 'Press' })).toContainText('Stands 50');
  await page.getByRole('button', { name: 'Add a material' }).click();
  const form = page.getByRole('form', { name: 'Add a material' });
  await form.getByRole('button', { name: 'Record it' }).click();
  await expect(form.getByRole('alert')).toContainText('material.words');
  for (const [label, text] of [
    ['Name', 'Zinc die casting'],
    ['Expansion', '27.4'],
    ['Young’s modulus', '85'],
    ['Poisson’s ratio', '0.27'],
    ['Density', '6600'],
    ['Heat capacity', '420'],
    ['Conductivity', '113'],
    ['Begins to give at', '200'],
    ['Not above', '100'],
    ['Why not hotter', 'above it it creeps'],
  ] as const)
    await form.getByLabel(label).fill(text);
  await expectAccessible(page);
  await form.getByRole('button', { name: 'Record it' }).click();
  await expect(
    page.getByRole('region', { name: 'Materials' }).getByRole('row', { name: /Zinc die casting/ }),
  ).toContainText('27.4');
  await page.getByRole('link', { name: 'Jobs' }).click();
  await page
    .getByRole('link', { name: /Moth engine case/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Describe' }).click();
  await expect(page).toHaveURL(/describe/);
  await goTo(page, page.url().replace(/describe.*$/, 'describe?part=half-left'));
  await page.getByLabel('Made of').selectOption({ label: 'Zinc die casting' });
  await page.getByRole('button', { name: 'Record the part' }).click();
  const made = page.getByLabel('Made of');
  await expect(made.locator('option:checked')).toHaveText('Zinc die casting');
  // What is on screen is also what was just chosen: it is recorded once undo names it, and kept once it is sent.
  await expect(page.getByRole('button', { name: /^Undo: Part described/ })).toBeVisible();
  await allSent(page);
  await page.reload();
  await expect(made.locator('option:checked')).toHaveText('Zinc die casting');
});

test('three quick questions of the bench are answered without a job', async ({
  page,
  workshop,
}) => {
  await goTo(page, `${workshop.address}fits`);
  await page.getByLabel(/^Printed on the bearing/).fill('6205');
  await expect(page.getByLabel('Seat diameter')).toHaveValue('52.000 mm');
  await page.getByLabel(/^Bore: class/).fill('N7');
  await page.getByLabel('The bore is in').selectOption({ label: 'cast aluminium alloy' });
  await expect(page.getByText(/ring as it is: to \d+ °C; it drops in from \d+ °C/)).toBeVisible();

  const quick = page.getByRole('region', { name: 'Quick answers' });
  await quick.getByLabel(/^A figure with its unit/).fill('80 lb·ft');
  await expect(quick.getByText('108.47 N·m · 960 lb·in')).toBeVisible();
  await quick.getByLabel('Play found').fill('0.30');
  await quick.getByLabel('Play wanted').fill('0.14');
  await quick.getByLabel('Shims in').fill('1');
  await expect(quick.getByText('0.840 mm')).toBeVisible();
  await expect(quick.getByText('1.160 mm')).toBeVisible();
  await quick.getByLabel('Shims in').fill('0.1');
  await expect(quick.getByText(/not possible/)).toBeVisible();

  const sums = page.getByRole('region', { name: 'Sums of the bench' });
  await sums
    .getByLabel('What is to be worked out')
    .selectOption({ label: 'What a bush is reamed to' });
  for (const [label, text] of [
    ['Bore of the bush, pressed in', '24.95'],
    ['Journal, smallest place', '24.98'],
    ['Journal, largest place', '24.99'],
    ['Clearance, least', '0.03'],
    ['Clearance, most', '0.02'],
  ] as const)
    await sums.getByLabel(label).fill(text);
  await expect(sums.getByRole('alert')).toContainText('Expected');
  await sums.getByLabel('Clearance, most').fill('0.06');
  await expect(sums.getByText('25.020 mm')).toBeVisible();
  await expect(sums).toContainText('Ream it');
  await expectAccessible(page);
});
