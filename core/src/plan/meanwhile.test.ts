import { findStation } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { meanwhile } from './meanwhile.ts';
import { openAtClose } from './openAtClose.ts';
import { ovenSeats } from './ovenSeats.ts';
import { HALVES } from './tests/halvesBench.ts';
import { Bench, reel } from './tests/planOf.ts';

describe('what can go on while a part is in the oven', () => {
  test('should be done on neither the part nor what goes into it, at every stage of a job', () => {
    const bench = new Bench(HALVES);
    const part = HALVES.parts.find(({ id }) => id === 'half-left')!;
    const offered = new Set<string>();
    for (const until of ['setSpec', 'inspect', 'seatOuter', 'finish']) {
      bench.work(until);
      const plan = compilePlan(bench.state);
      const step = meanwhile(bench.state, plan, part);
      if (step === null) continue;
      offered.add(step.id);
      expect(['ready', 'missing']).toContain(step.status);
      const station = findStation(HALVES, step.stationId ?? '')?.station;
      expect(station?.partId).not.toBe(part.id);
      expect(ovenSeats(bench.state, part.id).map(({ id }) => id)).not.toContain(station?.id);
    }
    expect(offered.size).toBeGreaterThan(0);
  });

  test('should be nothing where everything waits for it', () => {
    const bench = new Bench(HALVES);
    const plan = { ...compilePlan(bench.state), steps: [] };
    expect(meanwhile(bench.state, plan, HALVES.parts[0]!)).toBeNull();
  });
});

describe('what a job is closed without', () => {
  test('should be all that is not done, set aside or known, and nothing once it is', () => {
    const bench = new Bench(reel('coverShims'));
    const before = openAtClose(bench.state, compilePlan(bench.state));
    const steps = compilePlan(bench.state).steps.filter(({ form }) => form !== 'finish');
    expect(before.notDone).toHaveLength(steps.length);
    expect(before.unknown.length).toBeGreaterThan(0);
    expect(new Set(before.unknown).size).toBe(before.unknown.length);
    bench.work('clean');
    const { next } = compilePlan(bench.state);
    bench.record({
      type: 'StepSetAside',
      data: { stepId: next!.id, reason: 'done last week' },
    });
    const after = openAtClose(bench.state, compilePlan(bench.state));
    expect(after.setAside).toEqual([
      { id: next!.id, title: next!.title, reason: 'done last week' },
    ]);
    expect(after.notDone.map(({ id }) => id)).not.toContain(next!.id);
  });
});
