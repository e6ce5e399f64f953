import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/**
 * Force of a press from what its gauge shows: `F = p·π/4·D²`, D the piston of the ram. What the seals of the ram take is left out: a
 * few hundredths of it.
 *
 * @param pressure MPa, as the gauge shows it; @param piston diameter of the ram's piston, mm
 * @returns N
 * @throws InputError naming the field
 * @example gaugeForce(20, 50).force // 39270
 */
export function gaugeForce(
  pressure: number,
  piston: number,
): { readonly force: number; readonly working: readonly WorkingLine[] } {
  requireNumber('pressure', pressure, { min: 0, max: 400, unit: 'MPa' });
  requireNumber('piston', piston, { above: 0, max: 1000, unit: 'mm' });
  const force = (pressure * Math.PI * piston ** 2) / 4;
  return {
    force,
    working: [
      line(
        'Force of the ram',
        'F = p·π/4·D²',
        [
          ['p', pressure, 'pressure'],
          ['D', piston, 'length'],
        ],
        ['F', force, 'force'],
        'ram',
      ),
    ],
  };
}
