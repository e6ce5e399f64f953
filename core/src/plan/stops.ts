import type { JobState } from '../job/index.ts';
import {
  crossCheck,
  noseOf,
  stackOf,
  stopStack,
  type Driver,
  type Spacer,
  type StopPiece,
  type StopStack,
  type StopVerdict,
} from '../pressTools/index.ts';
import { DRIVEN_WITHIN } from '../seating/index.ts';
import { isPressed, type Station } from '../unit/index.ts';
import { expectedDepth } from './seating.ts';
import { sizeUncertainty } from './seats.ts';

/** What stops a driver at the depth of what it drives; null while the depth is not known. */
export function stopFor(
  state: JobState,
  station: Station,
  driver: Driver,
  spacers: readonly Spacer[],
): StopVerdict | null {
  const depth = isPressed(station) ? expectedDepth(state, station)?.depth : undefined;
  if (depth === undefined || depth < 0) return null;
  return stopStack({ depth, within: DRIVEN_WITHIN, bore: station.outside }, driver, spacers);
}

/**
 * Length of the one piece under the collar of a driver with which it ends at the depth of what it drives, mm; null where it has no
 * collar, its nose is too short already, it needs none, or the depth is not known.
 */
export function pieceToMake(state: JobState, station: Station, driver: Driver): number | null {
  const depth = isPressed(station) ? expectedDepth(state, station)?.depth : undefined;
  const nose = noseOf(driver);
  if (depth === undefined || nose === null) return null;
  const length = nose.length - depth;
  return length > DRIVEN_WITHIN ? length : null;
}

/** Where a stop stands among others: those that end where they should first, then what comes near, then those that cannot. */
export function placeOfStop(stop: StopVerdict | null): number {
  if (stop === null) return 0;
  if (stop.status === 'known') return stop.worst;
  return stop.status === 'noSum' ? 1000 + stop.worst : 1e6;
}

/** The stop that was set up for a station, as it stands against the depth now. */
export interface StopSet {
  readonly driver: Driver;
  readonly pieces: readonly StopPiece[];
  /** Null where the driver has no collar. */
  readonly stack: StopStack | null;
  /** The stack against what was measured over it; null where nothing was. mm. */
  readonly check: (ReturnType<typeof crossCheck> & { readonly measured: number }) | null;
}

/** The stop that was set up for a station; null where none was, or its depth is not known any more. */
export function stopSet(state: JobState, station: Station): StopSet | null {
  const row = state.fitting.stops[station.id];
  const depth = expectedDepth(state, station)?.depth;
  if (row === undefined || depth === undefined) return null;
  const { driver, pieces, measured } = row;
  const nose = noseOf(driver);
  const stack = nose === null ? null : stackOf({ depth, within: DRIVEN_WITHIN }, nose, pieces);
  const check =
    stack === null || measured === null
      ? null
      : {
          measured: measured.length,
          ...crossCheck(
            { length: stack.ends, likely: stack.likely },
            { length: measured.length, uncertainty: sizeUncertainty(measured) },
          ),
        };
  return { driver, pieces, stack, check };
}
