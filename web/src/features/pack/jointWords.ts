import { FIGURES, type FigureKind } from '@wendaxis/core/figures';
import type { JointQuestion } from '@wendaxis/core/shims';

/** A figure that packs set together; the pinion's play has a name of its own beside the carrier's. */
export const figureWords = (specId: string): string =>
  specId === 'pinionPlay' ? 'end play of the pinion' : FIGURES[specId as FigureKind].words;

/** Which of the places move more than one figure. */
export function movesWords(
  { sites, specs }: JointQuestion,
  nameOf: (siteId: string) => string,
): string {
  const several = sites.filter(
    ({ gains }) => specs.filter(({ id }) => (gains[id] ?? 0) !== 0).length > 1,
  );
  if (sites.length === 1) return '';
  if (several.length === 0) return 'Each place moves a figure of its own.';
  if (several.length === sites.length)
    return 'Each place moves more than one figure: they are right only together.';
  const names = several.map(({ id }) => nameOf(id)).join(' and ');
  return `${names} ${several.length === 1 ? 'moves' : 'move'} more than one figure.`;
}
