import { compilePlan } from './compilePlan.ts';
import { HABITS, Bench, reel, complete } from './tests/planOf.ts';

describe('an axis whose play nothing sets', () => {
  test('should not take a play out of band for proven', () => {
    const unit = complete(reel('thrustWasher'));
    const [axis] = unit.axes;
    const bare = {
      ...unit,
      axes: [{ ...axis!, stations: axis!.stations.filter(({ kind }) => kind !== 'shimSite') }],
    };
    const bench = new Bench(bare, 'setPlay');
    bench.record({
      type: 'SpecSet',
      data: {
        specId: 's',
        axisId: 'axis',
        kind: 'endPlay',
        band: { lower: 0.1, upper: 0.18, target: null },
        source: '',
      },
    });
    const next = () => compilePlan(bench.state).next?.rule;
    expect(next()).toBe('measure');
    for (const [runId, play] of [
      ['r1', 0.4],
      ['r2', 0.14],
    ] as const) {
      bench.record({
        type: 'RunOpened',
        data: {
          runId,
          specId: 's',
          stage: 'trial',
          instrument: HABITS.instrument,
          indicator: { contact: 'lever', angle: 0 },
          shaftHeld: true,
        },
      });
      for (const value of [0, play, 0, 0, play, 0, 0, play, 0])
        bench.record({
          type: 'ReadingTaken',
          data: { runId, value, typed: null, device: null, position: null },
        });
      bench.record({ type: 'RunClosed', data: { runId } });
      expect(next()).toBe(play === 0.4 ? 'prove' : 'finish');
    }
  });
});
