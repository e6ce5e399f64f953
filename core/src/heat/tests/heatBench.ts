import fc from 'fast-check';
import type { LumpedBody } from '../../thermal/index.ts';

export const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
export const CASE: LumpedBody = { material: 'castAluminium', mass: 1.6, area: 0.09 };
export const fit = (least: number, most: number) => ({
  least,
  most,
  mean: (least + most) / 2,
  working: [],
});
