import { stockFor, type PackSite, type ShimSize } from '../shims/index.ts';
import { knownSize, type Station } from '../unit/index.ts';

/** Most pieces in a pack, unless the site says otherwise. */
export const USUAL_MOST_PIECES = 4;

/** A shim site as a place for pieces: sizes that are only drawn are not held against them. */
export const packSite = (station: Station): PackSite => ({
  inside: knownSize(station, 'inside'),
  outside: knownSize(station, 'outside'),
  single: station.pieces === 'single',
});

/** Most pieces at a site. */
export const mostPiecesAt = ({ pieces }: Station): number =>
  pieces === 'single' ? 1 : USUAL_MOST_PIECES;

/** Of a box what can lie at a site. */
export const stockAt = (stock: readonly ShimSize[], site: Station): readonly ShimSize[] =>
  stockFor(stock, packSite(site));

/** What a joint choice is told of a site: which sizes can lie there, and how many pieces. */
export const siteLimits = (stock: readonly ShimSize[], site: Station) => ({
  sizes: stockAt(stock, site).map(({ id }) => id),
  mostPieces: mostPiecesAt(site),
});
