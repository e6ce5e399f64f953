import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';

/**
 * Share of a groove wall's area that really carries, as for a shoulder three times as long as the groove is deep;
 * and the safety asked of it.
 */
const EDGE = 1.2;
const SAFETY = 2;

/**
 * Axial force that the groove of a snap ring may take, N: `F = π·D·t·σ / (q·S)` with q = 1.2 and S = 2. The usual
 * form of the retaining-ring standards (DIN 471 and 472; from memory). A ring pressed against a snap ring pushes
 * with all of the press.
 *
 * @param diameter of the bore or shaft, mm; `depth` of the groove, radial, mm
 * @throws InputError naming the field
 * @example grooveLoad({ diameter: 52, depth: 1.5, material: 'castAluminium' }) // 15 315 N
 */
export function grooveLoad({
  diameter,
  depth,
  material,
}: {
  readonly diameter: number;
  readonly depth: number;
  readonly material: MaterialChoice;
}): number {
  requireNumber('diameter', diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('depth', depth, { above: 0, max: 20, unit: 'mm' });
  return (Math.PI * diameter * depth * materialOf(material).proof) / (EDGE * SAFETY);
}
