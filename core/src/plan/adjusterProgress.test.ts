import { adjusterProgress } from './adjusterProgress.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { place, sets } from './tests/settingBench.ts';

describe('threaded adjusters in a job', () => {
  test('should be turned by whole notches from the measured play, and measured again', () => {
    const unit = place(sets(unitOf('carrierAdjusters'), 'endPlay'), 'adjuster-left', {
      lead: 1.5,
      notches: 30,
    });
    const bench = new Bench(unit).band('endPlay', 0.02, 0.1);
    expect(adjusterProgress(bench.state, bench.axis)).toBeNull();
    bench.run(0.21);
    expect(bench.stage).toBe('choose');
    expect(adjusterProgress(bench.state, bench.axis)).toMatchObject({
      notches: 3,
      direction: 'clockwise',
      expectedPlay: expect.closeTo(0.06, 9),
    });
    bench.record({ type: 'AdjusterTurned', data: { stationId: 'adjuster-left', angle: 36 } });
    expect(bench.stage).toBe('prove');
    expect(bench.state.setting.turned).toEqual({ 'adjuster-left': 36 });
    bench.run(0.06, 'endPlay', 'final');
    expect(bench.stage).toBe('proven');
    bench.record({ type: 'AdjusterTurned', data: { stationId: 'adjuster-left', angle: 1e6 } });
    expect(bench.state.log.ignored[0]!.reason).toContain('angle');
  });
});
