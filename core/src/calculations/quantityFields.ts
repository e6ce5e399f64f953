import type { Range } from '../shape/index.ts';
import { field } from './calculation.ts';

/** A length, mm. */
export const mm = (path: string, range: Range, meaning: string) =>
  field(path, 'number', 'mm', range, meaning);

/** A temperature, °C. */
export const degrees = (path: string, meaning: string) =>
  field(path, 'number', '°C', { min: -273.15, max: 500 }, meaning);

/** Of what lies outside and what goes in, or of the two rings of a bearing. */
export const RINGS = ['outer', 'inner'] as const;
