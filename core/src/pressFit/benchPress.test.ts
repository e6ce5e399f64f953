import { closingIn } from './closingIn.ts';
import { drawnCupBore } from './drawnCupBore.ts';
import { gaugeForce } from './gaugeForce.ts';
import { ringForce, type SeatedRing } from './ringForce.ts';

describe('force of a press by its gauge', () => {
  test('should be pressure on the area of the piston, by hand', () => {
    // 200 bar on 50 mm: 20 N/mm² · 1963.5 mm².
    expect(gaugeForce(20, 50).force).toBeCloseTo(39_269.9, 1);
    expect(gaugeForce(0, 50).force).toBe(0);
    expect(() => gaugeForce(20, 0)).toThrow('piston');
    expect(() => gaugeForce(-1, 50)).toThrow('pressure');
  });
});

describe('a drawn cup once it is pressed in', () => {
  const cup = {
    gaugedLeast: 20.02,
    gaugedMost: 20.041,
    gauge: 25.976,
    boreLeast: 25.976,
    boreMost: 25.976,
  };

  test('should measure in a bore like its ring gauge what it does in that', () => {
    expect(drawnCupBore(cup)).toMatchObject({
      least: expect.closeTo(20.02, 9),
      most: expect.closeTo(20.041, 9),
    });
  });

  test('should be as much tighter as its bore', () => {
    const tight = drawnCupBore({ ...cup, boreLeast: 25.966, boreMost: 25.97 });
    expect(tight.least).toBeCloseTo(20.01, 9);
    expect(tight.most).toBeCloseTo(20.035, 9);
  });

  test('should refuse sizes upside down, and a gauge inside of its bore', () => {
    expect(() => drawnCupBore({ ...cup, gaugedMost: 20 })).toThrow('gaugedMost');
    expect(() => drawnCupBore({ ...cup, boreMost: 25 })).toThrow('boreMost');
    expect(() => drawnCupBore({ ...cup, gauge: 20 })).toThrow('gauge');
  });
});

describe('a boss and a hollow shaft that are known', () => {
  test('should close a bush the more the thicker the boss', () => {
    const bush = {
      diameter: 30,
      bore: 25,
      width: 20,
      bush: 'bronze',
      housing: 'greyIron',
    } as const;
    const by = (bossOutside?: number) =>
      closingIn(bossOutside === undefined ? bush : { ...bush, bossOutside }, 0.04).by;
    expect(by(36)).toBeLessThan(by());
    expect(by(48)).toBeCloseTo(by(), 12);
    expect(by(90)).toBeGreaterThan(by());
  });

  test('should take less force over a hollow shaft, and in a thin boss', () => {
    const seat: SeatedRing = {
      ring: 'inner',
      diameter: 30,
      other: 62,
      width: 16,
      material: 'carbonSteel',
      bush: null,
    };
    const fit = { least: 0.01, mean: 0.015, most: 0.02 };
    const force = (one: SeatedRing) => ringForce(one, fit, 'in').most;
    expect(force({ ...seat, partSize: 20 })).toBeLessThan(force(seat));
    const outer = { ...seat, ring: 'outer', diameter: 62, other: 30 } as const;
    expect(force({ ...outer, partSize: 70 })).toBeLessThan(force(outer));
  });
});
