import type { JobState } from '../job/index.ts';
import { NORMAL_FACTOR, type Band } from '../measure/index.ts';
import {
  plainClearance,
  usualBushClearance,
  usualClearance,
  type PlainClearance,
} from '../plain/index.ts';
import { SOURCES } from '../sources/index.ts';
import type { Station } from '../unit/index.ts';
import { sizeUncertainty } from './seats.ts';

/**
 * Clearance between bore and journal of a station over every place that was measured, with the guard of both, mm; null while
 * one of them was not measured.
 * @param of the bore as it was found, or once something was fitted into it
 */
export function measuredClearance(
  state: JobState,
  station: Station,
  of: 'bore' | 'fittedBore' = 'bore',
): (PlainClearance & { readonly guard: number }) | null {
  const taken = state.inspection.sizes[station.id];
  const [bores, journals] = [taken?.[of], taken?.journal].map((sizes) =>
    Object.values(sizes ?? {}),
  );
  if (bores!.length === 0 || journals!.length === 0) return null;
  const widest = [bores!, journals!].map((sizes) => Math.max(...sizes.map(sizeUncertainty)));
  return {
    ...plainClearance(
      bores!.map(({ value }) => value),
      journals!.map(({ value }) => value),
    ),
    guard: NORMAL_FACTOR * Math.hypot(...widest),
  };
}

/** Limits of the clearance of a plain bearing: as described, else the usual ones of its size; and where they are from. mm. */
export function clearanceLimits({ clearanceLeast, clearanceMost, inside, kind }: Station): {
  readonly band: Band;
  readonly source: string;
} {
  const isSilent = clearanceLeast === undefined && clearanceMost === undefined;
  if (!isSilent)
    return {
      band: { lower: clearanceLeast ?? null, upper: clearanceMost ?? null, target: null },
      source: SOURCES.asBookedIn.title,
    };
  return kind === 'bush'
    ? { band: usualBushClearance(inside), source: SOURCES.bushClearance.title }
    : { band: usualClearance(inside), source: SOURCES.usualClearance.title };
}
