import { Recorder } from '../job/tests/recorder.ts';
import type { Unit } from '../unit/index.ts';
import { heatNow } from './heatNow.ts';
import { HALVES } from './tests/halvesBench.ts';

const UNIT: Unit = {
  ...HALVES,
  axes: HALVES.axes.map((axis) => ({
    ...axis,
    stations: axis.stations.map((station) =>
      station.id === 'bearing-left' ? { ...station, boreClass: 'N7' } : station,
    ),
  })),
};
const HALF = UNIT.parts.find(({ id }) => id === 'half-left')!;
const HEAT = {
  oven: 95,
  medium: 'fanOven',
  rings: 20,
  ambient: 20,
  running: 90,
  handling: 20,
} as const;
const minute = (at: number) => new Date(Date.UTC(2026, 0, 1) + at * 60_000).toISOString();

/** A half into the oven at 0 min, with the heat as it is set. */
const inOven = (settings: Partial<Record<keyof typeof HEAT, number>> = {}) =>
  new Recorder(UNIT)
    .add('HeatSet', { partId: 'half-left', settings: { ...HEAT, ...settings } as typeof HEAT }, 0)
    .add('ClockStarted', { clockId: 'o', kind: 'oven', targetId: 'half-left', seconds: 60 }, 0);
const out = (log: Recorder, at: number) =>
  log
    .add('ClockStopped', { clockId: 'o' }, at)
    .add('ClockStarted', { clockId: 'c', kind: 'cooling', targetId: 'half-left', seconds: 9 }, at);
const now = (log: Recorder, at: number) => heatNow(log.state, HALF, minute(at))!;

describe('the heat of a part at this moment', () => {
  test('should be what it has had: taken out after a second, nothing drops in', () => {
    const early = now(out(inOven(), 1 / 60), 0.1);
    expect(early.phase).toBe('out');
    expect(early.part.temperature).toBeLessThan(22);
    expect(early.plan!.status).toBe('tooCool');
    const long = now(out(inOven(), 60), 60.1);
    expect(long.part.temperature).toBeGreaterThan(90);
    expect(long.plan).toMatchObject({ status: 'ready' });
    expect(long.outFor).toBeCloseTo(6, 6);
  });

  test('should say how long it still has to lie, and believe a thermometer before the clock', () => {
    const log = inOven();
    const left = now(log, 10).soakLeft!;
    expect(left).toBeGreaterThan(60);
    // By the same body: when that time is over it is there.
    expect(now(log, 10 + left / 60).part.temperature).toBeCloseTo(95, 3);
    log.add('TemperatureRead', { partId: 'half-left', value: 94, typed: null }, 10);
    expect(now(log, 10).part).toMatchObject({ temperature: 94, isRead: true });
    expect(now(log, 10).soakLeft!).toBeLessThan(left / 2);
    log.add('TemperatureRead', { partId: 'half-left', value: 96, typed: null }, 11);
    expect(now(log, 11).soakLeft).toBe(0);
  });

  test('should find from a second reading that the oven is slow, and wait longer', () => {
    const log = inOven();
    log.add('TemperatureRead', { partId: 'half-left', value: 30, typed: null }, 4);
    log.add('TemperatureRead', { partId: 'half-left', value: 38, typed: null }, 8);
    const { part, soakLeft } = now(log, 8);
    expect(part.readings).toBe(2);
    // τ = 1.6·900/(20·0.09) = 800 s; 800·ln(70/62)/240 = 0.405 times as fast.
    expect(part.factor).toBeCloseTo((800 * Math.log(70 / 62)) / 240, 6);
    expect(soakLeft!).toBeCloseTo((800 / part.factor) * Math.log(62 / 5), 3);
  });

  test('should count a ring as cold as the freezer made it, by its clock', () => {
    const warm = inOven({ rings: -18 });
    expect(now(warm, 30).rings[0]!.temperature.temperature).toBe(20);
    expect(now(warm, 30).freezeLeft).toBeNull();
    const frozen = inOven({ rings: -18 }).add(
      'ClockStarted',
      { clockId: 'f', kind: 'freezer', targetId: 'half-left', seconds: 60 },
      0,
    );
    expect(now(frozen, 1).freezeLeft!).toBeGreaterThan(60);
    expect(now(frozen, 120).rings[0]!.temperature.temperature).toBeLessThan(-13);
    expect(now(frozen, 120).freezeLeft).toBe(0);
    // Out of the freezer it warms in the hand.
    frozen.add('ClockStopped', { clockId: 'f' }, 120);
    expect(now(frozen, 125).rings[0]!.temperature.temperature).toBeGreaterThan(0);
    expect(now(frozen, 125).freezeLeft).toBeNull();
    // A ring that was tried in its seat has left it, whatever its clock does.
    const tried = inOven({ rings: -18 })
      .add('ClockStarted', { clockId: 'f', kind: 'freezer', targetId: 'half-left', seconds: 60 }, 0)
      .add('SeatTried', { stationId: 'bearing-left', outcome: 'stoppedHalfWay' }, 120);
    expect(now(tried, 140).rings[0]!.temperature.temperature).toBeGreaterThan(15);
  });

  test('should keep the plan it began with while another is being made', () => {
    const log = out(inOven(), 60);
    log.add('HeatSet', { partId: 'half-left', settings: { ...HEAT, oven: 60 } }, 61);
    expect(now(log, 61).settings.oven).toBe(95);
    log.add('ClockStopped', { clockId: 'c' }, 62);
    expect(now(log, 62)).toMatchObject({ phase: 'shop', settings: { oven: 60 } });
  });

  test('should leave out a ring that is in, and have nothing to say where all are', () => {
    const log = out(inOven(), 60);
    log.add('SeatTried', { stationId: 'bearing-left', outcome: 'stoppedHalfWay' }, 61);
    expect(now(log, 61).plan!.seats).toHaveLength(1);
    log.add('SeatTried', { stationId: 'bearing-left', outcome: 'droppedIn' }, 62);
    expect(now(log, 62).plan).toBeNull();
    expect(now(log, 62).rings.map(({ isIn }) => isIn)).toEqual([true]);
  });

  test('should have no more clocks running when the job is closed', () => {
    const log = inOven().add('JobFinished', { note: '' }, 5);
    expect(log.state.heating.clocks).toMatchObject([{ stoppedAt: minute(5) }]);
  });

  test('should say nothing of a part of which nobody knows what it is made of', () => {
    expect(heatNow(inOven().state, { ...HALF, material: null }, minute(1))).toBeNull();
  });
});
