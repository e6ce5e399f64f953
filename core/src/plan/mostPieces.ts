import { stockFor, type PackSite, type ShimSize } from '../shims/index.ts';
import { knownSize, type Station } from '../unit/index.ts';

/** Most pieces in a pack, unless the site says otherwise. */
export const USUAL_MOST_PIECES = 4;

/** Places at which something turns against what lies there: leaves would be chewed. */
const TURNED_ON: readonly Station['place'][] = ['fillsThrustGap', 'besideRetainedGear'];

/** Whether one piece lies at a site: as described; where nothing is, wherever something turns on it. Common practice, no source. */
export const isOnePiece = ({ pieces, place }: Station): boolean =>
  pieces === undefined ? TURNED_ON.includes(place) : pieces === 'single';

/** What lies at a site, in words: a pack of shims, or the one piece by its own name. */
export const whatLiesAt = (station: Station): string =>
  isOnePiece(station) ? station.name : `the pack at ${station.name}`;

/** A shim site as a place for pieces: sizes that are only drawn are not held against them. */
export const packSite = (station: Station): PackSite => ({
  inside: knownSize(station, 'inside'),
  outside: knownSize(station, 'outside'),
  single: isOnePiece(station),
});

/** Most pieces at a site. */
export const mostPiecesAt = (station: Station): number =>
  isOnePiece(station) ? 1 : USUAL_MOST_PIECES;

/** Of a box what can lie at a site. */
export const stockAt = (stock: readonly ShimSize[], site: Station): readonly ShimSize[] =>
  stockFor(stock, packSite(site));

/** What a joint choice is told of a site: which sizes can lie there, and how many pieces. */
export const siteLimits = (stock: readonly ShimSize[], site: Station) => ({
  sizes: stockAt(stock, site).map(({ id }) => id),
  mostPieces: mostPiecesAt(site),
});
