import type { Field, Range } from '../shape/index.ts';
import { field } from './calculation.ts';

export const length = (path: string, range: Range, meaning: string) =>
  field(path, 'number', 'mm', range, meaning);

export const torque = (path: string, range: Range, meaning: string) =>
  field(path, 'number', 'N·m', range, meaning);

export const degrees = (path: string, meaning: string) =>
  field(path, 'number', '°', { min: 0, max: 7200 }, meaning);

/** Limits of a play or a torque. */
const LIMIT: Range = { min: -2000, max: 2000 };

export const band = (unit: string): readonly Field[] => [
  field('band.lower', 'number', unit, LIMIT, 'lower limit; null when open', 'nullable'),
  field(
    'band.upper',
    'number',
    unit,
    { ...LIMIT, moreThan: 'lower' },
    'upper limit; null when open',
    'nullable',
  ),
  field(
    'band.target',
    'number',
    unit,
    { atLeast: 'lower', atMost: 'upper' },
    'where to aim; null for the middle',
    'nullable',
  ),
];
