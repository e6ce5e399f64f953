import { Recorder } from '../job/tests/recorder.ts';
import { findStation, type Unit } from '../unit/index.ts';
import { innerNow } from './innerNow.ts';
import { HALVES } from './tests/halvesBench.ts';

const UNIT: Unit = {
  ...HALVES,
  axes: HALVES.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((station) =>
      station.id === 'bearing-left' ? { ...station, journalClass: 'h6' } : station,
    ),
  })),
};
const STATION = findStation(UNIT, 'bearing-left')!.station;
const minute = (at: number) => new Date(Date.UTC(2026, 0, 1) + at * 60_000).toISOString();

/** A ring onto its heater at 0 min. */
const onHeater = (target: number) =>
  new Recorder(UNIT).add(
    'ClockStarted',
    { clockId: 'w', kind: 'ringWarming', targetId: 'bearing-left', seconds: 60, target },
    0,
  );
const now = (log: Recorder, at: number) => innerNow(log.state, STATION, minute(at));

describe('an inner ring at this moment', () => {
  test('should be as warm as the time on its heater made it, and say how long still', () => {
    const log = onHeater(110);
    expect(now(log, 0.1)).toMatchObject({ phase: 'warming', target: 110, word: 'tight' });
    const early = now(log, 2)!;
    expect(early.readyIn!).toBeGreaterThan(30);
    expect(now(log, 2 + early.readyIn! / 60)!.ring.temperature).toBeCloseTo(110, 3);
    expect(now(log, 60)).toMatchObject({ readyIn: 0, word: 'drops' });
  });

  test('should count from when it came off, and be forgotten after a while', () => {
    const log = onHeater(110).add('ClockStopped', { clockId: 'w' }, 60);
    const just = now(log, 60.1)!;
    expect(just).toMatchObject({ phase: 'out', word: 'drops', readyIn: null });
    expect(now(log, 61)!.window.lastSafe!).toBeLessThan(just.window.lastSafe!);
    expect(now(log, 74)!.word).toBe('tight');
    expect(now(log, 76)).toBeNull();
  });

  test('should believe a thermometer on the ring, and a shaft that was frozen', () => {
    const log = onHeater(110).add(
      'TemperatureRead',
      { partId: 'bearing-left', value: 60, typed: null },
      10,
    );
    expect(now(log, 10)).toMatchObject({ ring: { temperature: 60, isRead: true }, shaft: null });
    const shaft = UNIT.parts.find(({ kind }) => kind === 'shaft')!.id;
    log.add('ClockStarted', { clockId: 'f', kind: 'freezer', targetId: shaft, seconds: 60 }, 0);
    const warm = now(onHeater(110), 60)!.window.fitAtStart;
    const frozen = now(log, 300)!;
    expect(frozen.shaft!.temperature).toBeLessThan(-13);
    // 25 mm · 11.7·10⁻⁶ · 38 K = 11 µm less.
    expect(frozen.window.fitAtStart).toBeLessThan(warm - 0.009);
  });

  test('should have nothing to say of a ring that no heater has seen, or whose fit is not known', () => {
    expect(now(new Recorder(UNIT), 1)).toBeNull();
    const bare = findStation(HALVES, 'bearing-left')!.station;
    expect(innerNow(new Recorder(HALVES).state, bare, minute(1))).toBeNull();
  });
});
