import { nextAction } from './nextAction.ts';
import { jointQuestion } from './packQuestion.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';
import { STOCK } from './tests/settingBench.ts';

describe('sites on one shaft that depend on each other', () => {
  const measured = () =>
    new Bench(unitOf('retainedGear'))
      .band('endPlay', 0.1, 0.18)
      .band('sideClearance', 0.15, 0.25)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(0.5) } })
      .record({ type: 'PackRecorded', data: { siteId: 'sleeve-shims', pieces: piece(1) } })
      .run(0.42)
      .run(0.05, 'sideClearance');

  test('should be asked for together, the end float first', () => {
    const bench = measured();
    expect(bench.stage).toBe('choose');
    expect(jointQuestion(bench.state, bench.axis, STOCK)).toMatchObject({
      specs: [
        { id: 'endPlay', value: expect.closeTo(0.42, 9) },
        { id: 'sideClearance', value: expect.closeTo(0.05, 9) },
      ],
      sites: [
        { id: 'shims', gains: { endPlay: 1, sideClearance: 0 } },
        { id: 'sleeve-shims', gains: { endPlay: -1, sideClearance: 1 } },
      ],
    });
    expect(
      jointQuestion(
        new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18).state,
        bench.axis,
        STOCK,
      ),
    ).toBeNull();
  });

  test('should be fitted one by one, and both proven', () => {
    const bench = measured();
    for (const [siteId, thickness] of [
      ['shims', 0.37],
      ['sleeve-shims', 1.15],
    ] as const)
      bench.record({
        type: 'PackChosen',
        data: { siteId, runId: 'run1', pieces: piece(thickness) },
      });
    expect(bench.stage).toBe('fit');
    bench.pack('shims', 0.37);
    expect([bench.status('fitPack:shims'), bench.status('fitPack:sleeve-shims')]).toEqual([
      'done',
      'waiting',
    ]);
    bench.pack('sleeve-shims', 1.15);
    expect(bench.stage).toBe('prove');
    for (const stepId of ['prepare:bolts', 'torque:bolts'])
      bench.record({ type: 'StepDone', data: { stepId, note: '' } });
    bench.run(0.14, 'endPlay', 'final');
    expect([bench.status('prove:axis:endPlay'), bench.status('prove:axis:sideClearance')]).toEqual([
      'done',
      'ready',
    ]);
    expect(nextAction(bench.state)).toMatchObject({
      kind: 'startRun',
      spec: { kind: 'sideClearance' },
      stage: 'final',
    });
    bench.run(0.2, 'sideClearance', 'final');
    expect(bench.stage).toBe('proven');
  });
});
