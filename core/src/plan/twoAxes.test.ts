import { compilePlan } from './compilePlan.ts';
import { Bench, reel, complete } from './tests/planOf.ts';

describe('two axes whose play is set', () => {
  test('should prove both again under one cover when a pack goes in on one, and choose nothing on the other', () => {
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
    // They lie under the same cover: the play of the first rests on its bolts too.
    expect(opened).toContain('torque:bolts');
    expect(opened).toContain('prove:axis:endPlay');
    expect(opened).not.toContain('choosePack:shims');
  });
});
