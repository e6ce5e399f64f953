import type { FigureRow } from './figureRow.ts';

export const backlash = {
  words: 'backlash',
  quantity: 'length',
  least: 0,
  most: 10,
  taken: 'figure',
  how: 'Indicator square to a tooth at the heel, at four places round the gear; the smallest governs.',
  tool: 'dial indicator on a firm stand',
  dependsOn: ['distance', 'clamp', 'mesh'],
} as const satisfies FigureRow;
