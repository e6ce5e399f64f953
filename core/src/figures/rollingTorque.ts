import type { FigureRow } from './figureRow.ts';

export const rollingTorque = {
  words: 'rolling torque',
  quantity: 'torque',
  least: 0,
  most: 500,
  taken: 'torque',
  how: 'Steady turning, not the breakaway; the tool square to the shaft; two that agree.',
  tool: 'beam or dial torque wrench',
  dependsOn: ['distance', 'clamp', 'drag'],
} as const satisfies FigureRow;
