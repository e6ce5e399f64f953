import type { FigureRow } from './figureRow.ts';

export const backlash = {
  words: 'backlash',
  quantity: 'length',
  least: 0,
  most: 10,
  taken: 'places',
  how: 'Indicator at the heel of a tooth, at four places or more round the gear, the pinion held; the smallest governs.',
  tool: 'dial indicator on a firm stand',
  dependsOn: ['distance', 'clamp', 'mesh'],
} as const satisfies FigureRow;
