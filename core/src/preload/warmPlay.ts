import { requireNumber, requireOneOf } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** A tapered bearing's cup in its case. Lengths in mm, the contact angle in degrees. */
export interface WarmCup {
  readonly outside: number;
  readonly contactAngle: number;
  /** Contraction of the raceway by its press fit, at 20 °C and at running temperature. */
  readonly contractionCold: number;
  readonly contractionWarm: number;
  /** Interference of the cup in the case at running temperature. */
  readonly fitWarm: number;
}

/** What a shaft in a case of another material does when it is warm. mm. */
export interface WarmPlay {
  readonly warm: number;
  /** By the length between the cups, and by what the cups open. */
  readonly byLength: number;
  readonly byCups: number;
  /** Cups that are loose in the case when warm, by their place in the list. */
  readonly looseCups: readonly number[];
  readonly working: readonly WorkingLine[];
}

/**
 * End play at running temperature: `warm = cold ± ε·L + Σ ½·(c20 − cT)·cot α`, ε = (αH − αS)·ΔT, + for face to face
 * (the case carries the cups apart), − for back to back. A steel cup does not follow the aluminium: it only opens by
 * the press-fit contraction it gives up.
 *
 * @param span between the cup backs, mm; `rise` above 20 °C, K
 * @throws InputError naming the field
 */
export function warmPlay(input: {
  readonly cold: number;
  readonly arrangement: 'faceToFace' | 'backToBack';
  readonly span: number;
  readonly rise: number;
  readonly housing: MaterialChoice;
  readonly shaft: MaterialChoice;
  readonly cups: readonly WarmCup[];
}): WarmPlay {
  requireNumber('cold', input.cold, { min: -10, max: 100, unit: 'mm' });
  requireOneOf('arrangement', input.arrangement, ['faceToFace', 'backToBack']);
  requireNumber('span', input.span, { min: 0, max: 5000, unit: 'mm' });
  requireNumber('rise', input.rise, { min: -60, max: 180, unit: 'K' });
  const strain =
    (materialOf(input.housing, 'housing').expansion - materialOf(input.shaft, 'shaft').expansion) *
    input.rise;
  const byLength = (input.arrangement === 'faceToFace' ? 1 : -1) * strain * input.span;
  const byCups = input.cups.reduce((sum, cup, at) => sum + opens(cup, `cups[${at}]`), 0);
  return {
    warm: input.cold + byLength + byCups,
    byLength,
    byCups,
    looseCups: input.cups.flatMap(({ fitWarm }, at) => (fitWarm <= 0 ? [at] : [])),
    working: [
      line(
        'Strain between case and shaft',
        'ε = (αH − αS)·ΔT',
        [['ΔT', input.rise, 'temperatureDifference']],
        ['ε', strain, 'number'],
        'thermalFit',
      ),
      line(
        'By the length',
        input.arrangement === 'faceToFace' ? '+ε·L' : '−ε·L',
        [['L', input.span, 'length']],
        ['by length', byLength, 'length'],
        'thermalFit',
      ),
      line(
        'By the cups',
        'Σ ½·(c₂₀ − c_T)·cot α',
        [['cups', input.cups.length, 'number']],
        ['by cups', byCups, 'length'],
        'lame',
      ),
      line(
        'Play when warm',
        'warm = cold ± ε·L + cups',
        [['cold', input.cold, 'length']],
        ['warm', input.cold + byLength + byCups, 'length'],
        'thermalFit',
      ),
    ],
  };
}

function opens({ contactAngle, contractionCold, contractionWarm }: WarmCup, field: string): number {
  requireNumber(`${field}.contactAngle`, contactAngle, { min: 5, max: 45, unit: '°' });
  requireNumber(`${field}.contractionCold`, contractionCold, { min: 0, max: 1, unit: 'mm' });
  requireNumber(`${field}.contractionWarm`, contractionWarm, { min: 0, max: 1, unit: 'mm' });
  return (contractionCold - contractionWarm) / 2 / Math.tan((contactAngle * Math.PI) / 180);
}
