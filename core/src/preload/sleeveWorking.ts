import { line, type WorkingLine } from '../working/index.ts';
import type { AngleRange } from './sleeveFit.ts';

/** The law that was fitted, and where it meets the band. */
export function sleeveWorking({
  sealDrag,
  exponent,
  contact,
  stiffness,
  lower,
  toLower,
}: {
  readonly sealDrag: number;
  readonly exponent: number;
  readonly contact: number;
  readonly stiffness: number;
  readonly lower: number;
  readonly toLower: AngleRange;
}): readonly WorkingLine[] {
  return [
    line(
      'The rise, n held',
      'T = T₀ + k·(θ − θc)ⁿ',
      [
        ['T₀', sealDrag, 'torque'],
        ['n', exponent, 'number'],
        ['θc', contact, 'angle'],
      ],
      ['k, N·m/°ⁿ', stiffness, 'number'],
      'sleeveLaw',
    ),
    line(
      'Angle to the limits',
      'θ = θc + ((T − T₀)/k)^(1/n)',
      [
        ['T', lower + sealDrag, 'torque'],
        ['earliest', toLower.least, 'angle'],
        ['latest', toLower.most, 'angle'],
      ],
      ['θ', toLower.likely, 'angle'],
      'sleeveLaw',
    ),
  ];
}
