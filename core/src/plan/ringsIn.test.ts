import { compilePlan } from './compilePlan.ts';
import { Bench, unitOf } from './tests/bench.ts';

test('of two halves of which rings are renewed, one should be heated, filled and looked at before the other', () => {
  const renew = ['output-bearing-left', 'output-bearing-right'].map((stationId) => ({ stationId }));
  const { state } = new Bench(unitOf('crankGearbox'), 'renew').record({
    type: 'ScopeSet',
    data: { scope: 'renew', start: 'drained', renew },
  });
  const seated = compilePlan(state).steps.filter(({ rule }) =>
    ['heat', 'seatOuter', 'checkSeat'].includes(rule),
  );
  const parts = seated.map(({ partId }) => partId);
  expect(seated.map(({ rule }) => rule)).toEqual([
    ...['heat', 'seatOuter', 'checkSeat'],
    ...['heat', 'seatOuter', 'checkSeat'],
  ]);
  expect(new Set(parts.slice(0, 3)).size).toBe(1);
  expect(new Set(parts.slice(3)).size).toBe(1);
  expect(parts[0]).not.toBe(parts[3]);
});
