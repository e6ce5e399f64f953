export type { Dependency, FigureRow } from './figureRow.ts';
export { FIGURE_KINDS, FIGURES, type FigureKind } from './figureTable.ts';
export { limitsOf } from './limitsOf.ts';
