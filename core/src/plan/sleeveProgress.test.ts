import { Bench, DIAL, unitOf } from './tests/bench.ts';
import { playDoubts } from './playDoubts.ts';
import { playVerdict } from './playProgress.ts';
import { closingProgress, isCrushed } from './sleeveProgress.ts';
import { sets } from './tests/settingBench.ts';

describe('a hub on a sleeve without preload', () => {
  test('should be crushed until its play lies in the band, and a new sleeve begins anew', () => {
    const bench = new Bench(sets(unitOf('pinionSleeve'), 'endPlay'), 'overhaul').band(
      'endPlay',
      0,
      0.03,
    );
    const read = (angle: number, play: number) =>
      bench.record({
        type: 'ClosingRead',
        data: { stationId: 'sleeve', angle, play, typed: null, instrument: DIAL },
      });
    expect(closingProgress(bench.state, bench.axis)).toBeNull();
    read(0, 0.2);
    read(40, 0.12);
    expect(closingProgress(bench.state, bench.axis)).toMatchObject({
      status: 'forecast',
      toUpper: { likely: expect.closeTo(92.5, 6) },
    });
    read(80, 0.04);
    expect(isCrushed(bench.state, bench.axis)).toBe(false);
    read(95, 0.01);
    expect(isCrushed(bench.state, bench.axis)).toBe(true);
    expect(bench.status('crush:sleeve')).toBe('done');
    read(60, 0.1);
    expect(bench.state.log.ignored.at(-1)!.reason).toContain('never backed off');
    bench.record({ type: 'SleeveRenewed', data: { stationId: 'sleeve', reason: 'scrap' } });
    expect(closingProgress(bench.state, bench.axis)).toBeNull();
    bench.record({
      type: 'ClosingRead',
      data: { stationId: 'nut', angle: 0, play: 0, typed: null, instrument: DIAL },
    });
    expect(bench.state.log.ignored.at(-1)!.reason).toBe('no sleeve nut');
  });

  test('should be proven at zero from one side: nothing below it can be read, and turning it tells the rest', () => {
    const hub = new Bench(sets(unitOf('pinionSleeve'), 'endPlay'), 'overhaul')
      .band('endPlay', 0, 0.03)
      .run(0.005, 'endPlay', 'final');
    const verdict = playVerdict(hub.state, 'endPlay')!;
    expect(verdict.decision.word).toBe('conforms');
    const none = hub.run(0, 'endPlay', 'final');
    const run = none.state.measured.runs.at(-1)!;
    const zero = playVerdict(none.state, 'endPlay')!;
    expect(zero.decision.word).toBe('conforms');
    expect(playDoubts(none.state, none.axis, run, zero).map(({ id }) => id)).toContain(
      'noneAsWanted',
    );
    const wide = new Bench(sets(unitOf('pinionSleeve'), 'endPlay'), 'overhaul')
      .band('endPlay', 0, 0.03)
      .run(0.08, 'endPlay', 'final');
    expect(playVerdict(wide.state, 'endPlay')!.decision).toMatchObject({
      word: 'doesNotConform',
      limit: 'upper',
    });
    // Where a pack sets it, zero is a limit like any other.
    const pack = new Bench(unitOf('coverShims')).band('endPlay', 0, 0.03).run(0);
    expect(playVerdict(pack.state, 'endPlay')!.decision.word).toBe('cannotDecide');
  });
});
