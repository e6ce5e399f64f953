import type { ClearanceClass } from './internalClearance.ts';
import { readSuffixes, type BearingSuffix } from './suffix.ts';

/** Families of bearings the decoder knows. */
export type BearingFamily =
  | 'deepGrooveBall'
  | 'angularContactBall'
  | 'cylindricalRoller'
  | 'taperedRoller'
  | 'inchTaperedRoller'
  | 'drawnCupNeedle'
  | 'doubleRowBall'
  | 'needleRoller'
  | 'needleCage'
  | 'needleThrust';

/** Boundary dimensions, mm. */
export interface BearingDimensions {
  /** Bore; for a drawn cup the diameter under the needles. */
  readonly bore: number;
  readonly outside: number;
  /** Width; for a tapered roller bearing the total width T. */
  readonly width: number;
  /** Tapered roller bearings: width of the cone B and of the cup C. */
  readonly coneWidth?: number;
  readonly cupWidth?: number;
}

/** What a designation says, or that it is not known. */
export type DecodedBearing =
  | {
      readonly status: 'known';
      readonly designation: string;
      readonly family: BearingFamily;
      readonly series: string;
      readonly dimensions: BearingDimensions;
      readonly suffixes: readonly BearingSuffix[];
      readonly clearanceClass: ClearanceClass;
      /** Parts of the designation after the size that are not known to us. */
      readonly unknownSuffixes: readonly string[];
    }
  | { readonly status: 'unknown'; readonly designation: string; readonly reason: string };

/** What is known of a size, with what is printed behind it. */
export function known(
  designation: string,
  family: BearingFamily,
  series: string,
  ...[dimensions, rest]: readonly [BearingDimensions, string]
): DecodedBearing {
  const { suffixes, unknown, clearanceClass } = readSuffixes(rest);
  return {
    status: 'known',
    designation,
    family,
    series,
    dimensions,
    suffixes,
    clearanceClass,
    unknownSuffixes: unknown,
  };
}

/** A size that is in no table of its series. */
export function noSuchSize(designation: string, series: string, code: string): DecodedBearing {
  return {
    status: 'unknown',
    designation,
    reason: `Series ${series} has no size ${code} in the tables. Enter bore, outside and width.`,
  };
}
