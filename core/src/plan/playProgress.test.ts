import { packQuestion } from './packQuestion.ts';
import { currentRun, playVerdict } from './playProgress.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';

const STOCK = [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.5, 1].map((thickness) => ({
  id: `s${thickness}`,
  thickness,
  count: 4,
  uncertainty: 0.001,
}));

describe('what differs between trial and final build', () => {
  test('should be added to the play that was measured, and want a proof of its own', () => {
    const bench = new Bench(unitOf('coverShims'))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } })
      .run(0.14);
    expect(bench.stage).toBe('proven');
    bench.record({
      type: 'PlayTermSet',
      data: {
        axisId: 'axis',
        termId: 't',
        name: 'paper',
        term: { kind: 'gasket', trial: 0, final: 0.2, uncertainty: 0.005 },
        clamp: null,
      },
    });
    expect(bench.stage).toBe('choose');
    const site = bench.axis.stations.find(({ id }) => id === 'shims')!;
    const measured = {
      run: currentRun(bench.state, 'endPlay')!,
      verdict: playVerdict(bench.state, 'endPlay')!,
    };
    const question = packQuestion(bench.state, measured, site, STOCK)!;
    expect(question.endPlay.value).toBeCloseTo(0.34, 9);
    expect(question.endPlay.uncertainty).toBeGreaterThan(0.005);
    bench.pack('shims', 0.8);
    bench.record({ type: 'StepDone', data: { stepId: 'torque:bolts', note: '' } });
    bench.run(0.14, 'endPlay', 'final');
    expect(bench.stage).toBe('proven');
    bench
      .record({ type: 'PlayTermRemoved', data: { termId: 't' } })
      .record({ type: 'PlayTermRemoved', data: { termId: 't' } });
    expect(bench.state.log.ignored.map(({ reason }) => reason)).toEqual(['no term t']);
  });
});
