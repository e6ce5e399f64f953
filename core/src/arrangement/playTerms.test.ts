import { termGain, termShift, type PlayTermKind } from './playTerms.ts';

describe('what differs between trial and final build', () => {
  /** The play of rigid chains, cup backs and cone backs where the arrangement has them. mm. */
  const chain = ({ gasket = 0.3, t1 = 20, t2 = 20, b1 = 18, b2 = 18, spacer = 60 }) => ({
    faceToFace: 100.2 + gasket - 60 - t1 - t2,
    // Cone backs are b1 + spacer + b2 apart, cup backs 56.1 on the shoulders between them.
    backToBack: b1 + spacer + b2 - t1 - t2 - 55.9,
  });

  test('should move the play as the chain of rigid parts does', () => {
    const moved = (change: Parameters<typeof chain>[0], arrangement: 'faceToFace' | 'backToBack') =>
      chain(change)[arrangement] - chain({})[arrangement];
    for (const arrangement of ['faceToFace', 'backToBack'] as const) {
      const shift = (kind: PlayTermKind, trial: number, final: number) =>
        termShift(arrangement, [{ kind, trial, final, uncertainty: 0 }]).shift;
      expect(shift('gasket', 0.3, 0.5)).toBeCloseTo(moved({ gasket: 0.5 }, arrangement), 9);
      expect(shift('bearingHeight', 20, 20.13)).toBeCloseTo(moved({ t1: 20.13 }, arrangement), 9);
      expect(shift('mockUpBearing', 20, 19.9)).toBeCloseTo(moved({ t2: 19.9 }, arrangement), 9);
      expect(shift('coneWidth', 18, 18.07)).toBeCloseTo(moved({ b1: 18.07 }, arrangement), 9);
      expect(shift('clampTorque', 0, 0.024)).toBeCloseTo(
        moved({ spacer: 60 - 0.024 }, arrangement) * (arrangement === 'backToBack' ? 1 : 0),
        9,
      );
    }
  });

  test('should add up, uncertainties in quadrature', () => {
    const term = (kind: PlayTermKind, by: number, uncertainty: number) => ({
      kind,
      trial: 1,
      final: 1 + by,
      uncertainty,
    });
    const { shift, uncertainty } = termShift('faceToFace', [
      term('gasket', 0.2, 0.003),
      term('bearingHeight', 0.05, 0.004),
      term('coneWidth', 0.9, 0.5),
    ]);
    expect(shift).toBeCloseTo(0.15, 9);
    expect(uncertainty).toBeCloseTo(0.005, 9);
    expect(termShift('plainThrust', [])).toEqual({ shift: 0, uncertainty: 0 });
    expect(() => termShift('faceToFace', [term('gasket', -2, 0)])).toThrow(/terms\[0\].final/);
    expect(() => termGain('faceToFace', 'odd' as 'gasket')).toThrow(/kind/);
  });
});
