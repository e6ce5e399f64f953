import { orderSubject } from './orderSubject.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { place } from './tests/settingBench.ts';

test('sizes should be ordered by the play as found, once its limits are entered and it is known which way a shim works', () => {
  const bench = new Bench(unitOf('coverShims'), 'overhaul');
  const subject = (one: Bench) => orderSubject(one.state, one.axis);
  expect(subject(bench)).toBeNull();
  expect(subject(bench.band('endPlay', 0.1, 0.18))).toBeNull();
  expect(subject(bench.run(0.3, 'endPlay', 'asFound'))).toMatchObject({
    site: { id: 'shims' },
    spec: { kind: 'endPlay' },
    verdict: { value: { mean: expect.closeTo(0.3, 6) } },
  });
  const anywhere = new Bench(place(unitOf('coverShims'), 'shims', { place: 'notKnown' }))
    .band('endPlay', 0.1, 0.18)
    .run(0.3, 'endPlay', 'asFound');
  expect(subject(anywhere)).toBeNull();
});
