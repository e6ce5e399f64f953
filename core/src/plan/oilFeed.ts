import type { JobState } from '../job/index.ts';
import { judgeRange, NORMAL_FACTOR, type DecisionWord } from '../measure/index.ts';
import { LEAST_OPENING, oilHoleOpening } from '../plain/index.ts';
import type { Station } from '../unit/index.ts';
import type { WorkingLine } from '../working/index.ts';
import { meanSize } from './seats.ts';

/** Whether a station has an oil hole that has to come to its feed; null where nobody has said. */
export function hasOilHole({ linesUp, oilHole }: Station): boolean | null {
  if (linesUp === undefined) return oilHole === undefined ? null : true;
  return linesUp === 'oilHole' || linesUp === 'both';
}

/** Whether something of a station has to come to its place in the bore: it is marked before it goes in. */
export const hasToLineUp = (station: Station): boolean =>
  hasOilHole(station) === true || station.linesUp === 'pin';

/** Whether how far it is open is worked out: of a bush, whose holes are described. */
export const hasFeed = (station: Station): boolean =>
  station.kind === 'bush' && hasOilHole(station) === true;

/** How much of an oil hole is open once it is in. */
export interface OilFeed {
  readonly least: number;
  readonly most: number;
  readonly word: DecisionWord;
  readonly working: readonly WorkingLine[];
}

/**
 * Open share of the oil hole of what was pressed in, from how far hole and feed were measured apart; held against the least share
 * that feeds it, with the uncertainty of the measuring (ISO 14253-1). Null while a hole or the distance is not known.
 */
export function oilFeed(state: JobState, station: Station): OilFeed | null {
  const { oilHole, feedHole } = station;
  const apart = meanSize(state, station, 'holeOffset');
  if (!hasFeed(station) || oilHole === undefined || feedHole === undefined) return null;
  if (apart === null) return null;
  const expanded = NORMAL_FACTOR * apart.uncertainty;
  const at = (offset: number) => oilHoleOpening(oilHole, feedHole, Math.max(0, offset));
  const [least, middle, most] = [-1, 0, 1].map((way) => at(apart.mean - way * expanded));
  const share = { least: least!.share, most: most!.share };
  const word = judgeRange(share, { lower: LEAST_OPENING, upper: null, target: null });
  return { ...share, word, working: middle!.working };
}
