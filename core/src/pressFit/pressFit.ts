import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** Two rings pressed together. Lengths in mm. */
export interface PressFitInput {
  /** Diametral, > 0. */
  readonly interference: number;
  /** Common diameter. */
  readonly diameter: number;
  /** Inside diameter of the inner part; 0 when it is solid. */
  readonly innerBore: number;
  /** Outside diameter of the outer part. */
  readonly outerOutside: number;
  readonly length: number;
  readonly innerMaterial: MaterialChoice;
  readonly outerMaterial: MaterialChoice;
  /** Coefficient of friction when pressing. */
  readonly friction: number;
}

/** What a press fit does. */
export interface PressFit {
  /** MPa. */
  readonly pressure: number;
  /** Hoop stress at the bore of the outer part, MPa, and at the bore of the inner part. */
  readonly outerStress: number;
  readonly innerStress: number;
  /** N. */
  readonly force: number;
  /** N·m it carries before it slips, at the same friction. */
  readonly torque: number;
  readonly working: readonly WorkingLine[];
}

/** Usual friction of oiled steel when pressing. Common practice, no source. */
export const USUAL_FRICTION = 0.12;

/**
 * Pressure, stress and press force of a cylindrical press fit, by Lamé's rings (thick-walled cylinders):
 * `p = δ / (d·[(1/Eo)·((Do² + d²)/(Do² − d²) + νo) + (1/Ei)·((d² + di²)/(d² − di²) − νi)])`, `F = μ·π·d·L·p`,
 * `T = μ·π·d²·L·p/2`.
 *
 * @throws InputError naming the field
 */
export function pressFit(input: PressFitInput): PressFit {
  const { interference, diameter: d, innerBore: di, outerOutside: Do, length: L, friction } = input;
  requireNumber('interference', interference, { min: 0, max: 10, unit: 'mm' });
  requireNumber('diameter', d, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('innerBore', di, { min: 0, below: d, unit: 'mm' });
  requireNumber('outerOutside', Do, { above: d, max: 3000, unit: 'mm' });
  requireNumber('length', L, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('friction', friction, { above: 0, max: 1 });
  const outer = materialOf(input.outerMaterial, 'outerMaterial');
  const inner = materialOf(input.innerMaterial, 'innerMaterial');
  const ratioOuter = (Do * Do + d * d) / (Do * Do - d * d);
  const ratioInner = (d * d + di * di) / (d * d - di * di);
  const pressure =
    interference /
    (d *
      ((ratioOuter + outer.poisson) / outer.modulus +
        (ratioInner - inner.poisson) / inner.modulus));
  const force = friction * Math.PI * d * L * pressure;
  return {
    pressure,
    outerStress: pressure * ratioOuter,
    // A solid shaft has no bore: its stress is the pressure itself.
    innerStress: di === 0 ? -pressure : (-2 * pressure * d * d) / (d * d - di * di),
    force,
    torque: (force * d) / 2000,
    working: [
      line(
        'Pressure between them',
        'p = δ/(d·[…])',
        [
          ['δ', interference, 'length'],
          ['d', d, 'length'],
          ['Do', Do, 'length'],
          ['di', di, 'length'],
        ],
        ['p', pressure, 'pressure'],
        'lame',
      ),
      line(
        'Hoop stress at the bore of the outer part',
        'σ = p·(Do² + d²)/(Do² − d²)',
        [['p', pressure, 'pressure']],
        ['σ', pressure * ratioOuter, 'pressure'],
        'lame',
      ),
      line(
        'Force to press',
        'F = μ·π·d·L·p',
        [
          ['μ', friction, 'number'],
          ['L', L, 'length'],
          ['p', pressure, 'pressure'],
        ],
        ['F', force, 'force'],
        'lame',
      ),
    ],
  };
}
