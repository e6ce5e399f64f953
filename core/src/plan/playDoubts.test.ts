import { playDoubts } from './playDoubts.ts';
import { playVerdict } from './playProgress.ts';
import { Bench, DIAL, piece, unitOf } from './tests/bench.ts';
import { place } from './tests/settingBench.ts';

describe('readings that agree with themselves and lie', () => {
  const base = () =>
    new Bench(unitOf('coverShims'))
      .band('endPlay', 0.1, 0.18)
      .record({ type: 'PackRecorded', data: { siteId: 'shims', pieces: piece(1) } })
      .run(0.3)
      .pack('shims', 0.84);
  const doubts = (bench: Bench) => {
    const run = bench.state.measured.runs.at(-1)!;
    return playDoubts(bench.state, bench.axis, run, playVerdict(bench.state, 'endPlay')!).map(
      ({ id }) => id,
    );
  };

  test('should be believed where the change of the pack explains them', () => {
    expect(doubts(base().run(0.14, 'endPlay', 'final'))).toEqual([]);
    expect(doubts(base().run(0.2, 'endPlay', 'final'))).toEqual([]);
  });

  test.each([
    ['a cover held apart', 0.3, 'heldApart'],
    ['a shaft that tips', 0.6, 'tips'],
    ['a thousandth taken for a millimetre', 3.56, 'unitSlip'],
    ['a millimetre taken for a thousandth', 0.0056, 'unitSlip'],
  ])('should be doubted: %s', (_, play, id) => {
    expect(doubts(base().run(play, 'endPlay', 'final'))).toContain(id);
  });

  test('should be doubted where play went without a reason, or none is left to read', () => {
    expect(doubts(base().run(0.03, 'endPlay', 'final'))).toEqual(['bound']);
    expect(doubts(base().run(0, 'endPlay', 'final'))).toContain('none');
  });

  test('should be held against nothing where nothing is known to compare them with', () => {
    const bare = (scope: 'setPlay' | 'overhaul' = 'setPlay') =>
      new Bench(unitOf('coverShims'), scope).band('endPlay', 0.1, 0.18);
    expect(doubts(bare().run(0.14))).toEqual([]);
    // Bearings that were renewed since: their play says nothing of the new ones.
    expect(doubts(bare('overhaul').run(0.9, 'endPlay', 'asFound').run(0.14))).toEqual([]);
    expect(doubts(bare().run(0.9, 'endPlay', 'asFound').run(0.14))).toEqual(['bound']);
    // How the pack moves the play is not known.
    const anywhere = new Bench(place(unitOf('coverShims'), 'shims', { place: 'notKnown' })).band(
      'endPlay',
      0.1,
      0.18,
    );
    expect(doubts(anywhere.pack('shims', 1).run(0.3).pack('shims', 0.84).run(0.9))).toEqual([]);
  });

  test('should be held against the run before where no pack was recorded, and the same one is taken to be in', () => {
    const bare = () => new Bench(unitOf('coverShims')).band('endPlay', 0.1, 0.18).run(0.3);
    expect(doubts(bare().run(0.31))).toEqual([]);
    expect(doubts(bare().run(0.6))).toEqual(['heldApart']);
    expect(doubts(bare().pack('shims', 0.84).run(0.6))).toEqual(['heldApart']);
  });

  test('should be doubted without a play also where the band is open', () => {
    const open = new Bench(unitOf('coverShims')).record({
      type: 'SpecSet',
      data: {
        specId: 'endPlay',
        axisId: 'axis',
        kind: 'endPlay',
        band: { lower: null, upper: 0.18, target: null },
        source: 'book',
      },
    });
    expect(doubts(open.run(0))).toEqual(['none']);
  });

  test('should be doubted where they follow the angle by more than half of the band', () => {
    const bench = base();
    bench.record({
      type: 'RunOpened',
      data: {
        runId: 'angle',
        specId: 'endPlay',
        stage: 'final',
        instrument: DIAL,
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        shaftHeld: true,
      },
    });
    for (const [play, position] of [
      [0.1, 0],
      [0.16, 120],
      [0.13, 240],
      [0.1, 0],
      [0.16, 120],
      [0.13, 240],
    ] as const)
      for (const value of [0, play, 0])
        bench.record({
          type: 'ReadingTaken',
          data: { runId: 'angle', value, typed: null, device: null, position },
        });
    bench.record({ type: 'RunClosed', data: { runId: 'angle' } });
    expect(doubts(bench)).toContain('followsAngle');
  });
});
