import { outOfReach } from './toolReach.ts';

test('a tool should read from where it begins to where it ends, and nothing at all by not moving', () => {
  const wrench = { least: 0.5, most: 6 };
  expect([0, 0.49, 0.5, 6, 6.01].map((torque) => outOfReach(wrench, torque))).toEqual([
    null,
    'below',
    null,
    null,
    'above',
  ]);
});
