import { STATION_KINDS } from '../unit/index.ts';
import { drawsFrom, randomLog, randomUnit } from './index.ts';

describe('draws', () => {
  it('are the same from the same seed, others from another', () => {
    const first = (seed: number) => Array.from({ length: 5 }, drawsFrom(seed).share);
    expect(first(7)).toEqual(first(7));
    expect(first(7)).not.toEqual(first(8));
    expect(randomUnit(drawsFrom(3))).toEqual(randomUnit(drawsFrom(3)));
    expect(randomLog(drawsFrom(3), 40, 0.2)).toEqual(randomLog(drawsFrom(3), 40, 0.2));
  });

  it('fill their range evenly', () => {
    const { share, whole, chance } = drawsFrom(1);
    const shares = Array.from({ length: 20_000 }, share);
    expect(Math.min(...shares)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...shares)).toBeLessThan(1);
    // Mean and variance of a uniform share: 1/2 and 1/12, within five standard errors.
    const mean = shares.reduce((sum, one) => sum + one, 0) / shares.length;
    expect(Math.abs(mean - 0.5)).toBeLessThan(5 / Math.sqrt(12 * shares.length));
    const variance = shares.reduce((sum, one) => sum + (one - mean) ** 2, 0) / shares.length;
    expect(variance).toBeCloseTo(1 / 12, 2);
    const dice = Array.from({ length: 6000 }, () => whole(1, 6));
    for (let face = 1; face <= 6; face += 1)
      expect(Math.abs(dice.filter((one) => one === face).length - 1000)).toBeLessThan(150);
    const heads = Array.from({ length: 10_000 }, () => chance(0.2)).filter(Boolean).length;
    expect(Math.abs(heads - 2000)).toBeLessThan(200);
  });
});

describe('drawn units and logs', () => {
  const units = Array.from({ length: 300 }, (_, seed) => randomUnit(drawsFrom(seed)));
  const logs = Array.from({ length: 300 }, (_, seed) => randomLog(drawsFrom(seed), 60, 0.1));

  it('hold every kind of station, and names that every object has', () => {
    const stations = units.flatMap(({ axes }) => axes.flatMap((axis) => axis.stations));
    expect([...new Set(stations.map(({ kind }) => kind))].toSorted()).toEqual(
      [...STATION_KINDS].toSorted(),
    );
    expect(stations.some(({ id }) => id in Object.prototype)).toBe(true);
  });

  it('hold every type of event, some of them spoilt', () => {
    const events = logs.flat();
    const types = new Set(events.map(({ type }) => type));
    expect(types.size).toBeGreaterThan(40);
    for (const type of ['RunClosed', 'SleeveRenewed', 'PracticeMarked', 'JobFinished', 'Undone'])
      expect(types).toContain(type);
    expect(events.some(({ at }) => at === '2026-W48-2')).toBe(true);
    expect(new Set(logs.map((log) => log.map(({ id }) => id).join())).size).toBe(1); // ids count up
  });

  it('are sound where nothing is to be broken', () => {
    const sound = randomLog(drawsFrom(5), 200);
    expect(sound).toHaveLength(200);
    expect(sound.every(({ at }) => Number.isFinite(Date.parse(at)))).toBe(true);
  });
});
