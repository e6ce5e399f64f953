import type { FigureRow } from './figureRow.ts';

export const endPlay = {
  words: 'end play',
  quantity: 'length',
  least: -100,
  most: 100,
  taken: 'run',
  how: 'Push the shaft to its stop and set zero; pull it to its other stop, read; push it back, read.',
  tool: 'dial indicator on a firm stand',
  dependsOn: ['distance', 'clamp'],
} as const satisfies FigureRow;
