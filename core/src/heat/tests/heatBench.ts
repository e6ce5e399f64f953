import fc from 'fast-check';
import type { LumpedBody } from '../../thermal/index.ts';
import type { HeatSeat } from '../heatSeat.ts';
import { USUAL_WORK, type HeatSettings } from '../heatSettings.ts';
import { ringLimitOf } from '../ringLimit.ts';

export const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
export const CASE: LumpedBody = { material: 'castAluminium', mass: 1.6, area: 0.09 };
export const fit = (least: number, most: number) => ({
  least,
  most,
  mean: (least + most) / 2,
  working: [],
});

export const seat = (id: string, rest: Partial<HeatSeat> = {}): HeatSeat => ({
  id,
  name: id,
  diameter: 52,
  bore: 25,
  width: 15,
  fit: fit(0.01, 0.03),
  after: [],
  ringLimit: ringLimitOf('open'),
  ...rest,
});

/** Heat with a part and rings at a temperature. */
export const heated = (oven: number, rest: Partial<HeatSettings> = {}): HeatSettings => ({
  ...USUAL_WORK,
  oven,
  rings: 20,
  ...rest,
});
