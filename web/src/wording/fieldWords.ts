import { MATERIAL_FIGURES } from '@wendaxis/core/materials';
import { DETAIL_TABLE } from '@wendaxis/core/unit';
import type { QuantityKind } from '@wendaxis/core/units';

/** What a field is called on screen, and of which quantity its number is. */
export interface FieldWords {
  readonly words: string;
  readonly quantity?: QuantityKind;
  /** Where it is entered in a unit of its own: core value over the scale. */
  readonly own?: { readonly unit: string; readonly scale: number };
}

const length = (words: string): FieldWords => ({ words, quantity: 'length' });

const DETAILS = Object.entries(DETAIL_TABLE).map(([name, row]): readonly [string, FieldWords] => [
  name,
  row.type === 'number' && row.quantity !== 'number'
    ? { words: row.words, quantity: row.quantity }
    : { words: row.words },
]);

const MATERIAL = Object.entries(MATERIAL_FIGURES).map(
  ([name, { words, unit, scale }]): readonly [string, FieldWords] => [
    name,
    { words, own: { unit, scale } },
  ],
);

/** Labels by the last name of a field's path, or by its last two where that alone does not tell. */
export const FIELD_WORDS: Readonly<Partial<Record<string, FieldWords>>> = {
  ...Object.fromEntries(DETAILS),
  ...Object.fromEntries(MATERIAL),
  at: length('Begins at'),
  width: length('Width'),
  size: length('Diameter of the seat'),
  inside: length('Inside diameter'),
  outside: length('Outside diameter'),
  name: { words: 'Name' },
  title: { words: 'What is done' },
  how: { words: 'How' },
  caution: { words: 'What can hurt or ruin' },
  partId: { words: 'In or on' },
  kind: { words: 'Kind' },
  id: { words: 'Id' },
  sets: { words: 'What is set on it' },
  mass: { words: 'Mass', quantity: 'mass' },
  wall: length('Wall'),
  'band.lower': { words: 'Lower limit' },
  'band.upper': { words: 'Upper limit' },
  'band.target': { words: 'Target' },
  band: { words: 'The limits' },
  lower: { words: 'Lower limit' },
  upper: { words: 'Upper limit' },
  ratio: { words: 'Ratio' },
  source: { words: 'Where the figure is found' },
  value: { words: 'The reading' },
  thickness: length('Thickness'),
  length: length('Length'),
  graduation: length('Graduation'),
  range: length('Range'),
  calibration: length('Uncertainty of its calibration'),
  calibrationUncertainty: length('Uncertainty of its calibration'),
  uncertainty: length('Uncertainty'),
  'driver.outside': { words: 'Outside', quantity: 'length' },
  'driver.bore': { words: 'Bore', quantity: 'length' },
  'driver.nose': { words: 'Nose', quantity: 'length' },
  'driver.noseWithin': { words: 'How well its nose is known', quantity: 'length' },
  'spacer.thickness': { words: 'Thickness', quantity: 'length' },
  'spacer.within': { words: 'How well it is known', quantity: 'length' },
  'spacer.bore': { words: 'Bore', quantity: 'length' },
  'spacer.outside': { words: 'Outside', quantity: 'length' },
  'spacer.count': { words: 'How many' },
  'rod.thread': { words: 'Thread', quantity: 'length' },
  'rod.pitch': { words: 'Pitch', quantity: 'length' },
  'tool.graduation': { words: 'Graduation', quantity: 'torque' },
  'tool.calibrationUncertainty': { words: 'Uncertainty of its calibration', quantity: 'torque' },
  'tool.most': { words: 'Goes up to', quantity: 'torque' },
  'tool.least': { words: 'Tells from', quantity: 'torque' },
  gain: { words: 'What the pack does to the play' },
  'trials.thickness': length('The second pack'),
  'trials.endPlay': length('The second play'),
  trials: length('The trials'),
  version: { words: 'Version of the file' },
  format: { words: 'Format of the file' },
  file: { words: 'The file' },
};
