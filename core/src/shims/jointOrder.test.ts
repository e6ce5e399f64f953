import { jointOrder } from './jointOrder.ts';
import { jointPacks } from './jointPacks.ts';
import type { JointQuestion } from './jointQuestion.ts';
import { size } from './tests/stockOf.ts';

/** A carrier: both sides move the play, and the backlash each its own way. */
const CARRIER: JointQuestion = {
  specs: [
    {
      id: 'endPlay',
      value: 0.1,
      uncertainty: 0.002,
      degreesOfFreedom: null,
      band: { lower: -0.12, upper: -0.04, target: null },
    },
    {
      id: 'backlash',
      value: 0.3,
      uncertainty: 0.004,
      degreesOfFreedom: null,
      band: { lower: 0.1, upper: 0.18, target: null },
    },
  ],
  sites: [
    { id: 'gear', thickness: 1.5, uncertainty: 0.001, gains: { endPlay: -1, backlash: -0.35 } },
    { id: 'other', thickness: 1.5, uncertainty: 0.001, gains: { endPlay: -1, backlash: 0.35 } },
  ],
  stock: [size(1.5, 2), size(1.4, 2), size(1, 2)],
  mostPieces: 1,
};
// Worked by hand: both together 0.18 thicker, and their difference moves the backlash by 0.16.
const GEAR = 1.5 + (0.18 + 0.16 / 0.35) / 2;
const OTHER = 1.5 + (0.18 - 0.16 / 0.35) / 2;

describe('what to get for several sites', () => {
  test('should be a piece for each where the box has neither', () => {
    expect(jointPacks(CARRIER).status).toBe('nothingFits');
    expect(jointOrder(CARRIER)).toEqual([
      { siteId: 'gear', thickness: Number(GEAR.toFixed(2)) },
      { siteId: 'other', thickness: Number(OTHER.toFixed(2)) },
    ]);
  });

  test('should be the one piece that is missing, at the site that misses it', () => {
    const stock = [...CARRIER.stock, size(1.36, 1)];
    const order = jointOrder({ ...CARRIER, stock })!;
    expect(order).toEqual([{ siteId: 'gear', thickness: Number(GEAR.toFixed(2)) }]);
    const bought = [...stock, { ...size(order[0]!.thickness, 1), id: 'bought' }];
    expect(jointPacks({ ...CARRIER, stock: bought }).status).toBe('found');
  });

  test('should be nothing where the box does, or where no piece would', () => {
    const both = [size(Number(GEAR.toFixed(2)), 1), size(Number(OTHER.toFixed(2)), 1)];
    expect(jointOrder({ ...CARRIER, stock: both })).toBeNull();
    const unsure = CARRIER.specs.map((spec) => ({ ...spec, uncertainty: 0.05 }));
    expect(jointOrder({ ...CARRIER, specs: unsure })).toBeNull();
  });

  test('should keep a piece that is to be got at its own site', () => {
    const here = CARRIER.sites.map((site) => ({ ...site, sizes: ['s1.5', 's1.4'] }));
    expect(jointOrder({ ...CARRIER, sites: here })!.map(({ siteId }) => siteId)).toEqual([
      'gear',
      'other',
    ]);
  });
});
