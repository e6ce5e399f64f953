import { gainAt } from './gains.ts';
import { packQuestion } from './packQuestion.ts';
import { currentRun, playVerdict } from './playProgress.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';
import { STOCK, place } from './tests/settingBench.ts';

describe('a gain that nobody knows', () => {
  const unknown = () =>
    new Bench(place(unitOf('coverShims'), 'shims', { place: 'notKnown' }))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } });
  const gain = (bench: Bench) =>
    gainAt(
      bench.state,
      bench.axis,
      bench.axis.stations.find(({ id }) => id === 'shims')!,
      'endPlay',
    );

  test('should be found by two trial builds, and not guessed from one', () => {
    const bench = unknown();
    expect(gain(bench)).toEqual({ status: 'needsTrials', trials: 0 });
    bench.run(0.4);
    expect(gain(bench)).toEqual({ status: 'needsTrials', trials: 1 });
    expect(
      packQuestion(
        bench.state,
        {
          run: currentRun(bench.state, 'endPlay')!,
          verdict: playVerdict(bench.state, 'endPlay')!,
        },
        bench.axis.stations.find(({ id }) => id === 'shims')!,
        STOCK,
      ),
    ).toBeNull();
    bench.pack('shims', 0.8, true);
    expect(bench.stage).toBe('measure');
    bench.run(0.2);
    expect(gain(bench)).toEqual({ status: 'known', value: 1, uncertainty: 0, by: 'twoTrials' });
    expect(bench.stage).toBe('choose');
    expect(
      packQuestion(
        bench.state,
        {
          run: currentRun(bench.state, 'endPlay')!,
          verdict: playVerdict(bench.state, 'endPlay')!,
        },
        bench.axis.stations.find(({ id }) => id === 'shims')!,
        STOCK,
      ),
    ).toMatchObject({ gain: expect.closeTo(1, 9), packInPlace: { thickness: 0.8 } });
  });

  test('should be what was measured where that is no whole one, with its uncertainty', () => {
    const bench = unknown().run(0.4).pack('shims', 0.8, true).run(0.3);
    expect(gain(bench)).toMatchObject({
      status: 'known',
      value: expect.closeTo(0.5, 9),
      by: 'twoTrials',
    });
  });

  test('should be refused where the pack does nothing, or more than it can', () => {
    expect(gain(unknown().run(0.4).pack('shims', 0.8, true).run(0.4))).toMatchObject({
      status: 'refused',
      fault: { field: 'gain', wanted: { id: 'gainSeen' } },
    });
    expect(gain(unknown().run(0.4).pack('shims', 0.9, true).run(0.1))).toMatchObject({
      status: 'refused',
      fault: { field: 'trials[1].endPlay', wanted: { id: 'playMovesWithPack' } },
    });
  });
});
