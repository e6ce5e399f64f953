import { foldJob } from './foldJob.ts';
import { FIXTURE_INSTRUMENT, LogBuilder } from './tests/jobFixture.ts';

type Phase = 'zero' | 'lift' | 'return';

/** A run that several benches read, each saying what it takes its reading for. */
function readBy(...rows: readonly (readonly [bench: string | undefined, phase?: Phase])[]) {
  const log = new LogBuilder().booked().add('RunOpened', {
    runId: 'r',
    specId: 'spec',
    stage: 'trial',
    instrument: FIXTURE_INSTRUMENT,
    indicator: { contact: 'lever', angle: 0 },
    shaftHeld: true,
  });
  rows.forEach(([bench, phase], at) =>
    log.add('ReadingTaken', {
      runId: 'r',
      value: at / 100,
      typed: `${at}`,
      device: null,
      position: null,
      ...(bench === undefined ? {} : { bench }),
      ...(phase === undefined ? {} : { phase }),
    }),
  );
  return foldJob(log.events);
}
const counted = (state: ReturnType<typeof readBy>) =>
  state.measured.runs[0]!.readings.map(({ bench, value }) => [bench, value]);

describe('two benches on one run', () => {
  test('should not mix their cycles: what was read meanwhile counts once', () => {
    // Both stood at the zero; the second one's comes after the first one's.
    const state = readBy(
      ['a', 'zero'],
      ['b', 'zero'],
      ['a', 'lift'],
      ['b', 'lift'],
      ['a', 'return'],
    );
    expect(counted(state)).toEqual([
      ['a', 0],
      ['a', 0.02],
      ['a', 0.04],
    ]);
    const why = state.log.ignored.map(({ reason }) => reason);
    expect(why).toHaveLength(2);
    expect(why[0]).toContain('another bench');
  });

  test('should leave a cycle to the bench that began it, and the next one to either', () => {
    const state = readBy(
      ['a', 'zero'],
      ['b', 'lift'],
      ['a', 'lift'],
      ['a', 'return'],
      ['b', 'zero'],
    );
    expect(counted(state).map(([bench]) => bench)).toEqual(['a', 'a', 'a', 'b']);
    expect(state.log.ignored.map(({ reason }) => reason)).toEqual([
      expect.stringContaining('begun at another bench'),
    ]);
  });

  test('should count readings of logs that say neither', () => {
    expect(counted(readBy([undefined], [undefined], [undefined])).map(([bench]) => bench)).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});
