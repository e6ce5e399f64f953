import { proposePack } from '../shims/index.ts';
import type { UnitTemplate } from '../unit/index.ts';
import { adjusterProgress } from './adjusterProgress.ts';
import { builtPlay } from './builtPlay.ts';
import { nextAction, actionFor } from './nextAction.ts';
import { compilePlan } from './compilePlan.ts';
import { packQuestion } from './packQuestion.ts';
import { settersOf } from '../setters/index.ts';
import { Bench, piece, unitOf } from './tests/bench.ts';
import { place, sets, STOCK } from './tests/settingBench.ts';

/** A pinion whose preload is set by shims, closed with 0.05 of preload by what was measured loose. */
function closed(torque: number | null, template: UnitTemplate = 'pinionSpacer') {
  const unit = unitOf(template);
  const bench = new Bench({
    ...unit,
    axes: unit.axes.map((axis) => ({
      ...axis,
      stations: axis.stations.filter(({ kind }) => kind !== 'seal'),
    })),
  });
  const site = settersOf(bench.axis)[0]!.station;
  bench
    .band('endPlay', -0.06, -0.04)
    .band('rollingTorque', 0.8, 1)
    .record({ type: 'PackRecorded', data: { siteId: site.id, pieces: piece(1) } })
    .run(0.2)
    .pack(site.id, 0.75);
  if (torque !== null) bench.torque(torque, FINAL).torque(torque, FINAL);
  const built = () => builtPlay(bench.state, bench.axis, 'endPlay')!;
  const question = () => {
    const { run } = built();
    const verdict = actionFor(bench.state, stepOf(bench, `choosePack:${site.id}`));
    if (verdict.kind !== 'choosePack') throw new Error(`no pack to choose: ${verdict.kind}`);
    return packQuestion(bench.state, { run, verdict: verdict.verdict }, site, STOCK)!;
  };
  return { bench, site, built, question };
}
const FINAL = { stage: 'final' };
const stepOf = (bench: Bench, id: string) =>
  compilePlan(bench.state).steps.find((step) => step.id === id)!;

describe('a preload that rolling torque says', () => {
  test('should be done where the torque is within its limits, as far as it is known', () => {
    expect(closed(null).bench.stage).toBe('proven');
    expect(closed(0.9).bench.stage).toBe('proven');
  });

  test.each([
    ['too little', 0.45, 'less'],
    ['too much', 1.8, 'more'],
  ] as const)('should choose the pack anew where it is %s', (_, torque, than) => {
    const { bench, site, built, question } = closed(torque);
    expect(bench.stage).toBe('choose');
    expect(bench.status(`choosePack:${site.id}`)).not.toBe('done');
    expect(built()).toMatchObject({
      limitsBy: 'torque',
      builds: 2,
      stated: { lower: -0.06, upper: -0.04 },
    });
    const { wanted } = proposePack(question());
    // Half the torque: 1.59 to 2 times the travel of 0.05; double: half of it to 0.63.
    const [from, to] =
      than === 'less' ? [0.75 - 0.052, 0.75 - 0.028] : [0.75 + 0.017, 0.75 + 0.027];
    expect(wanted).toBeGreaterThan(from);
    expect(wanted).toBeLessThan(to);
  });

  test('should be read anew with the next pack, and learn from both', () => {
    const { bench, site, built, question } = closed(0.45);
    const first = proposePack(question()).wanted;
    bench.pack(site.id, 0.72);
    expect(bench.stage).toBe('proven');
    expect(bench.status('proveFigure:axis:rollingTorque')).not.toBe('done');
    bench.torque(0.6, FINAL).torque(0.6, FINAL);
    // 0.03 gave a third more: that is a travel of about 0.1, twice what was carried on.
    expect(bench.stage).toBe('choose');
    expect(built().builds).toBe(3);
    expect(proposePack(question()).wanted).toBeLessThan(first);
  });

  test('should measure the play where the bearings take nothing, and choose by it', () => {
    const { bench, site } = closed(0.06);
    expect(bench.stage).toBe('measure');
    const action = nextAction(bench.state);
    expect(action).toMatchObject({ kind: 'startRun' });
    bench.run(0.02);
    expect(bench.stage).toBe('choose');
    expect(builtPlay(bench.state, bench.axis, 'endPlay')).toMatchObject({ limitsBy: 'play' });
    expect(bench.status(`choosePack:${site.id}`)).not.toBe('done');
  });

  test('should go by neither where the plays leave no preload, and say so', () => {
    const { bench, site, built } = closed(0.45);
    bench.pack(site.id, 0.9).torque(0.45, FINAL).torque(0.45, FINAL);
    expect(built()).toMatchObject({ contradicted: true, limitsBy: 'play', builds: 1 });
    expect(closed(0.45).built().contradicted).toBe(false);
  });

  test('should stay as it is where the torque was accepted as it was read', () => {
    const { bench } = closed(0.45);
    bench.record({
      type: 'FigureAccepted',
      data: { specId: 'rollingTorque', name: 'Ann', reason: 'used bearings' },
    });
    expect(bench.stage).toBe('proven');
  });

  test('should say what the working hangs on', () => {
    const lines = closed(0.45).built().working;
    expect(lines.map(({ result }) => result.symbol)).toEqual(['gain', 's', 'e₀', 'e*']);
    expect(lines.at(-1)!.terms.map(({ symbol }) => symbol)).toEqual(['T 2', 'T*', 'e₀']);
  });
});

describe('an adjuster whose preload rolling torque says', () => {
  const turned = (torque: number) => {
    const unit = place(
      sets(unitOf('carrierAdjusters'), 'endPlay', 'rollingTorque'),
      'adjuster-left',
      {
        lead: 1.5,
        notches: 30,
      },
    );
    const bench = new Bench(unit).band('endPlay', -0.12, -0.08).band('rollingTorque', 0.8, 1);
    // Four notches of 0.05 mm take 0.1 of play to 0.1 of preload.
    bench.run(0.1).record({
      type: 'AdjusterTurned',
      data: { stationId: 'adjuster-left', angle: 48 },
    });
    return bench.torque(torque, FINAL).torque(torque, FINAL);
  };

  test.each([
    [0.45, 'clockwise', [1, 2]],
    [1.8, 'anticlockwise', [1]],
  ] as const)('should be turned on at %s N·m: %s', (torque, direction, notches) => {
    const bench = turned(torque);
    expect(bench.stage).toBe('choose');
    const turn = adjusterProgress(bench.state, bench.axis)!;
    expect(turn).toMatchObject({ direction });
    expect(notches).toContain(Math.abs(turn.notches!));
  });

  test('should stay where the torque is within its limits', () => {
    expect(turned(0.9).stage).toBe('proven');
  });
});
