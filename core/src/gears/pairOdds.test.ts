import { drawsFrom } from '../odds/index.ts';
import { pairForecast, pairOdds, type PairMove } from './pairOdds.ts';
import { splitTurns } from './splitTurns.ts';

const figure = (value: number, lower: number, upper: number, uncertainty = 0.005) => ({
  value,
  uncertainty,
  degreesOfFreedom: null,
  band: { lower, upper, target: null },
});
const MOVE: PairMove = {
  depth: figure(0.12, -0.03, 0.03),
  play: figure(0.1, -0.2, -0.08),
  backlash: figure(0.3, 0.1, 0.2),
  pinion: -0.12,
  ring: -0.18,
  total: 0.24,
  perRing: { value: 0.8, uncertainty: 0.05 },
  perPinion: { value: 0.2, uncertainty: 0.02 },
  shims: 0.002,
  seating: { value: 0.003, degreesOfFreedom: null },
};

describe('what a change in one does to the others', () => {
  test('should move the backlash by both gears, the depth by the pinion, the play by the sum', () => {
    const { depth, play, backlash } = pairForecast(MOVE);
    expect(depth!.value).toBeCloseTo(0, 9);
    expect(play!.value).toBeCloseTo(-0.14, 9);
    expect(backlash!.value).toBeCloseTo(0.3 - 0.8 * 0.18 - 0.2 * 0.12, 9);
    expect(pairForecast({ ...MOVE, play: null }).play).toBeNull();
  });

  test('should be as sure as many builds of it scatter', () => {
    const { normal } = drawsFrom(3);
    const values = Array.from({ length: 40_000 }, () => {
      const away = -0.18 + Math.hypot(MOVE.shims, MOVE.seating.value) * normal();
      const pinion = (0.2 + 0.02 * normal()) * -0.12;
      return 0.3 + 0.005 * normal() + (0.8 + 0.05 * normal()) * away + pinion;
    });
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const spread = Math.sqrt(
      values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length,
    );
    expect(pairForecast(MOVE).backlash!.uncertainty / spread).toBeCloseTo(1, 1);
  });

  test('should give odds near one where all aim well inside, and near none where one does not', () => {
    expect(pairOdds(MOVE)).toBeGreaterThan(0.97);
    expect(pairOdds({ ...MOVE, ring: 0 })).toBeLessThan(0.02);
    const even = { ...MOVE, depth: null, play: null, backlash: figure(0.2, 0.1, 0.2), pinion: 0 };
    expect(pairOdds({ ...even, ring: 0 })).toBeCloseTo(0.5, 1);
  });
});

describe('turns of two adjusters', () => {
  const thread = { lead: 1.5, notches: 20 };

  test('should be whole notches, none of all pairs about them nearer', () => {
    const step = 1.5 / 20;
    for (const travel of [
      { gear: 0.113, other: -0.04 },
      { gear: -0.21, other: 0.33 },
      { gear: 0.0374, other: 0.0376 },
    ]) {
      const chosen = splitTurns(travel, { gear: thread, other: thread });
      const miss = (g: number, o: number) =>
        Math.hypot(
          g * step - travel.gear + o * step - travel.other,
          o * step - travel.other - (g * step - travel.gear),
        );
      const all = Array.from({ length: 41 * 41 }, (_, at) =>
        miss((at % 41) - 20, Math.floor(at / 41) - 20),
      );
      expect(miss(chosen.gear.notches!, chosen.other.notches!)).toBeCloseTo(Math.min(...all), 9);
    }
  });

  test('should be exact where the lock holds anywhere', () => {
    const free = { lead: 2, notches: null };
    const turns = splitTurns({ gear: 0.1, other: -0.05 }, { gear: free, other: free });
    expect(turns.gear.angle).toBeCloseTo(18, 9);
    expect(turns).toMatchObject({ preloadOff: 0, placeOff: 0 });
  });

  test('should refuse what no thread has', () => {
    expect(() => splitTurns({ gear: 30, other: 0 }, { gear: thread, other: thread })).toThrow(
      /gear.travel/,
    );
  });
});
