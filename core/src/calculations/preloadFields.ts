import type { Field, Range } from '../shape/index.ts';
import { field } from './calculation.ts';

export const length = (path: string, range: Range, meaning: string) =>
  field(path, 'number', 'mm', range, meaning);

export const torque = (path: string, range: Range, meaning: string) =>
  field(path, 'number', 'N·m', range, meaning);

export const degrees = (path: string, meaning: string) =>
  field(path, 'number', '°', { min: 0, max: 7200 }, meaning);

/** How far limits may lie from nothing, either way. */
const FAR: Range = { min: -2000, max: 2000 };
/** The same for limits of a play that packs are chosen by, mm. */
export const PLAY_FAR: Range = { min: -100, max: 100 };

/**
 * The limits of a figure, and where to aim between them.
 * @param of what they stand under, with its point; the limits of each entry of a list
 */
export const band = (unit: string, far: Range = FAR, of = ''): readonly Field[] => [
  field(`${of}band.lower`, 'number', unit, far, 'lower limit; null when open', 'nullable'),
  field(
    `${of}band.upper`,
    'number',
    unit,
    { ...far, moreThan: 'lower' },
    'upper limit; null when open',
    'nullable',
  ),
  field(
    `${of}band.target`,
    'number',
    unit,
    { atLeast: 'lower', atMost: 'upper' },
    'where to aim; null for the middle',
    'nullable',
  ),
];
