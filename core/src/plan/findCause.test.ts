import { compilePlan } from './compilePlan.ts';
import { Bench, complete, reel } from './tests/planOf.ts';

test('to find the cause is to strip, to look, and to write down; nothing is fitted', () => {
  const bench = new Bench(complete(reel('coverShims')), 'findCause');
  const { steps } = compilePlan(bench.state);
  expect(new Set(steps.map(({ phase }) => phase))).toEqual(
    new Set(['bookIn', 'strip', 'inspect', 'record']),
  );
  expect(steps.map(({ rule }) => rule)).toContain('inspect');
  bench.work();
  expect(compilePlan(bench.state).behind).toBe(steps.length);
});
