import {
  oilHoleOpening,
  plainClearance,
  usualBushClearance,
  usualClearance,
} from '../plain/index.ts';
import { field, type Calculation } from './calculation.ts';

/** Plain bearings: their clearance and their oil. */
export const PLAIN_CALCULATIONS: readonly Calculation[] = [
  {
    name: 'oil-hole-opening',
    summary: 'Open area of two holes whose centres are apart',
    fields: [
      field('first', 'number', 'mm', { above: 0, max: 100 }, 'diameter'),
      field('second', 'number', 'mm', { above: 0, max: 100 }, 'diameter'),
      field('offset', 'number', 'mm', { min: 0, max: 200 }, 'centres apart'),
    ],
    run: ({ first, second, offset }: Record<'first' | 'second' | 'offset', number>) =>
      oilHoleOpening(first, second, offset),
  },
  {
    name: 'plain-clearance',
    summary:
      'Clearance of a plain bearing over every place, beside the usual limits for its journal',
    fields: [
      field('bores[]', 'number', 'mm', { above: 0, max: 1000 }, 'bore diameters, caps torqued'),
      field('journals[]', 'number', 'mm', { above: 0, max: 1000 }, 'journal diameters'),
    ],
    run: ({ bores, journals }: { bores: readonly number[]; journals: readonly number[] }) => ({
      ...plainClearance(bores, journals),
      usual: usualClearance(Math.max(...journals)),
      usualBush: usualBushClearance(Math.max(...journals)),
    }),
  },
];
