import type { FigureRow } from './figureRow.ts';

export const sideClearance = {
  words: 'side clearance of the gear',
  quantity: 'length',
  least: 0,
  most: 20,
  taken: 'run',
  how: 'Indicator on the face of the gear, the shaft held; push the gear home, zero, pull it over, read, return, read.',
  tool: 'dial indicator on a firm stand',
  dependsOn: ['distance', 'clamp'],
} as const satisfies FigureRow;
