import { requireNumber, requireOneOf } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** Where a bearing's load passes: its mean diameter, mm, and contact angle, degrees. */
export interface RaceCone {
  readonly meanDiameter: number;
  readonly contactAngle: number;
}

const ARRANGED = ['faceToFace', 'backToBack'] as const;

/**
 * Play of a shaft on two tapered bearings when case and shaft are not equally warm, in a case that its cups follow (iron, or one
 * material throughout): `ε = αH·(TH − 20) − αS·(TS − 20)`; face to face `+ε·(L + Σ ½·Dm·cot α)`, back to back `ε·(Σ ½·Dm·cot α − L)`.
 *
 * @param span between the middles of the cups, mm; temperatures °C
 * @throws InputError naming the field
 */
export function rigidWarmPlay(input: {
  readonly cold: number;
  readonly arrangement: (typeof ARRANGED)[number];
  readonly span: number;
  readonly housing: MaterialChoice;
  readonly shaft: MaterialChoice;
  readonly housingTemperature: number;
  readonly shaftTemperature: number;
  readonly bearings: readonly RaceCone[];
}): { readonly warm: number; readonly working: readonly WorkingLine[] } {
  const { cold, arrangement, span, housingTemperature, shaftTemperature, bearings } = input;
  requireNumber('cold', cold, { min: -10, max: 100, unit: 'mm' });
  requireOneOf('arrangement', arrangement, [...ARRANGED]);
  requireNumber('span', span, { min: 0, max: 5000, unit: 'mm' });
  const degrees = { min: -60, max: 200, unit: '°C' };
  requireNumber('housingTemperature', housingTemperature, degrees);
  requireNumber('shaftTemperature', shaftTemperature, degrees);
  const radial = bearings.reduce((sum, { meanDiameter, contactAngle }, at) => {
    requireNumber(`bearings[${at}].meanDiameter`, meanDiameter, {
      above: 0,
      max: 2000,
      unit: 'mm',
    });
    requireNumber(`bearings[${at}].contactAngle`, contactAngle, { min: 5, max: 45, unit: '°' });
    return sum + meanDiameter / 2 / Math.tan((contactAngle * Math.PI) / 180);
  }, 0);
  const strain =
    materialOf(input.housing, 'housing').expansion * (housingTemperature - 20) -
    materialOf(input.shaft, 'shaft').expansion * (shaftTemperature - 20);
  const length = arrangement === 'faceToFace' ? radial + span : radial - span;
  const warm = cold + strain * length;
  return {
    warm,
    working: [
      line(
        'Play with case and shaft as warm as they are',
        arrangement === 'faceToFace'
          ? 'warm = cold + ε·(L + Σ ½·Dm·cot α)'
          : 'warm = cold + ε·(Σ ½·Dm·cot α − L)',
        [
          ['cold', cold, 'length'],
          ['ε', strain, 'number'],
          ['L', span, 'length'],
          ['Σ ½·Dm·cot α', radial, 'length'],
        ],
        ['warm', warm, 'length'],
        'thermalFit',
      ),
    ],
  };
}
