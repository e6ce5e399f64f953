import { spacerProgress } from './spacerProgress.ts';
import { Bench, unitOf } from './tests/bench.ts';
import { sets } from './tests/settingBench.ts';

describe('a solid spacer in a job', () => {
  const pinion = () =>
    new Bench(unitOf('pinionSolid'), 'overhaul').band('rollingTorque', 0.7, 1.1).record({
      type: 'SpecSet',
      data: {
        specId: 'rollingTorque',
        axisId: 'axis',
        kind: 'rollingTorque',
        band: { lower: 0.7, upper: 1.1, target: null },
        source: 'book',
        sealDrag: 'included',
      },
    });

  test('should go from felt trials to measured ones, and be cut in two goes', () => {
    const bench = pinion();
    expect(spacerProgress(bench.state, bench.axis)).toMatchObject({
      inPlace: null,
      answer: { status: 'needs', what: 'aTrial' },
    });
    bench
      .spacer(59)
      .record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'loose', play: 0.06 } });
    expect(spacerProgress(bench.state, bench.axis)).toMatchObject({
      answer: { basis: 'zeroPlay', wanted: expect.closeTo(58.94, 9) },
      cut: { from: 59, rest: true },
    });
    bench.spacer(58.86).torque(1.6).torque(1.6);
    const progress = spacerProgress(bench.state, bench.axis)!;
    expect(progress.answer).toMatchObject({ status: 'known', basis: 'torque' });
    if (progress.answer?.status !== 'known') throw new Error('unknown');
    expect(progress.answer.wanted).toBeGreaterThan(58.88);
    expect(progress.answer.wanted).toBeLessThan(58.91);
    // The one in place is too short: the other that was tried is turned down, while there is one.
    expect(progress.cut).toMatchObject({ from: 59 });
    expect(bench.status('chooseSpacer:spacer')).not.toBe('done');
    bench.spacer(58.895, false);
    expect(bench.status('chooseSpacer:spacer')).toBe('done');
    bench.torque(2, { stage: 'final' }).torque(2, { stage: 'final' });
    expect(bench.status('chooseSpacer:spacer')).not.toBe('done');
  });

  test('should take nothing off a spacer that was turned down itself, and leave one that is right', () => {
    const bench = pinion()
      .spacer(59)
      .record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'loose', play: 0.06 } })
      .record({
        type: 'SpacerFitted',
        data: { stationId: 'spacer', length: 58.86, uncertainty: 0.001, trial: true, cutFrom: 59 },
      })
      .torque(1.6)
      .torque(1.6);
    const cut = spacerProgress(bench.state, bench.axis)!;
    expect(cut.answer).toMatchObject({ status: 'known', basis: 'torque' });
    expect(cut).toMatchObject({ cut: null, isRight: false });
    bench.record({
      type: 'SpacersListed',
      data: { stationId: 'spacer', spacers: [{ id: 'a', length: 59.2, uncertainty: 0.001 }] },
    });
    expect(spacerProgress(bench.state, bench.axis)!.cut).toMatchObject({ from: 59.2 });
    const byPlay = new Bench(sets(unitOf('pinionSolid'), 'endPlay'))
      .band('endPlay', -0.06, -0.02)
      .spacer(59)
      .run(0.1);
    expect(spacerProgress(byPlay.state, byPlay.axis)).toMatchObject({
      cut: { from: 59 },
      isRight: false,
    });
    byPlay.spacer(58.862, false);
    expect(spacerProgress(byPlay.state, byPlay.axis)).toMatchObject({ cut: null, isRight: true });
  });

  test('should rank the shelf, and say why trials contradict each other', () => {
    const bench = new Bench(sets(unitOf('pinionSolid'), 'endPlay'))
      .band('endPlay', -0.06, -0.02)
      .spacer(59)
      .run(0.1);
    expect(bench.stage).toBe('choose');
    bench.record({
      type: 'SpacersListed',
      data: {
        stationId: 'spacer',
        spacers: [
          { id: 'a', length: 58.9, uncertainty: 0.001 },
          { id: 'b', length: 58.862, uncertainty: 0.001 },
          { id: 'c', length: 58.8, uncertainty: 0.001 },
        ],
      },
    });
    expect(spacerProgress(bench.state, bench.axis)!.shelf.map(({ id, use }) => [id, use])).toEqual([
      ['b', 'fits'],
      ['a', 'turn'],
      ['c', 'short'],
    ]);
    bench.spacer(58.862, false);
    expect(bench.stage).toBe('proven');
    const torn = new Bench(sets(unitOf('pinionSolid'), 'endPlay'))
      .band('endPlay', -0.06, -0.02)
      .spacer(59)
      .run(0.1)
      .spacer(58.9)
      .run(0.1);
    expect(spacerProgress(torn.state, torn.axis)!.answer).toMatchObject({
      status: 'refused',
      fault: { wanted: { id: 'spacerMovesPlay', length: expect.any(Number) } },
    });
  });

  test('should be no setter where shims, a sleeve or an adjuster set the axis', () => {
    for (const template of ['pinionSleeve', 'coneSpacerShims', 'carrierAdjusters'] as const) {
      const bench = new Bench(unitOf(template));
      expect(spacerProgress(bench.state, bench.axis)).toBeNull();
    }
  });

  test('should be asked for a band first, and list its shelf unranked until a length is known', () => {
    const bench = new Bench(unitOf('pinionSolid'), 'overhaul').spacer(59).record({
      type: 'SpacersListed',
      data: { stationId: 'spacer', spacers: [{ id: 'a', length: 58.9, uncertainty: 0.001 }] },
    });
    expect(spacerProgress(bench.state, bench.axis)).toMatchObject({
      inPlace: 59,
      target: null,
      answer: null,
      cut: null,
      shelf: [{ id: 'a', off: 0, use: 'turn' }],
    });
  });

  test('should rank a shelf by zero play only into those to turn down and those that preload', () => {
    const bench = pinion()
      .spacer(59)
      .record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'loose', play: 0.06 } })
      .record({
        type: 'SpacersListed',
        data: {
          stationId: 'spacer',
          spacers: [
            { id: 'long', length: 58.98, uncertainty: 0.001 },
            { id: 'near', length: 58.93, uncertainty: 0.001 },
            { id: 'far', length: 58.8, uncertainty: 0.001 },
          ],
        },
      });
    expect(spacerProgress(bench.state, bench.axis)!.shelf.map(({ id, use }) => [id, use])).toEqual([
      ['near', 'preload'],
      ['far', 'preload'],
      ['long', 'turn'],
    ]);
  });

  test('should be tight where an indicator finds no play, and say nothing by a jerky wrench', () => {
    const bench = new Bench(sets(unitOf('pinionSolid'), 'endPlay'))
      .band('endPlay', 0.02, 0.06)
      .spacer(58.8)
      .run(0);
    expect(spacerProgress(bench.state, bench.axis)!.trials).toMatchObject([
      { length: 58.8, feel: 'tight', play: null, torque: null },
    ]);
    const jerky = pinion().spacer(58.86).torque(1.6, { steady: false });
    expect(spacerProgress(jerky.state, jerky.axis)!.trials).toEqual([]);
  });

  test('should not be tried, felt or listed where there is none, or with what cannot be', () => {
    const bench = pinion();
    bench.record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'loose', play: null } });
    bench.record({
      type: 'SpacerFitted',
      data: { stationId: 'nut', length: 59, uncertainty: 0, trial: true },
    });
    bench
      .spacer(-59)
      .spacer(59)
      .record({ type: 'SpacerFelt', data: { stationId: 'spacer', feel: 'tight', play: 0.1 } });
    bench.record({
      type: 'SpacersListed',
      data: { stationId: 'spacer', spacers: [{ id: 'a', length: 0, uncertainty: 0 }] },
    });
    expect(bench.state.log.ignored.map(({ reason }) => reason)).toEqual([
      'no spacer is in yet',
      'no spacer nut',
      expect.stringContaining('length is -59'),
      expect.stringContaining('play is 0.1'),
      expect.stringContaining('spacers[0].length'),
    ]);
  });
});
