import { otherBench } from './otherBench.ts';
import type { Run } from './stateRows.ts';
import { FIXTURE_INSTRUMENT } from './tests/jobFixture.ts';

const run = (...benches: readonly (string | undefined)[]): Run => ({
  runId: 'r',
  specId: 's',
  stage: 'trial',
  instrument: FIXTURE_INSTRUMENT,
  indicator: { contact: 'lever', angle: 0 },
  shaftHeld: true,
  status: 'open',
  inPlace: {},
  order: 0,
  openedAt: '2026-11-24T08:00:00.000Z',
  by: 'ann',
  readings: benches.map((bench, at) => ({
    eventId: `${at}`,
    value: 0,
    typed: null,
    device: null,
    position: null,
    ...(bench === undefined ? {} : { bench }),
    at: '2026-11-24T08:00:00.000Z',
  })),
});

describe('another bench on the same run', () => {
  test('should be told, and whether it is within a cycle', () => {
    expect(otherBench(run('a', 'a', 'a', 'b'), 'a')).toEqual({ inCycle: true });
    expect(otherBench(run('b', 'b', 'b'), 'a')).toEqual({ inCycle: false });
    expect(otherBench(run('b', 'b', 'b', 'a'), 'a')).toEqual({ inCycle: false });
  });

  test('should be forgotten once its readings are past, and not be made of readings that say nothing', () => {
    expect(otherBench(run('b', 'b', 'b', 'a', 'a', 'a'), 'a')).toBeNull();
    expect(otherBench(run(undefined, undefined), 'a')).toBeNull();
    expect(otherBench(run(), 'a')).toBeNull();
  });
});
