import { currentRun, playVerdict } from './playProgress.ts';
import { builtPlay } from './builtPlay.ts';
import { learnedAt } from './learnedAt.ts';
import { packQuestion } from './packQuestion.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';
import { STOCK } from './tests/settingBench.ts';

describe('what the builds of a place have said', () => {
  const built = (...plays: readonly number[]) => {
    const bench = new Bench(unitOf('coverShims'))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } });
    plays.forEach((play, at) => {
      if (at > 0) bench.pack('shims', PACKS[at]!);
      bench.run(play);
    });
    return bench;
  };
  const PACKS = [1, 0.74, 0.78];
  const site = (bench: Bench) => bench.axis.stations.find(({ id }) => id === 'shims')!;
  const learned = (bench: Bench) => {
    const play = builtPlay(bench.state, bench.axis, 'endPlay')!;
    return { ...play, ...learnedAt(play, site(bench)) };
  };
  const asked = (bench: Bench, run = currentRun(bench.state, 'endPlay')!) =>
    packQuestion(
      bench.state,
      { run, verdict: playVerdict(bench.state, 'endPlay')! },
      site(bench),
      STOCK,
    );

  test('should be what is usual after the first build, and what was seen after more', () => {
    expect(learned(built(0.4))).toMatchObject({
      builds: 1,
      gain: 1,
      value: expect.closeTo(0.4, 9),
      misfit: null,
    });
    // 0.26 mm off the pack took only 0.245 off the play: the place gives less than its thickness.
    const second = learned(built(0.4, 0.155));
    expect(second.builds).toBe(2);
    expect(second.gain).toBeLessThan(0.99);
    expect(second.gain).toBeGreaterThan(0.93);
    expect(asked(built(0.4, 0.155))).toMatchObject({ gain: second.gain });
  });

  test('should trust an exact place more with each build that agrees', () => {
    const [one, three] = [learned(built(0.4)), learned(built(0.4, 0.14, 0.18))];
    expect(three.scatter.value).toBeLessThan(one.scatter.value);
    expect(three.gainUncertainty).toBeLessThan(one.gainUncertainty);
    expect(Math.hypot(three.uncertainty, three.scatter.value)).toBeLessThan(
      Math.hypot(one.uncertainty, one.scatter.value),
    );
  });

  test('should go by the last build alone where they do not agree, and say so', () => {
    const bench = built(0.4, 0.25, 0.15);
    expect(learned(bench)).toMatchObject({
      misfit: expect.closeTo(0.1, 1),
      gain: 1,
      value: expect.closeTo(0.15, 9),
    });
    expect(asked(bench)!.endPlay.value).toBeCloseTo(0.15, 9);
  });

  test('should count a build that was measured again once, by its last run', () => {
    const bench = built(0.4, 0.14);
    bench.run(0.142).run(0.141);
    expect(learned(bench)).toMatchObject({ builds: 2 });
    expect(learned(bench).scatter.value).toBeCloseTo(learned(built(0.4, 0.141)).scatter.value, 9);
  });

  test('should leave a build out whose pack nobody recorded', () => {
    const bench = new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18).run(0.4);
    bench.record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(0.7) } }).run(0.15);
    expect(learned(bench)).toMatchObject({ builds: 1, misfit: null });
  });

  test('should choose no pack by a run that is not of what is in place', () => {
    const bench = built(0.4, 0.14);
    expect(asked(bench)).not.toBeNull();
    expect(asked(bench, bench.state.measured.runs[0])).toBeNull();
  });
});
