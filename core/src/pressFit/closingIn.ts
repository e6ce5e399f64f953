import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import { pressFit } from './pressFit.ts';
import { BOSS } from './ringForce.ts';

/** A bush and its housing. Lengths in mm. */
export interface PressedBush {
  /** Common diameter of bush and housing. */
  readonly diameter: number;
  /** Bore of the bush before it is pressed in. */
  readonly bore: number;
  readonly width: number;
  /** Outside of the boss; the usual one where it is absent. */
  readonly bossOutside?: number;
  readonly bush: MaterialChoice;
  readonly housing: MaterialChoice;
}

/**
 * By how much the bore of a bush closes in as it is pressed home, by Lamé: `Δ = 2p·D²·d / (E·(D² − d²))`, `p` the pressure between
 * bush and housing, whose boss is taken as 1.6 of its bore where it is not known. Peaks that are pressed flat make it a little less.
 *
 * @param interference diametral, mm; one that is loose closes nothing
 * @returns mm on the diameter
 * @throws InputError naming the field
 * @example closingIn({ diameter: 30, bore: 25, width: 20, bush: 'bronze', housing: 'greyIron' }, 0.04).by // 0.0286
 */
export function closingIn(
  { diameter, bore, width, bush, housing, bossOutside }: PressedBush,
  interference: number,
): { readonly by: number; readonly working: readonly WorkingLine[] } {
  requireNumber('diameter', diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('bore', bore, { above: 0, below: diameter, unit: 'mm' });
  requireNumber('width', width, { above: 0, max: 1000, unit: 'mm' });
  if (bossOutside !== undefined)
    requireNumber('bossOutside', bossOutside, { above: diameter, max: 2000, unit: 'mm' });
  requireNumber('interference', interference, { min: -5, max: 10, unit: 'mm' });
  const { pressure } = pressFit({
    interference: Math.max(0, interference),
    diameter,
    innerBore: bore,
    outerOutside: bossOutside ?? BOSS * diameter,
    length: width,
    innerMaterial: bush,
    outerMaterial: housing,
    friction: 1,
  });
  const { modulus } = materialOf(bush, 'bush');
  const by = (2 * pressure * diameter ** 2 * bore) / (modulus * (diameter ** 2 - bore ** 2));
  return {
    by,
    working: [
      line(
        'Its bore closes in by',
        'Δ = 2p·D²·d/(E·(D² − d²))',
        [
          ['p', pressure, 'pressure'],
          ['D', diameter, 'length'],
          ['d', bore, 'length'],
          ['E', modulus, 'pressure'],
        ],
        ['Δ', by, 'length'],
        'lame',
      ),
    ],
  };
}
