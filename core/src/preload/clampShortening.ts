import { requireNumber } from '../faults/index.ts';

/** A stack between a shoulder and its clamping nut. Torques N·m, lengths mm. */
export interface ClampInput {
  /** Nut torque when it was measured, and when it is closed. */
  readonly trialTorque: number;
  readonly finalTorque: number;
  /** Thread diameter. */
  readonly thread: number;
  /** Nut factor K of `T = K·d·F`: about 0.2 dry, 0.15 oiled (common practice, no source). */
  readonly nutFactor: number;
  /** Length and section (mm²) of what is clamped, and the elastic modulus of its material, MPa. */
  readonly length: number;
  readonly area: number;
  readonly modulus: number;
}

/**
 * How much shorter a clamped stack becomes when its nut goes from trial to final torque: `ΔL = ΔF·L/(E·A)`, F = T/(K·d).
 * So much play is lost between the two.
 *
 * @throws InputError naming the field
 */
export function clampShortening(input: ClampInput): number {
  requireNumber('trialTorque', input.trialTorque, { min: 0, max: 5000, unit: 'N·m' });
  requireNumber('finalTorque', input.finalTorque, {
    min: input.trialTorque,
    max: 5000,
    unit: 'N·m',
  });
  requireNumber('thread', input.thread, { above: 2, max: 200, unit: 'mm' });
  requireNumber('nutFactor', input.nutFactor, { min: 0.05, max: 0.5 });
  requireNumber('length', input.length, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('area', input.area, { above: 0, max: 1e5, unit: 'mm²' });
  requireNumber('modulus', input.modulus, { min: 1000, max: 1e6, unit: 'MPa' });
  const force = ((input.finalTorque - input.trialTorque) * 1000) / (input.nutFactor * input.thread);
  return (force * input.length) / (input.modulus * input.area);
}
