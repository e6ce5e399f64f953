import { compilePlan } from './compilePlan.ts';
import { HABITS, Bench, reel, complete } from './tests/planOf.ts';

describe('what is found changes the plan', () => {
  const steps = (finding: Record<string, 'sound' | 'trackPitted' | 'spunInBore' | 'cracked'>) => {
    const bench = new Bench(complete(reel('crankcaseHalves', '6205', '6206')));
    bench.work('heat', { ...HABITS, findings: finding });
    return compilePlan(bench.state).steps.map(({ id }) => id);
  };

  test('should leave a sound bearing in, compare a new one, repair a bore it has turned in', () => {
    expect(steps({})).not.toContain('compare:bearing-left');
    expect(steps({ 'bearing-left': 'trackPitted' })).toContain('compare:bearing-left');
    const repaired = steps({ 'bearing-left': 'spunInBore' });
    expect(repaired).toContain('repair:bearing-left');
    expect(repaired.indexOf('repair:bearing-left')).toBeLessThan(
      repaired.indexOf('seatOuter:bearing-left'),
    );
    expect(repaired).toContain('compare:bearing-left'); // the ring in a repaired bore is looked at as any new one
  });

  test('should coat a ring with compound at the moment it goes in, cold, and heat nothing for it', () => {
    const bench = new Bench(complete(reel('crankcaseHalves', '6205', '6205')));
    const [before] = [compilePlan(bench.state).steps.map(({ id }) => id)];
    bench.record({
      type: 'InspectionDecided',
      data: { targetId: 'bearing-left', verdict: 'repair', repair: 'compound', reason: '' },
    });
    const { steps: after } = compilePlan(bench.state);
    expect(before).toContain('heat:half-left');
    expect(after.map(({ id }) => id)).not.toContain('heat:half-left');
    const step = (id: string) => after.find((one) => one.id === id)!;
    expect(step('repair:bearing-left').how).toMatch(/goes on when the ring goes in/);
    expect(step('seatOuter:bearing-left')).toMatchObject({
      how: expect.stringMatching(/^Coat both, cold/),
      cautions: ['compound'],
      reason: expect.not.stringMatching(/hot/),
    });
  });

  test('should repair a cracked half before anything is seated in either', () => {
    const order = steps({ 'half-left': 'cracked' });
    expect(order.indexOf('repairPart:half-left')).toBeLessThan(
      order.indexOf('seatOuter:bearing-right'),
    );
  });
});
