import jstat from 'jstat';

import { USUAL_RANGE } from '../measure/index.ts';
import { drawsFrom } from '../odds/index.ts';
import type { BeforeBuilds, Build } from './builds.ts';
import { learnBuilds } from './learnBuilds.ts';

const BEFORE: BeforeBuilds = { gains: [{ value: 1, uncertainty: 0.02 }], scatter: USUAL_RANGE };
const play = (thicknesses: readonly number[], read: number, uncertainty = 0.003): Build => ({
  thicknesses,
  by: 'play',
  read,
  uncertainty,
  shared: 0,
});
const torque = (thickness: number, read: number, uncertainty = 0.03 * read): Build => ({
  thicknesses: [thickness],
  by: 'torque',
  read,
  uncertainty,
  shared: 0,
});

describe('what the builds of an axis say', () => {
  test('should find the gains of two sites as general least squares does where nothing is held', () => {
    // Reference: jstat's multiple regression, an independent implementation.
    const rows = [
      [0, 0],
      [0.2, 0.05],
      [0.1, 0.3],
      [0.35, 0.15],
      [0.05, 0.2],
    ] as const;
    const plays = [0.301, 0.447, 0.098, 0.502, 0.146];
    const free = [
      { value: 0, uncertainty: 10 },
      { value: 0, uncertainty: 10 },
    ];
    const learned = learnBuilds(
      rows.map((thicknesses, at) => play(thicknesses, plays[at]!)),
      { gains: free, scatter: USUAL_RANGE },
      { thicknesses: [0, 0], torques: [] },
    );
    const { coef } = jstat.models.ols(
      plays,
      rows.map((row) => [1, ...row]),
    );
    expect(learned.value).toBeCloseTo(coef[0]!, 5);
    expect(learned.gains.map(({ value }) => value)).toEqual([
      expect.closeTo(coef[1]!, 4),
      expect.closeTo(coef[2]!, 4),
    ]);
  });

  test('should carry one build on by its gains, the less surely the further', () => {
    const learned = learnBuilds([play([1], 0.2)], BEFORE, { thicknesses: [0.75], torques: [0.9] });
    expect(learned.value).toBeCloseTo(-0.05, 9);
    expect(learned.uncertainty).toBeCloseTo(Math.hypot(0.003, 0.25 * 0.02), 9);
    expect(learned.torques).toBeNull();
  });

  test('should say nothing of the play by one torque, as its scale is not known', () => {
    const loose = play([1], 0.2);
    const carried = learnBuilds([loose], BEFORE, { thicknesses: [0.75], torques: [] });
    for (const read of [0.2, 0.9, 3]) {
      const learned = learnBuilds([loose, torque(0.75, read)], BEFORE);
      expect(Math.abs(learned.value - carried.value)).toBeLessThan(0.002);
    }
  });

  test('should be where it is when its own torque is wanted, and further in the more is wanted', () => {
    const builds = [play([1], 0.2), torque(0.75, 0.9)];
    const wanted = { thicknesses: [0.75], torques: [0.45, 0.9, 1.8] };
    const { value, torques } = learnBuilds(builds, BEFORE, wanted);
    const [half, same, twice] = torques!;
    expect(same!.play).toBeCloseTo(value, 3);
    // A half of it is between 0.50 and 0.63 of the travel, double 1.59 to 2 times.
    expect(half!.play / value).toBeGreaterThan(0.49);
    expect(half!.play / value).toBeLessThan(0.64);
    expect(twice!.play / value).toBeGreaterThan(1.58);
    expect(twice!.play / value).toBeLessThan(2.01);
    expect(same!.uncertainty).toBeLessThan(twice!.uncertainty);
    expect(half!.uncertainty).toBeLessThan(twice!.uncertainty);
  });

  test.each([
    ['as assumed', { scatter: 0.003, off: 0.02 }, 0.93],
    ['that scatter twice as much and give up to a tenth', { scatter: 0.006, off: 0.05 }, 0.7],
  ])('should come to the torque that is wanted, in units %s', (_, world, least) => {
    const { normal, uniform } = drawsFrom(11);
    const units = 80;
    let [held, nearer] = [0, 0];
    for (let unit = 0; unit < units; unit += 1) {
      const gain = 1 + world.off * normal();
      const [exponent, scale] = [1 + 0.5 * uniform(), 0.9 / 0.045 ** (1 + 0.5 * uniform())];
      const built = (thickness: number) =>
        0.2 + gain * (thickness - 1) + (world.scatter / Math.SQRT2) * normal();
      const torqueOf = (preload: number) => scale * preload ** exponent;
      const tight = 0.72 + 0.05 * uniform();
      const read = torqueOf(Math.max(0.002, -built(tight))) * (1 + 0.03 * normal());
      const target = read * (0.6 + 0.8 * uniform());
      const loose = play([1], built(1) + 0.003 * normal());
      const learned = learnBuilds([loose, torque(tight, read)], BEFORE, {
        thicknesses: [tight],
        torques: [target],
      });
      const [wanted] = learned.torques!;
      const change = wanted!.play - learned.value;
      const middle = -(0.2 + gain * (tight - 1));
      const right = -((target / scale) ** (1 / exponent)) + middle;
      const spread = Math.hypot(wanted!.uncertainty, learned.scatter.value);
      if (Math.abs(change - right) <= 2 * spread) held += 1;
      if (Math.abs(change - right) < Math.abs(right)) nearer += 1;
    }
    expect(held / units).toBeGreaterThanOrEqual(least);
    expect(nearer / units).toBeGreaterThan(0.6);
  });

  test('should learn how torque rises from two builds with preload', () => {
    const one = [play([1], 0.2), torque(0.75, 0.9)];
    // 0.02 mm more and the torque doubled: the travel was 0.02 to 0.034, not the 0.05 that was carried.
    const two = [...one, torque(0.73, 1.8)];
    const [before, after] = [learnBuilds(one, BEFORE), learnBuilds(two, BEFORE)];
    expect(before.value).toBeCloseTo(-0.05, 2);
    expect(after.value).toBeGreaterThan(-0.07);
    expect(after.uncertainty).toBeLessThan(before.uncertainty + 0.004);
  });

  test('should refuse builds of which none says a play, and what does not match its sites', () => {
    expect(() => learnBuilds([], BEFORE)).toThrow(/builds/);
    expect(() => learnBuilds([torque(1, 2)], BEFORE)).toThrow(/builds/);
    expect(() => learnBuilds([play([1, 2], 0.2)], BEFORE)).toThrow(/thicknesses/);
    expect(() => learnBuilds([play([1], 0.2), torque(0.7, 0)], BEFORE)).toThrow(/read/);
    expect(() =>
      learnBuilds([play([1], 0.2)], BEFORE, { thicknesses: [1], torques: [-1] }),
    ).toThrow(/torques/);
  });
});
