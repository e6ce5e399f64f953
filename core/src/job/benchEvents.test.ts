import { foldJob } from './foldJob.ts';
import { FIXTURE_INSTRUMENT, FIXTURE_UNIT, LogBuilder } from './tests/jobFixture.ts';

const opened = () => new LogBuilder().booked();
const ignored = (log: LogBuilder) => foldJob(log.events).log.ignored.map(({ reason }) => reason);
const GEAR = {
  id: 'gear',
  kind: 'gear',
  name: 'Gear',
  partId: 'case',
  at: 30,
  width: 20,
  inside: 40,
  outside: 90,
} as const;
const size = (value: number, place = 'outer-0', feature: 'bore' | 'length' = 'bore') => ({
  stationId: 'left',
  feature,
  place,
  value,
  typed: String(value),
  instrument: FIXTURE_INSTRUMENT,
});

describe('describing the unit', () => {
  test('should put stations, parts and axes in, change them and take them away', () => {
    const part = { ...FIXTURE_UNIT.parts[0]!, id: 'cover', name: 'Cover' };
    const axis = { id: 'second', name: 'Second', arrangement: 'plainThrust', sets: [] } as const;
    const log = opened()
      .add('StationDescribed', { axisId: 'axis', station: GEAR })
      .add('PartDescribed', { part })
      .add('AxisDescribed', { axis })
      .add('StationDescribed', {
        axisId: 'second',
        station: { ...GEAR, id: 'gear-2', partId: 'cover' },
      })
      .add('StationRemoved', { stationId: 'left' });
    const { unit } = foldJob(log.events);
    expect(unit!.axes.map(({ stations }) => stations.map(({ id }) => id))).toEqual([
      ['gear', 'right', 'shims'],
      ['gear-2'],
    ]);
    log.add('AxisRemoved', { axisId: 'second' }).add('PartRemoved', { partId: 'cover' });
    expect(foldJob(log.events).unit).toMatchObject({ parts: [{ id: 'case' }] });
    expect(ignored(log)).toEqual([]);
  });

  test.each<[string, LogBuilder, RegExp]>([
    [
      'a station on no axis',
      opened().add('StationDescribed', { axisId: 'no', station: GEAR }),
      /no axis no/,
    ],
    [
      'a station on no part',
      opened().add('StationDescribed', { axisId: 'axis', station: { ...GEAR, partId: 'no' } }),
      /station.partId/,
    ],
    [
      'taking away what is not there',
      opened().add('StationRemoved', { stationId: 'no' }),
      /no station no/,
    ],
    [
      'taking away a part that carries',
      opened().add('PartRemoved', { partId: 'case' }),
      /Left is on it/,
    ],
    [
      'taking away the last axis',
      opened().add('AxisRemoved', { axisId: 'axis' }),
      /at least one axis/,
    ],
    [
      'describing a finished unit',
      opened().add('JobFinished', { note: '' }).add('StationRemoved', { stationId: 'left' }),
      /finished/,
    ],
    [
      'a part without weight',
      opened().add('PartDescribed', { part: { ...FIXTURE_UNIT.parts[0]!, mass: 0 } }),
      /part.mass/,
    ],
  ])('should not take %s', (_, log, reason) => {
    expect(ignored(log)).toEqual([expect.stringMatching(reason)]);
    expect(foldJob(log.events).unit).toEqual(FIXTURE_UNIT);
  });
});

describe('at the bench', () => {
  test('should keep every mark, and of a size the last at its place', () => {
    const log = opened()
      .add('MarkMade', { stationId: 'left', text: 'one' })
      .add('MarkMade', { stationId: 'left', text: 'two' })
      .add('SizeMeasured', size(79.98))
      .add('SizeMeasured', size(79.99, 'inner-60'))
      .add('SizeMeasured', size(79.985));
    const state = foldJob(log.events);
    expect(state.inspection.marks['left']!.map(({ text }) => text)).toEqual(['one', 'two']);
    expect(
      Object.entries(state.inspection.sizes['left']!.bore!).map(([place, { value }]) => [
        place,
        value,
      ]),
    ).toEqual([
      ['outer-0', 79.985],
      ['inner-60', 79.99],
    ]);
  });

  test('should keep findings, decisions, new bearings and figures', () => {
    const log = opened()
      .add('FindingRecorded', { targetId: 'left', findings: ['rough'], note: 'gritty' })
      .add('InspectionDecided', { targetId: 'left', verdict: 'replace', repair: null, reason: '' })
      .add('InspectionDecided', {
        targetId: 'case',
        verdict: 'repair',
        repair: 'dress',
        reason: '',
      })
      .add('BearingOffered', { stationId: 'left', designation: '30208', dimensions: null })
      .add('FigureTaken', { specId: 'spec', stage: 'asFound', value: 0.3, typed: '.3' });
    expect(foldJob(log.events)).toMatchObject({
      inspection: {
        findings: { left: { findings: ['rough'], note: 'gritty' } },
        decisions: { left: { verdict: 'replace' }, case: { repair: 'dress' } },
        offered: { left: { designation: '30208' } },
      },
      measured: { figures: [{ specId: 'spec', value: 0.3 }] },
      log: { ignored: [] },
    });
  });

  test('should remember what was said of a step until it is taken back', () => {
    const log = opened().add('StepDone', { stepId: 'drain', note: 'grey' });
    expect(foldJob(log.events).steps['drain']).toMatchObject({ status: 'done', words: 'grey' });
    log.add('Undone', { eventId: log.events.at(-1)!.id });
    expect(foldJob(log.events).steps).toEqual({});
    log.add('StepSetAside', { stepId: 'drain', reason: 'dry' });
    expect(foldJob(log.events).steps['drain']?.status).toBe('setAside');
  });

  test.each<[string, LogBuilder, RegExp]>([
    [
      'a mark on nothing',
      opened().add('MarkMade', { stationId: 'no', text: 'x' }),
      /no station no/,
    ],
    [
      'a size of nothing',
      opened().add('SizeMeasured', { ...size(1), stationId: 'no' }),
      /no station no/,
    ],
    [
      'a length of a bearing',
      opened().add('SizeMeasured', size(1, 'bolt-1', 'length')),
      /no length on Left/,
    ],
    ['a size at no place', opened().add('SizeMeasured', size(80, 'outer-45')), /no place outer-45/],
    [
      'a finding on nothing',
      opened().add('FindingRecorded', { targetId: 'no', findings: [], note: '' }),
      /no station no/,
    ],
    [
      'a repair without a name',
      opened().add('InspectionDecided', {
        targetId: 'left',
        verdict: 'repair',
        repair: null,
        reason: '',
      }),
      /needs to be named/,
    ],
    [
      'a figure of no spec',
      opened().add('FigureTaken', { specId: 'no', stage: 'final', value: 1, typed: null }),
      /no spec no/,
    ],
    [
      'a tick on a finished job',
      opened().add('JobFinished', { note: '' }).add('StepDone', { stepId: 'drain', note: '' }),
      /finished/,
    ],
  ])('should not take %s', (_, log, reason) => {
    expect(ignored(log)).toEqual([expect.stringMatching(reason)]);
  });
});
