import {
  drawWith,
  driverFor,
  judgeDriver,
  rodThatWould,
  type DrawVerdict,
  type Driver,
  type DriverVerdict,
  type DriverWanted,
  type Rod,
} from '../pressTools/index.ts';
import type { JobState } from '../job/index.ts';
import { findStation } from '../unit/index.ts';
import { lacksForHeat } from './ovenSeats.ts';
import { ringWays } from './ringWays.ts';

/** What a ring is pressed or drawn in with: what is wanted, and what the workshop has. */
export interface PressedWith {
  readonly wanted: DriverWanted;
  /** Those that fit, the one that takes most of the face first; then the nearest misses. */
  readonly drivers: readonly { readonly driver: Driver; readonly verdict: DriverVerdict }[];
  /** N, usual and the most; null where it is not known how tight it sits. */
  readonly force: { readonly usual: number; readonly most: number } | null;
  readonly rods: readonly { readonly rod: Rod; readonly verdict: DrawVerdict }[];
  /** The thinnest rod that would do; null where none to M30 does, or the force is not known. */
  readonly would: Pick<Rod, 'thread' | 'pitch' | 'strength'> | null;
}

/** How many drivers that do not fit are shown. */
const NEAR = 3;

/**
 * With what a ring of a station is pressed or drawn in; null where its sizes are not known.
 * @param tools of the workshop
 */
export function pressedWith(
  state: JobState,
  stationId: string,
  ring: 'outer' | 'inner',
  tools: { readonly drivers: readonly Driver[]; readonly rods: readonly Rod[] },
): PressedWith | null {
  const found = findStation(state.unit!, stationId);
  if (found === null || lacksForHeat(found.station).length > 0) return null;
  const { inside, outside } = found.station;
  const wanted = driverFor({
    ring,
    diameter: ring === 'outer' ? outside : inside,
    other: ring === 'outer' ? inside : outside,
    bush: null,
  });
  const way = ringWays(state, stationId, ring).find(({ force }) => force !== null);
  const force =
    way?.force == null || way.forceMost === null ? null : { usual: way.force, most: way.forceMost };
  const judged = tools.drivers.map((driver) => ({ driver, verdict: judgeDriver(wanted, driver) }));
  const fitting = judged
    .filter(({ verdict }) => verdict.fits)
    .toSorted((a, b) => shareOf(b.verdict) - shareOf(a.verdict));
  const missing = judged
    .filter(({ verdict }) => !verdict.fits)
    .toSorted((a, b) => byOf(a.verdict) - byOf(b.verdict));
  return {
    wanted,
    drivers: [...fitting, ...missing.slice(0, NEAR)],
    force,
    rods: force === null ? [] : tools.rods.map((rod) => ({ rod, verdict: drawWith(rod, force) })),
    would: force === null ? null : rodThatWould(force),
  };
}

const shareOf = (verdict: DriverVerdict): number => (verdict.fits ? verdict.share : 0);
const byOf = (verdict: DriverVerdict): number => (verdict.fits ? 0 : verdict.by);
