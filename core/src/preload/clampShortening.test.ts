import { clampShortening } from './clampShortening.ts';

describe('a clamped stack', () => {
  test('should become shorter under the final torque, by Hooke', () => {
    const base = {
      trialTorque: 50,
      finalTorque: 250,
      thread: 20,
      nutFactor: 0.2,
      length: 60,
      area: 600,
      modulus: 206_000,
    };
    // ΔF = 200 N·m/(0.2·20 mm) = 50 kN; 50 000·60/(206 000·600) = 24.3 µm.
    expect(clampShortening(base)).toBeCloseTo(0.02427, 5);
    expect(() => clampShortening({ ...base, finalTorque: 10 })).toThrow(/finalTorque/);
  });
});
