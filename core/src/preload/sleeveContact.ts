import { line, type WorkingLine } from '../working/index.ts';
import type { SleevePoint } from './sleeveFit.ts';

/** Why the next step is as long as it is while there is still play. */
export type ContactBound =
  /** The play that was read and the lead of the thread allow it. */
  | 'play'
  /** The play is nearly gone: the rollers may bear at any degree. */
  | 'nearlyGone'
  /** Nobody has said what the thread's lead is, or what play is left. */
  | 'noLead'
  | 'noPlay';

/** How far a nut may go while the bearings have play. */
export interface SleeveContact {
  /** The rollers cannot bear before the nut stands here, degrees; null where lead or play is not known. */
  readonly earliest: number | null;
  readonly bound: ContactBound;
  /** Longest next step, degrees. */
  readonly step: number;
  readonly working: readonly WorkingLine[];
}

/** Share of the way that is taken, and standard uncertainties that are taken off a play. Rules of this program. */
const SHARE = 0.95;
const OFF = 2;

/**
 * Where the rollers of a pair on a collapsible sleeve bear at the earliest: a turn of the nut closes its lead and no more
 * (what the sleeve, the shaft and the threads give only makes it less), so the play that was read is not gone before
 * `θ + (e − 2u)·360/P`. Of several readings the one that leaves most counts. Up to there one step is safe; from there, and
 * where the lead or the play is not known, steps are small.
 */
export function sleeveContact(
  points: readonly SleevePoint[],
  {
    lead,
    playUncertainty,
    searchStep,
  }: {
    readonly lead: number | null;
    readonly playUncertainty: number;
    readonly searchStep: number;
  },
): SleeveContact {
  const now = points.at(-1)!.angle;
  const small = (bound: ContactBound, earliest: number | null): SleeveContact => ({
    earliest,
    bound,
    step: searchStep,
    working: [],
  });
  if (lead === null) return small('noLead', null);
  const read = points.flatMap(({ angle, endPlay }) =>
    typeof endPlay === 'number' ? [{ angle, play: endPlay }] : [],
  );
  if (read.length === 0) return small('noPlay', null);
  const reached = read.map(({ angle, play }) => ({
    angle,
    play,
    earliest: angle + (SHARE * Math.max(0, play - OFF * playUncertainty) * 360) / lead,
  }));
  const best = reached.reduce((far, one) => (one.earliest > far.earliest ? one : far));
  const step = best.earliest - now;
  if (step <= searchStep) return small('nearlyGone', best.earliest);
  return {
    earliest: best.earliest,
    bound: 'play',
    step,
    working: [
      line(
        'The rollers do not bear before',
        'θ + 0.95·(e − 2u)·360/P',
        [
          ['θ', best.angle, 'angle'],
          ['e', best.play, 'length'],
          ['u', playUncertainty, 'length'],
          ['P', lead, 'length'],
        ],
        ['earliest', best.earliest, 'angle'],
        'sleeveLead',
      ),
    ],
  };
}
