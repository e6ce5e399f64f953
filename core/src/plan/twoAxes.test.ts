import { compilePlan } from './compilePlan.ts';
import { Bench, reel, complete } from './tests/planOf.ts';

describe('two axes whose play is set', () => {
  test('should keep one proven while a pack goes in on the other', () => {
    const unit = complete(reel('coverShims'));
    const second = {
      ...unit.axes[0]!,
      id: 'second',
      name: 'Second',
      stations: unit.axes[0]!.stations.map((station) => ({
        ...station,
        id: `second-${station.id}`,
      })),
    };
    const bench = new Bench({ ...unit, axes: [...unit.axes, second] }, 'setPlay').work('finish');
    const open = () =>
      compilePlan(bench.state)
        .steps.filter(({ status }) => status !== 'done')
        .map(({ id }) => id);
    expect(open()).toEqual(['finish']);
    bench.record({
      type: 'PackFitted',
      data: { siteId: 'second-shims', pieces: bench.state.setting.packs['second-shims']!.pieces },
    });
    const opened = open();
    expect(opened).toContain('torque:second-bolts');
    expect(opened).toContain('prove:second:endPlay');
    expect(opened).not.toContain('prove:axis:endPlay');
    expect(opened).toContain('torque:bolts'); // they hold the same cover
  });
});
