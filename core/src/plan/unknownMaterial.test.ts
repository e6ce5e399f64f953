import { type Unit } from '../unit/index.ts';
import { clearanceInService } from './clearanceInService.ts';
import { ringWays } from './ringWays.ts';
import { unitWith, Log, left } from './tests/seatBench.ts';

describe('a seat of a material that is not known', () => {
  const unitOf = (material: 'castAluminium' | null): Unit => {
    const unit = unitWith({});
    return {
      ...unit,
      parts: unit.parts.map((part) => (part.kind === 'shaft' ? part : { ...part, material })),
    };
  };
  const [known, unknown] = [new Log(unitOf('castAluminium')), new Log(unitOf(null))];

  test('should give no temperature and no force, and say why', () => {
    const ways = ringWays(unknown.state, 'bearing-left', 'outer');
    expect(ways.length).toBeGreaterThan(0);
    for (const { stands, temperature, force, limit } of ways)
      expect({ stands, temperature, force, limit }).toEqual({
        stands: false,
        temperature: null,
        force: null,
        limit: expect.stringMatching(/not known/),
      });
    expect(ringWays(known.state, 'bearing-left', 'outer').some(({ stands }) => stands)).toBe(true);
  });

  test('should leave the ring that is warmed itself its number: the seat does not enter', () => {
    const of = (log: Log) =>
      ringWays(log.state, 'bearing-left', 'inner').find(({ id }) => id === 'ringHeatGun')!;
    expect(of(unknown).temperature).toBe(of(known).temperature);
  });

  test('should ask for it instead of working the clearance out as if it were aluminium', () => {
    expect(clearanceInService(unknown.state, left(unknown))).toBeNull();
    const { figures, missing } = unknown.step('fitOuter:bearing-left');
    expect(figures.some(({ name }) => name.includes('Internal clearance'))).toBe(false);
    expect(missing).toContainEqual(expect.objectContaining({ on: 'part', field: 'material' }));
    expect(
      known
        .step('fitOuter:bearing-left')
        .figures.some(({ name }) => name.includes('Internal clearance')),
    ).toBe(true);
  });
});
