import type { FigureRow } from './figureRow.ts';

export const endPlay = {
  words: 'end play',
  quantity: 'length',
  least: -100,
  most: 100,
  taken: 'run',
  how: 'Rollers seated by turning under load; zero, lift, read, return, read.',
  tool: 'dial indicator on a firm stand',
  dependsOn: ['distance', 'clamp'],
} as const satisfies FigureRow;
