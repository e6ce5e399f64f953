import { shimFor } from './shimFor.ts';

test('the shim that a play asks for, whichever way a shim works', () => {
  // 0.30 of play, 0.14 wanted, 1.00 in: 0.16 to take away.
  const { thickerMore, thickerLess } = shimFor(0.3, 0.14, 1);
  expect(thickerMore).toBeCloseTo(0.84, 12);
  expect(thickerLess).toBeCloseTo(1.16, 12);
  expect(shimFor(0.1, 0.1, 0.5)).toEqual({ thickerMore: 0.5, thickerLess: 0.5 });
  expect(shimFor(0.9, 0.1, 0.5).thickerMore).toBeLessThan(0);
});
