import { requireNumber } from '../faults/index.ts';

/** Nut factor: torque = K·force·thread. Common practice, no source. */
export const NUT_FACTOR = { dry: 0.2, oiled: 0.15 } as const;

/**
 * What a draw-in screw must be turned with for a force, and what it can take: `T = K·F·d`, proof load = proof stress ×
 * `π/4·(d − 0.9382·P)²` (tensile stress area of a metric thread, ISO 898-1).
 *
 * @param thread nominal diameter, mm; `pitch` mm; `proofStress` MPa
 * @throws InputError naming the field
 */
export function drawScrew({
  force,
  thread,
  pitch,
  proofStress,
}: {
  readonly force: number;
  readonly thread: number;
  readonly pitch: number;
  readonly proofStress: number;
}): {
  readonly torqueDry: number;
  readonly torqueOiled: number;
  readonly proofLoad: number;
  readonly holds: boolean;
} {
  requireNumber('force', force, { min: 0, max: 1e7, unit: 'N' });
  requireNumber('thread', thread, { above: 2, max: 100, unit: 'mm' });
  requireNumber('pitch', pitch, { above: 0.2, max: 8, unit: 'mm' });
  requireNumber('proofStress', proofStress, { above: 0, max: 2000, unit: 'MPa' });
  const area = (Math.PI / 4) * (thread - 0.9382 * pitch) ** 2;
  const proofLoad = proofStress * area;
  return {
    torqueDry: (NUT_FACTOR.dry * force * thread) / 1000,
    torqueOiled: (NUT_FACTOR.oiled * force * thread) / 1000,
    proofLoad,
    holds: force <= proofLoad,
  };
}
