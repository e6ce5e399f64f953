import { FIGURES, type FigureKind } from './figureTable.ts';

/**
 * The limits of a figure, named after it.
 * @example limitsOf('endPlay') // 'end play limits'
 */
export function limitsOf(kind: FigureKind): string {
  const { words } = FIGURES[kind];
  return words.includes(' of ') ? `limits of the ${words}` : `${words} limits`;
}
