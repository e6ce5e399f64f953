import { orderSizes } from '@wendaxis/core/odds';

import { gradedSizes, orderQuestion } from './orderEntry.ts';

describe('a list of sizes to order from', () => {
  test('should be every step from the first to the last', () => {
    expect(gradedSizes(0.1, 0.3, 0.05)!.map(({ thickness }) => thickness)).toEqual([
      0.1, 0.15, 0.2, 0.25, 0.3,
    ]);
  });
  test.each([
    [0, 1, 0.1],
    [1, 0.5, 0.1],
    [0.1, 10, 0.05],
    [0.1, 1, 0],
    [0.1, 30, 1],
  ])('should be none from %d to %d in steps of %d', (from, to, step) => {
    expect(gradedSizes(from, to, step)).toBeNull();
  });
});

test('what to order should rest on the pack as found, or on the described one with less trust', () => {
  const site = { id: 's', place: 'underCoverFlange', width: 1 };
  const known = (foundPacks: object) =>
    orderQuestion({
      state: { setting: { foundPacks } },
      axis: { arrangement: 'faceToFace' },
      subject: {
        site,
        spec: { band: { lower: 0.1, upper: 0.2, target: null } },
        verdict: { value: { mean: 0.3, uncertainty: { standard: 0.004 } } },
      },
      stock: [],
      sizes: gradedSizes(0.5, 1.2, 0.05),
      changedParts: 0.03,
      mostPieces: 1,
    } as never);
  expect(known({}).packInPlace).toEqual({ thickness: 1, uncertainty: 0.02 });
  const found = known({
    s: { pieces: [{ sizeId: 'a', thickness: 1.1, quantity: 1, uncertainty: 0.001 }] },
  });
  expect(found.packInPlace).toEqual({ thickness: 1.1, uncertainty: 0.001 });
  expect(orderSizes(found)).toMatchObject({ reached: true, wanted: expect.closeTo(0.95, 9) });
});
