import { clampTerm } from './clampTerm.ts';
import { unitOf } from './tests/bench.ts';
import { complete } from './tests/planOf.ts';

describe('a nut that is tighter at the end', () => {
  test('should take what its spacer is shortened by, and nothing where there is no spacer', () => {
    const drawn = unitOf('coneSpacerShims');
    const axis = complete(drawn).axes[0]!;
    const spacer = axis.stations.find(({ kind }) => kind === 'spacer')!;
    const { clamp, term } = clampTerm(axis, { trialTorque: 50, finalTorque: 250, thread: 24 })!;
    // ΔF = 200 N·m/(0.15·24 mm) = 55.6 kN; ΔL = ΔF·L/(E·A) (Hooke).
    expect(term.final).toBeCloseTo(
      ((200_000 / 3.6) * spacer.width) /
        (206_000 * (Math.PI / 4) * (spacer.outside ** 2 - spacer.inside ** 2)),
      9,
    );
    expect(term.uncertainty).toBeCloseTo(term.final / 4, 12);
    expect(clamp.nutFactor).toBe(0.15);
    // A spacer that is only drawn has no length.
    expect(clampTerm(drawn.axes[0]!, { trialTorque: 50, finalTorque: 250, thread: 24 })).toBeNull();
    expect(
      clampTerm(unitOf('coverShims').axes[0]!, { trialTorque: 50, finalTorque: 250, thread: 24 }),
    ).toBeNull();
    expect(() => clampTerm(axis, { trialTorque: 50, finalTorque: 20, thread: 24 })).toThrow(
      /finalTorque/,
    );
  });
});
