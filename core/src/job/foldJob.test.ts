import fc from 'fast-check';

import { packThickness } from '../shims/index.ts';
import type { JobEvent } from './events.ts';
import { foldingJob, foldingRest, foldJob, foldRest } from './foldJob.ts';
import { packUncertainty } from './packUncertainty.ts';
import { verdictOf } from './runs.ts';
import { FIXTURE_INSTRUMENT, FIXTURE_UNIT, LogBuilder } from './tests/jobFixture.ts';
import { cyclesOf } from './cycles.ts';

const PIECES = [{ sizeId: 'b', thickness: 0.4, quantity: 2, uncertainty: 0.001 }];

describe('folding a job', () => {
  test('should come from its log alone', () => {
    const { events } = new LogBuilder()
      .booked()
      .run('r1', [0.31, 0.31, 0.31])
      .add('NoteWritten', { text: 'dry' });
    const state = foldJob(events);
    expect(state).toMatchObject({
      sheet: { reason: 'noise', finished: null },
      log: { ignored: [] },
    });
    expect(state.unit!.name).toBe('Test unit');
    expect(state.sheet.notes[0]).toMatchObject({ text: 'dry', by: 'ann' });
    expect(state.measured.runs[0]).toMatchObject({ status: 'closed' });
    expect(foldJob(events)).toEqual(state);
  });

  test('should put readings into cycles of three and know what comes next', () => {
    const log = new LogBuilder().booked().run('r1', [0.3], false).reading('r1', 0.002);
    const run = foldJob(log.events).measured.runs[0]!;
    expect(cyclesOf(run)).toMatchObject({
      complete: [{ zero: 0, lift: 0.3, returned: 0 }],
      next: 'lift',
    });
    expect(cyclesOf(run).partial).toHaveLength(1);
  });

  test('should keep the pack as found when another goes in, and ask for a new measurement', () => {
    const { events } = new LogBuilder()
      .booked()
      .run('r1', [0.31, 0.31, 0.31])
      .add('PackChosen', { siteId: 'shims', runId: 'r1', pieces: PIECES })
      .add('PackFitted', { siteId: 'shims', pieces: PIECES });
    const state = foldJob(events);
    expect(packThickness(state.setting.packs['shims']!.pieces)).toBe(0.8);
    expect(packThickness(state.setting.foundPacks['shims']!.pieces)).toBe(1);
    expect(state.setting.chosen).toEqual({});
    expect(state.setting.setAfter).toEqual({ shims: { runs: 1, torques: 0, trial: false } });
  });

  test('should finish and open again', () => {
    const log = new LogBuilder().booked().add('JobFinished', { note: 'good' });
    expect(foldJob(log.events).sheet.finished).toMatchObject({ note: 'good' });
    expect(foldJob(log.add('JobReopened', { reason: 'noise' }).events).sheet.finished).toBeNull();
  });
});

describe('events that cannot be applied', () => {
  const ignored = (log: LogBuilder) => foldJob(log.events).log.ignored.map(({ reason }) => reason);

  test.each<[string, LogBuilder, RegExp]>([
    ['a reading before the job is open', new LogBuilder().reading('r', 0), /not been opened/],
    [
      'opening twice',
      new LogBuilder()
        .booked()
        .add('JobOpened', { unit: FIXTURE_UNIT, reason: '', scope: 'setPlay' }),
      /open already/,
    ],
    [
      'a band on an axis that is not there',
      new LogBuilder().booked().add('SpecSet', {
        specId: 's',
        axisId: 'no',
        kind: 'endPlay',
        band: { lower: 0, upper: 1, target: null },
        source: '',
      }),
      /no axis no/,
    ],
    [
      'a band upside down',
      new LogBuilder().booked().add('SpecSet', {
        specId: 's',
        axisId: 'axis',
        kind: 'endPlay',
        band: { lower: 1, upper: 0, target: null },
        source: '',
      }),
      /band.upper/,
    ],
    [
      'a run against no band',
      new LogBuilder().booked().add('RunOpened', {
        runId: 'r',
        specId: 'no',
        stage: 'trial',
        instrument: FIXTURE_INSTRUMENT,
        indicator: { contact: 'lever', angle: 0 },
        shaftHeld: true,
      }),
      /no spec no that a run measures/,
    ],
    [
      'a run with an impossible instrument',
      new LogBuilder().booked().add('RunOpened', {
        runId: 'r',
        specId: 'spec',
        stage: 'trial',
        instrument: { ...FIXTURE_INSTRUMENT, graduation: 0 },
        indicator: { contact: 'lever', angle: 0 },
        shaftHeld: true,
      }),
      /instrument.graduation/,
    ],
    [
      'two open runs',
      new LogBuilder().booked().run('r1', [], false).run('r2', [], false),
      /another run is open/,
    ],
    [
      'the same run twice',
      new LogBuilder().booked().run('r1', [0.3, 0.3, 0.3]).run('r1', [], false),
      /run r1 exists/,
    ],
    ['a reading of an unknown run', new LogBuilder().booked().reading('no', 0), /no run no/],
    [
      'a reading after the run was closed',
      new LogBuilder().booked().run('r1', [0.3, 0.3, 0.3]).reading('r1', 0),
      /run r1 is closed/,
    ],
    ['closing a run that has no verdict', new LogBuilder().booked().run('r1', [0.3]), /no verdict/],
    [
      'a pack at a place without shims',
      new LogBuilder().booked().add('PackFitted', { siteId: 'left', pieces: [] }),
      /no shim site left/,
    ],
    [
      'finishing with a run open',
      new LogBuilder().booked().run('r1', [], false).add('JobFinished', { note: '' }),
      /still open/,
    ],
    [
      'opening again what is not finished',
      new LogBuilder().booked().add('JobReopened', { reason: '' }),
      /not finished/,
    ],
    [
      'a pack after the end',
      new LogBuilder()
        .booked()
        .add('JobFinished', { note: '' })
        .add('PackFitted', { siteId: 'shims', pieces: [] }),
      /finished/,
    ],
    [
      'a run after the end',
      new LogBuilder().booked().add('JobFinished', { note: '' }).run('r9', [], false),
      /finished/,
    ],
  ])('should list %s with the reason', (_, log, reason) => {
    expect(ignored(log)[0]).toMatch(reason);
  });

  test('should leave everything else as it was', () => {
    const before = new LogBuilder().booked();
    const { log: was, ...state } = foldJob(before.events);
    const { events } = before.reading('no', 1);
    const { log: is, ...after } = foldJob(events);
    expect(after).toEqual(state);
    const ignored = [expect.anything()];
    expect(is).toEqual({ ...was, told: events, order: was.order + 1, ignored });
  });

  test('should refuse a log of a newer version of the program', () => {
    const { events } = new LogBuilder().booked();
    const {
      unit,
      log: { newerVersion },
    } = foldJob([...events, { ...events[0]!, version: 99 } as JobEvent]);
    expect({ unit, newerVersion }).toEqual({ unit: null, newerVersion: 99 });
  });

  test('should never fail, whatever order events come in', () => {
    const { events } = new LogBuilder()
      .booked()
      .run('r1', [0.3, 0.2, 0.1])
      .add('PackFitted', { siteId: 'shims', pieces: PIECES })
      .add('Undone', { eventId: 'e5' })
      .add('JobFinished', { note: '' })
      .add('RunAbandoned', { runId: 'r1', reason: '' });
    fc.assert(
      fc.property(fc.shuffledSubarray(events as JobEvent[]), (shuffled) => {
        const {
          log: { ignored: told },
          measured: { runs },
        } = foldJob(shuffled);
        return told.length <= shuffled.length && runs.every((run) => run.readings.length <= 9);
      }),
    );
  });
});

describe('what a pack is known to', () => {
  test('should add the pieces in quadrature', () => {
    expect(packUncertainty(PIECES)).toBeCloseTo(0.001 * Math.SQRT2, 12);
    expect(packUncertainty([])).toBe(0);
  });

  test('should have no verdict without a band', () => {
    const state = foldJob(new LogBuilder().booked().run('r1', [0.3], false).events);
    expect(verdictOf({ ...state, specs: [] }, state.measured.runs[0]!)).toBeNull();
  });
});

describe('a log folded a piece at a time', () => {
  const log = new LogBuilder()
    .booked()
    .run('r1', [0.31, 0.31, 0.31])
    .add('NoteWritten', { text: 'dry' });
  const { events } = log.add('Undone', { eventId: log.events.at(-1)!.id });
  const whole = foldJob(events);

  test('should come to the same, whatever the size of the pieces', () => {
    for (let size = 1; size <= events.length + 1; size += 1)
      expect([...foldingJob(events, size)].at(-1)).toEqual(whole);
    expect([...foldingJob(events, 3)]).toHaveLength(Math.ceil((events.length - 2) / 3));
  });

  test('should go on from any place that no later undo reaches behind', () => {
    for (let first = 1; first < events.length - 2; first += 1) {
      const before = foldJob(events.slice(0, first));
      expect([...foldingRest(before, events.slice(first), 2)!].at(-1)).toEqual(whole);
      expect(foldRest(before, events.slice(first))).toEqual(whole);
    }
    const noted = foldJob(events.slice(0, -1));
    expect(foldRest(noted, events.slice(-1))).toBeNull();
    expect(foldingRest(noted, events.slice(-1), 2)).toBeNull();
  });
});
