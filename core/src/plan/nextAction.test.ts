import { foldJob } from '../job/index.ts';
import { LogBuilder } from '../job/tests/jobFixture.ts';
import { judgeRun, type RunVerdict } from '../measure/index.ts';
import { cyclesLeft, nextAction, stageOf } from './nextAction.ts';
import { currentRun, type JudgedVerdict } from './playProgress.ts';
import { packQuestion } from './packQuestion.ts';

const PIECES = [{ sizeId: 'b', thickness: 0.415, quantity: 2, uncertainty: 0.001 }];
const after = (build: (log: LogBuilder) => LogBuilder) => foldJob(build(new LogBuilder()).events);
const kindAfter = (build: (log: LogBuilder) => LogBuilder) => {
  const state = after(build);
  const action = nextAction(state);
  return [action.kind, stageOf(state, action)];
};

describe('the next thing to do', () => {
  const measured = (log: LogBuilder) => log.booked().run('r1', [0.31, 0.31, 0.31]);
  const chosen = (log: LogBuilder) =>
    measured(log).add('PackChosen', { siteId: 'shims', runId: 'r1', pieces: PIECES });
  const fitted = (log: LogBuilder) =>
    chosen(log).add('PackFitted', { siteId: 'shims', pieces: PIECES });
  const proven = (log: LogBuilder) => fitted(log).run('r2', [0.14, 0.14, 0.14]);

  test('should lead from the first event to the last', () => {
    expect(kindAfter((log) => log)).toEqual(['openJob', 'describe']);
    expect(kindAfter((log) => log.booked())).toEqual(['startRun', 'measure']);
    expect(kindAfter((log) => log.booked().run('r1', [0.31], false))).toEqual([
      'takeReading',
      'measure',
    ]);
    expect(kindAfter((log) => log.booked().run('r1', [0.31, 0.31, 0.31], false))).toEqual([
      'acceptRun',
      'measure',
    ]);
    expect(kindAfter(measured)).toEqual(['choosePack', 'choose']);
    // What it lies under comes off first.
    expect(kindAfter(chosen)).toEqual(['step', 'fit']);
    expect(kindAfter(fitted)).toEqual(['startRun', 'prove']);
    expect(kindAfter(proven)).toEqual(['finishJob', 'finish']);
    expect(kindAfter((log) => proven(log).add('JobFinished', { note: '' }))).toEqual([
      'done',
      'finish',
    ]);
  });

  test('should ask for the band, then for the pack in place, when they are not known', () => {
    const [opened, spec] = new LogBuilder().booked().events;
    expect(nextAction(foldJob([opened!])).kind).toBe('setSpec');
    expect(nextAction(foldJob([opened!, spec!])).kind).toBe('recordPack');
  });

  test('should go on with a cycle that was begun after the verdict', () => {
    const log = new LogBuilder().booked().run('r1', [0.31, 0.31, 0.31], false).reading('r1', 0);
    expect(nextAction(foldJob(log.events))).toMatchObject({
      kind: 'takeReading',
      phase: 'lift',
      cycle: 4,
    });
  });

  test('should want the run again when the shaft could tip', () => {
    const log = new LogBuilder().booked().run('r1', [], false);
    const opened = log.events.at(-1)!;
    log.events[log.events.length - 1] = {
      ...opened,
      data: { ...opened.data, shaftHeld: false },
    } as typeof opened;
    expect(nextAction(foldJob(log.events)).kind).toBe('restartRun');
  });

  test('should not take a run from before the new pack for one that proves it', () => {
    expect(currentRun(after(fitted), 'spec')).toBeNull();
    expect(currentRun(after(proven), 'spec')?.runId).toBe('r2');
  });

  test('should ask for another pack when the new one is out of band', () => {
    expect(kindAfter((log) => fitted(log).run('r2', [0.05, 0.05, 0.05]))[0]).toBe('choosePack');
  });
});

describe('cycles left', () => {
  const run = (lifts: readonly number[]): RunVerdict =>
    judgeRun({
      instrument: { id: 'd', name: 'd', graduation: 0.01, calibrationUncertainty: 0, range: 10 },
      indicator: { contact: 'lever', angle: 0 },
      band: { lower: 0.1, upper: 0.2, target: null },
      shaftHeld: true,
      cycles: lifts.map((lift) => ({ zero: 0, lift, returned: 0, position: null })),
    });

  test('should count down to a verdict', () => {
    expect(
      [[], [0.15], [0.15, 0.15], [0.15, 0.15, 0.15], [0.1, 0.2, 0.3]].map((lifts) =>
        cyclesLeft(run(lifts)),
      ),
    ).toEqual([3, 2, 1, 0, 2]);
  });
});

describe('what a pack is chosen from', () => {
  const question = (
    lifts: readonly number[],
    change: (verdict: JudgedVerdict) => JudgedVerdict = (same) => same,
  ) => {
    const state = after((log) => log.booked().run('r1', lifts));
    const action = nextAction(state);
    if (action.kind !== 'choosePack') throw new Error(action.kind);
    return packQuestion(
      state,
      { run: action.run, verdict: change(action.verdict) },
      action.site,
      [],
    );
  };

  test('should carry the play, the pack it was measured with and the gain of the place', () => {
    expect(question([0.31, 0.31, 0.31])).toMatchObject({
      endPlay: { value: 0.31, degreesOfFreedom: null },
      packInPlace: { thickness: 1, uncertainty: 0.001 },
      gain: 1,
      band: { lower: 0.1, upper: 0.18, target: null },
    });
  });

  test('should draw the band in by a spread that follows the angle, as long as it leaves one', () => {
    const spread = (low: number, high: number) =>
      question([0.31, 0.31, 0.31], (verdict) => ({
        ...verdict,
        value: { ...verdict.value, low, high },
      }))!.band;
    const drawn = spread(0.3, 0.33);
    expect(drawn.lower).toBeCloseTo(0.11, 12);
    expect(drawn.upper).toBeCloseTo(0.16, 12);
    expect(spread(0.26, 0.36)).toMatchObject({ lower: 0.1, upper: 0.18 });
  });

  test('should be nothing without a pack in place', () => {
    const state = after((log) => log.booked().run('r1', [0.31, 0.31, 0.31]));
    const action = nextAction(state);
    if (action.kind !== 'choosePack') throw new Error(action.kind);
    expect(
      packQuestion({ ...state, setting: { ...state.setting, packs: {} } }, action, action.site, []),
    ).toBeNull();
  });
});
