import type { Field } from '../shape/index.ts';
import { field } from './calculation.ts';

export const length = (path: string, range: string, meaning: string) =>
  field(path, 'number', 'mm', range, meaning);

export const torque = (path: string, range: string, meaning: string) =>
  field(path, 'number', 'N·m', range, meaning);

export const degrees = (path: string, meaning: string) =>
  field(path, 'number', '°', '0 to 7200', meaning);

export const band = (unit: string): readonly Field[] => [
  field('band.lower', 'number', unit, '', 'lower limit; null when open', 'nullable'),
  field('band.upper', 'number', unit, '', 'upper limit; null when open', 'nullable'),
  field(
    'band.target',
    'number',
    unit,
    'within the limits',
    'where to aim; null for the middle',
    'nullable',
  ),
];
