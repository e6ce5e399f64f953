import { expectedReading } from './expectedReading.ts';
import { nextAction } from './nextAction.ts';
import { Bench, DIAL, unitOf } from './tests/bench.ts';

describe('what the lift of a cycle is expected to read', () => {
  const expected = (bench: Bench) => {
    const action = nextAction(bench.state);
    if (action.kind !== 'takeReading' && action.kind !== 'acceptRun') throw new Error(action.kind);
    return expectedReading(bench.state, action, bench.state.specs[0]!);
  };
  const open = (
    runId: string,
    bench = new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18),
  ) =>
    bench.record({
      type: 'RunOpened',
      data: {
        runId,
        specId: 'endPlay',
        stage: 'trial',
        instrument: DIAL,
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        shaftHeld: true,
      },
    });
  const read = (bench: Bench, runId: string, ...values: readonly number[]) =>
    values.reduce(
      (log, value) =>
        log.record({
          type: 'ReadingTaken',
          data: { runId, value, typed: null, device: null, position: null },
        }),
      bench,
    );
  const about = (least: number, most: number) => ({
    least: expect.closeTo(least, 9),
    most: expect.closeTo(most, 9),
  });

  test('should be nothing for the zero and the return, and the band with room beside it at first', () => {
    const bench = open('a');
    expect(expected(bench)).toBeNull();
    expect(expected(read(bench, 'a', 0.4))).toEqual(about(0.45, 0.76));
    expect(expected(read(bench, 'a', 0.54))).toBeNull();
  });

  test('should be the play of the cycles before, else of the last run', () => {
    const bench = read(open('a'), 'a', 0, 0.3, 0, 0.1);
    expect(expected(bench)).toEqual(about(0.25, 0.7));
    const after = read(
      open('b', new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18).run(0.5)),
      'b',
      0,
    );
    expect(expected(after)).toEqual(about(0.25, 1));
  });

  test('should not be the play as found once the bearings are new, where only the play is set it should', () => {
    const found = (scope: 'setPlay' | 'overhaul') =>
      new Bench(unitOf('coverShims'), scope)
        .band('endPlay', 0.1, 0.18)
        .run(0.02, 'endPlay', 'asFound');
    expect(expected(read(open('b', found('overhaul')), 'b', 0))).toEqual(about(0.05, 0.36));
    expect(expected(read(open('b', found('setPlay')), 'b', 0))).toEqual(about(0.01, 0.04));
  });

  test('should be nothing where a verdict waits, or the band has no play in it', () => {
    expect(expected(read(open('a'), 'a', 0, 0.14, 0, 0, 0.14, 0, 0, 0.14, 0))).toBeNull();
    const preload = read(
      open('a', new Bench(unitOf('coverShims')).band('endPlay', -0.1, -0.05)),
      'a',
      0,
    );
    expect(expected(preload)).toBeNull();
  });
});
