import type { FigureRow } from './figureRow.ts';

/** How far a pinion stands off its mounting distance, its etching counted in; above zero it is too far from the ring gear. */
export const depth = {
  words: 'pinion depth',
  quantity: 'length',
  least: -2,
  most: 2,
  taken: 'depth',
  how: 'From a depth gauge, from the shim that was in, or from where it ran; the contact marks have the last word.',
  tool: 'depth gauge or micrometer',
  dependsOn: ['distance', 'mesh'],
} as const satisfies FigureRow;
