import type { ShimSize } from './stock.ts';

/** Where a pack goes: between which diameters, and how many pieces it may have. What is not known is null. mm. */
export interface PackSite {
  readonly inside: number | null;
  readonly outside: number | null;
  /** It holds one piece and no more. */
  readonly single: boolean;
}

/** Whether a size can lie at a site: it does, it does not, or its diameters or those of the site are not known. */
export type Serves = 'fits' | 'notKnown' | 'doesNotFit';

/** A piece goes over its seat and into its bore with this to spare or to force, mm; and is no wider inside than so much of its seat. */
const PLAY = 0.2;
const WIDEST = 1.15;

/**
 * Whether the pieces of a size go where a pack is wanted, by their diameters: over the seat without slack that would let them
 * slip, and into the bore. Common practice, no source.
 */
export function servesSite({ inside, outside }: ShimSize, site: PackSite): Serves {
  const over = fitsOver(inside ?? null, site.inside);
  const into =
    outside === undefined || site.outside === null
      ? 'notKnown'
      : outside <= site.outside + PLAY
        ? 'fits'
        : 'doesNotFit';
  if (over === 'doesNotFit' || into === 'doesNotFit') return 'doesNotFit';
  return over === 'fits' && into === 'fits' ? 'fits' : 'notKnown';
}

function fitsOver(inside: number | null, seat: number | null): Serves {
  if (inside === null || seat === null) return 'notKnown';
  const goesOver = inside >= seat - PLAY;
  const centred = inside <= Math.max(WIDEST * seat, seat + 2);
  return goesOver && centred ? 'fits' : 'doesNotFit';
}

/** The sizes of a box that can lie at a site; those of which it is not known are among them. */
export const stockFor = (stock: readonly ShimSize[], site: PackSite): readonly ShimSize[] =>
  stock.filter((size) => servesSite(size, site) !== 'doesNotFit');
