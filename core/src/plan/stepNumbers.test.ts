import { type Unit } from '../unit/index.ts';
import { compilePlan } from './compilePlan.ts';
import { HABITS, Bench, reel, complete } from './tests/planOf.ts';

describe('numbers of the plan', () => {
  const figures = (unit: Unit, id: string, until: string) => {
    const bench = new Bench(unit).work(until);
    const step = compilePlan(bench.state).steps.find((one) => one.id === id)!;
    return Object.fromEntries(step.figures.map((figure) => [figure.name, figure]));
  };

  test('should work the heat out from the bores measured, and keep to the limit of casting and bearing', () => {
    const heat = figures(
      complete(reel('crankcaseHalves', '6205', '6205')),
      'heat:half-left',
      'heat',
    );
    // Bores 51.988 to 51.990 mm, mean 51.989 ± 0.0009; ring 52 + 0 − 0.013: at most 52 − 51.9881 = 0.0119 mm;
    // c = 0.026: T = 20 + 0.0379/(52 · 21.5e-6) = 53.9 °C.
    expect(heat['Left bearing drops in from']).toMatchObject({ quantity: 'temperature' });
    expect((heat['Left bearing drops in from'] as { least: number }).least).toBeCloseTo(53.9, 1);
    // Stricter than the casting's own 150 °C: left in a hotter half, the open bearing would pass its 120 °C.
    expect(heat['Limit of the oven']).toMatchObject({
      least: null,
      source: expect.stringMatching(/Left bearing, left in the hot part, would pass 120 °C/),
    });
    const { most } = heat['Limit of the oven'] as { most: number };
    expect(most).toBeGreaterThan(120);
    expect(most).toBeLessThan(150);
  });

  test('should say how a bore is out of round, with its guard band', () => {
    const bore = figures(
      complete(reel('crankcaseHalves', '6205', '6205')),
      'measureSeats:bearing-left',
      'heat',
    );
    expect(bore['Bore, ovality']).toMatchObject({ word: 'conforms' });
    expect((bore['Bore, ovality'] as { least: number }).least).toBeCloseTo(0.002, 9);
  });

  test('should carry the as-found play over as the first estimate of the pack', () => {
    const bench = new Bench(complete(reel('coverShims'))).work('measure', {
      ...HABITS,
      asFoundPlay: 0.31,
    });
    const step = compilePlan(bench.state).next!;
    const estimate = step.figures.find(({ name }) => name === 'Pack, first estimate');
    // A thicker cover shim gives more play: 1.000 + (0.14 − 0.31)/1 = 0.830 mm.
    expect((estimate as { least: number }).least).toBeCloseTo(0.83, 9);
  });

  test('should tighten in rounds to the middle of the limits, in a star', () => {
    const torque = figures(complete(reel('coverShims')), 'torque:bolts', 'torque');
    expect(torque['Order']).toMatchObject({ text: '1 – 4 – 2 – 5 – 3 – 6' });
    expect(
      ['Round 1', 'Round 2', 'Round 3'].map((name) => (torque[name] as { least: number }).least),
    ).toEqual([11, 16.5, 22]);
  });
});
