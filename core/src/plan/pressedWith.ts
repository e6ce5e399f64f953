import {
  drawWith,
  driverFor,
  judgeDriver,
  rodThatWould,
  type DrawVerdict,
  type DrivenBody,
  type Driver,
  type DriverVerdict,
  type DriverWanted,
  type Rod,
  type Spacer,
  type StopVerdict,
} from '../pressTools/index.ts';
import type { JobState } from '../job/index.ts';
import { findStation, isPressed, isSeparable, type Station } from '../unit/index.ts';
import { lacksForHeat } from './heatSeat.ts';
import { ringWays } from './ringWays.ts';
import { ringWords } from './seats.ts';
import { pieceToMake, placeOfStop, stopFor } from './stops.ts';

/** A driver of the workshop: whether it does, and what stops it at its depth; null where it is driven to no depth. */
export interface JudgedDriver {
  readonly driver: Driver;
  readonly verdict: DriverVerdict;
  readonly stop: StopVerdict | null;
  /** Whether it can be taken: it fits, and nothing would let it drive past its depth or stop it short. */
  readonly isUsable: boolean;
  /** Length of the piece to make that goes under its collar, mm; null where none would help or none is wanted. */
  readonly make: number | null;
}

/** What a ring is pressed or drawn in with: what is wanted, and what the workshop has. */
export interface PressedWith {
  readonly wanted: DriverWanted;
  /** The face that it presses on, in words; and whether the old one does as a driver. */
  readonly onIts: string;
  readonly oldOne: string | null;
  /** Those that fit, the one that takes most of the face first; then the nearest misses. */
  readonly drivers: readonly JudgedDriver[];
  /** N, usual and the most; null where it is not known how tight it sits. */
  readonly force: { readonly usual: number; readonly most: number } | null;
  readonly rods: readonly { readonly rod: Rod; readonly verdict: DrawVerdict }[];
  /** The thinnest rod that would do; null where none to M30 does, or the force is not known. */
  readonly would: Pick<Rod, 'thread' | 'pitch' | 'strength'> | null;
}

/** What the driver meets: a bush is solid, a cup goes in without what runs in it, a cone with its rollers on it. */
function bodyOfDriven(station: Station, ring: 'outer' | 'inner'): DrivenBody {
  if (station.kind === 'bush') return 'solid';
  if (station.kind === 'cylindricalRoller') return 'roller';
  if (isPressed(station)) return 'cup';
  if (isSeparable(station)) return ring === 'outer' ? 'cup' : 'cone';
  return 'whole';
}

/** What it presses on; a bearing's old outer ring drives the new one, where nothing has to be seen through it. */
function facesOf(station: Station, ring: 'outer' | 'inner'): Pick<PressedWith, 'onIts' | 'oldOne'> {
  if (isPressed(station))
    return {
      onIts:
        station.kind === 'bush'
          ? 'its face, a pilot in its bore,'
          : 'its marked end, a nose in its bore,',
      oldOne: null,
    };
  const name = ringWords(station)[ring];
  return {
    onIts: `the ${name}`,
    oldOne:
      ring === 'inner'
        ? null
        : `The old ${name} does as well, its outside ground down until it is loose in the bore.`,
  };
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
  tools: {
    readonly drivers: readonly Driver[];
    readonly rods: readonly Rod[];
    readonly spacers: readonly Spacer[];
  },
): PressedWith | null {
  const found = findStation(state.unit!, stationId);
  if (found === null || lacksForHeat(found.station).length > 0) return null;
  const { inside, outside } = found.station;
  const wanted = driverFor({
    ring,
    diameter: ring === 'outer' ? outside : inside,
    other: ring === 'outer' ? inside : outside,
    body: bodyOfDriven(found.station, ring),
  });
  const way = ringWays(state, stationId, ring).find(({ force }) => force !== null);
  const force =
    way?.force == null || way.forceMost === null ? null : { usual: way.force, most: way.forceMost };
  const judged = tools.drivers.map((driver): JudgedDriver => {
    const verdict = judgeDriver(wanted, driver);
    const stop = stopFor(state, found.station, driver, tools.spacers);
    const ends = stop === null || stop.status === 'known' || stop.status === 'noNose';
    return {
      driver,
      verdict,
      stop,
      isUsable: verdict.fits && ends,
      make: verdict.fits ? pieceToMake(state, found.station, driver) : null,
    };
  });
  const fitting = judged
    .filter(({ verdict }) => verdict.fits)
    .toSorted(
      (a, b) =>
        placeOfStop(a.stop) - placeOfStop(b.stop) || shareOf(b.verdict) - shareOf(a.verdict),
    );
  const missing = judged
    .filter(({ verdict }) => !verdict.fits)
    .toSorted((a, b) => byOf(a.verdict) - byOf(b.verdict));
  return {
    wanted,
    ...facesOf(found.station, ring),
    drivers: [...fitting, ...missing.slice(0, NEAR)],
    force,
    rods: force === null ? [] : tools.rods.map((rod) => ({ rod, verdict: drawWith(rod, force) })),
    would: force === null ? null : rodThatWould(force),
  };
}

const shareOf = (verdict: DriverVerdict): number => (verdict.fits ? verdict.share : 0);
const byOf = (verdict: DriverVerdict): number => (verdict.fits ? 0 : verdict.by);
