import { foldJob } from './foldJob.ts';
import { FIXTURE_INSTRUMENT, LogBuilder } from './tests/jobFixture.ts';
import { jobFile, readingRows } from './record.ts';

/** A log with a run whose readings a stand-in sent. */
function simulatedRun(log: LogBuilder): LogBuilder {
  log.add('RunOpened', {
    runId: 'r',
    specId: 'spec',
    stage: 'trial',
    instrument: FIXTURE_INSTRUMENT,
    indicator: { contact: 'lever', angle: 0 },
    shaftHeld: true,
  });
  for (const value of [0, 0.14, 0, 0, 0.14, 0, 0, 0.14, 0])
    log.add('ReadingTaken', { runId: 'r', value, typed: null, device: 'dial-a', position: null });
  return log.add('RunClosed', { runId: 'r' });
}
const wrench = (device: string | null) =>
  ({
    axisId: 'axis',
    stage: 'final',
    what: 'bearings',
    value: 1,
    steady: true,
    square: true,
    typed: null,
    device,
    tool: { id: 't', name: 't', graduation: 0.1, calibrationUncertainty: 0, least: 0, most: 5 },
    pull: null,
    angle: null,
    nutTorque: null,
    endPlay: null,
  }) as const;
const thermometer = (device?: string) => ({
  partId: 'case',
  value: 70,
  typed: null,
  ...(device === undefined ? {} : { device }),
});

describe('readings of a stand-in', () => {
  test('should count for nothing in a real job: no reading, no verdict, no torque, no temperature', () => {
    const log = simulatedRun(new LogBuilder().booked())
      .add('TorqueRead', wrench('wrench-a'))
      .add('TemperatureRead', thermometer('thermo-a'));
    const {
      measured: { runs, torques },
      heating: { temperatures },
      log: { ignored },
    } = foldJob(log.events);
    expect(runs[0]).toMatchObject({ readings: [], status: 'open' });
    expect([torques, temperatures]).toEqual([[], {}]);
    expect(ignored).toHaveLength(12); // nine readings, the closing of a run without a verdict, and two more
    expect(ignored[0]!.reason).toBe('a simulated reading does not count in a real job');
  });

  test('should count in a job that is marked practice, wherever in its log the mark stands, and no longer when it is taken back', () => {
    const log = simulatedRun(new LogBuilder().booked())
      .add('TorqueRead', wrench('wrench-a'))
      .add('TemperatureRead', thermometer('thermo-a'))
      .add('PracticeMarked', { reason: 'learning' });
    const state = foldJob(log.events);
    expect(state).toMatchObject({ sheet: { practice: true }, log: { ignored: [] } });
    expect(state.measured.runs[0]!.status).toBe('closed');
    expect(state.measured.torques).toHaveLength(1);
    const mark = log.events.at(-1)!.id;
    expect(foldJob(log.add('Undone', { eventId: mark }).events)).toMatchObject({
      sheet: { practice: false },
      measured: { torques: [] },
    });
  });

  test('should not be mistaken for typed ones, nor for those of a real device', () => {
    const log = new LogBuilder()
      .booked()
      .run('r', [0.14, 0.14, 0.14])
      .add('TorqueRead', wrench('gauge-4'))
      .add('TorqueRead', wrench(null))
      .add('TemperatureRead', thermometer());
    const state = foldJob(log.events);
    expect(state.log.ignored).toEqual([]);
    expect([state.measured.runs[0]!.readings.length, state.measured.torques.length]).toEqual([
      9, 2,
    ]);
  });

  test('should bear the mark in the table of readings and in the job’s file', () => {
    const log = simulatedRun(new LogBuilder().booked()).add('PracticeMarked', { reason: '' });
    expect(readingRows(foldJob(log.events)).every(({ simulated }) => simulated === 'yes')).toBe(
      true,
    );
    expect(jobFile('j', log.events, '').practice).toBe(true);
    const typed = new LogBuilder().booked().run('r', [0.14]);
    expect(readingRows(foldJob(typed.events)).every(({ simulated }) => simulated === 'no')).toBe(
      true,
    );
    expect(jobFile('j', typed.events, '').practice).toBe(false);
  });
});

describe('the instrument of a run', () => {
  const opened = (kind?: 'boreGauge' | 'dial') =>
    foldJob(
      new LogBuilder().booked().add('RunOpened', {
        runId: 'r',
        specId: 'spec',
        stage: 'trial',
        instrument: { ...FIXTURE_INSTRUMENT, ...(kind === undefined ? {} : { kind }) },
        indicator: { contact: 'lever', angle: 0 },
        shaftHeld: true,
      }).events,
    );

  test('should be one that can take a run; a card of before cards said so is taken at its word', () => {
    expect(opened('boreGauge').log.ignored).toMatchObject([{ reason: 'Dial cannot measure play' }]);
    expect(opened('dial').measured.runs).toHaveLength(1);
    expect(opened().measured.runs).toHaveLength(1);
  });
});
