import { type UnitTemplate } from '../unit/index.ts';
import { runningPlay } from './runningPlay.ts';
import { Bench, unitOf } from './tests/bench.ts';

describe('the play as the unit runs', () => {
  const made = (housing: 'castAluminium' | 'greyIron', template: UnitTemplate = 'coverShims') => {
    const unit = unitOf(template);
    return new Bench({
      ...unit,
      parts: unit.parts.map((part) => ({
        ...part,
        material: part.kind === 'shaft' ? 'carbonSteel' : housing,
      })),
    });
  };

  test('should open in an aluminium case face to face, and close back to back', () => {
    // 92 mm between the cup backs, (21.5 − 11.7)·10⁻⁶·70 K = 0.686 ‰: 63 µm of length; no cup fit is known.
    const open = runningPlay(made('castAluminium').state, made('castAluminium').axis, 0.1)!;
    expect(open).toMatchObject({
      running: 90,
      warm: expect.closeTo(0.1 + 92 * 9.8e-6 * 70, 4),
      withoutFit: ['Left bearing', 'Right bearing'],
    });
    const spacer = made('castAluminium', 'coneSpacerShims');
    expect(runningPlay(spacer.state, spacer.axis, 0.1)!.warm).toBeCloseTo(
      0.1 - 60 * 9.8e-6 * 70,
      4,
    );
  });

  test('should open more where the cups give their fit up, and say that they are loose', () => {
    const bench = made('castAluminium');
    const tight = bench.record({
      type: 'StationDescribed',
      data: {
        axisId: 'axis',
        station: {
          ...bench.axis.stations.find(({ id }) => id === 'bearing-left')!,
          tightRing: 'both',
          boreClass: 'N7',
        },
      },
    });
    const warm = runningPlay(tight.state, tight.axis, 0.1)!;
    expect(warm.byCups).toBeGreaterThan(0.01);
    expect(warm.loose).toContain('Left bearing');
  });

  test('should say nothing where nothing differs, or nothing is known', () => {
    expect(
      runningPlay(new Bench(unitOf('coverShims')).state, new Bench(unitOf('coverShims')).axis, 0.1),
    ).toBeNull();
    const washers = made('castAluminium', 'thrustWasher');
    expect(runningPlay(washers.state, washers.axis, 0.1)).toBeNull();
  });
});
