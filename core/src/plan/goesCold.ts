import { heatChoices, ovenTime, USUAL_WORK, waysIn } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { materialOf } from '../materials/index.ts';
import { oncePerPair } from '../memo/index.ts';
import { MOST_SEATS } from '../thermal/index.ts';
import { findStation, type Part, type Station } from '../unit/index.ts';
import { heatSeatOf, ownLimit } from './heatSeat.ts';
import { partBody } from './partEstimate.ts';
import { seatInterference } from './seats.ts';
import { grooveLimit } from './snapRingUnder.ts';
import { isByOven, warmable } from './warmable.ts';

/** Longer in the oven than this, and rings are frozen and driven where that can be done, s. A rule of this program. */
export const LONG_OVEN = 45 * 60;
/** A metal that grows no more than this with heat, 1/K: iron and steel. Soft light alloys are shaved by a ring that is driven in. */
const GROWS_LITTLE = 14e-6;

/**
 * Whether the rings of a part go in frozen and driven instead of from the oven: a heavy iron case would be an hour in it, and its
 * fits can be driven. Not where somebody wants the oven: chose it for a ring, set a heat, or has it in there; and not before the
 * fits are known. Common practice, no source.
 */
export const goesCold = oncePerPair((state: JobState, part: Part): boolean => {
  const { material } = part;
  if (part.kind === 'shaft' || material === null) return false;
  if (materialOf(material).expansion > GROWS_LITTLE || isOvenWanted(state, part)) return false;
  const [slow, fast] = (['warms', 'cools'] as const).map((as) => partBody(state.unit!, part, as));
  const rings = warmable(state, part.id);
  const seats = rings.slice(0, MOST_SEATS).flatMap((ring) => heatSeatOf(state, ring) ?? []);
  if (slow == null || fast == null || seats.length === 0 || seats.length < rings.length)
    return false;
  const [first] = heatChoices(fast, seats, USUAL_WORK, ownLimit(state, part, material));
  return (
    first !== undefined &&
    ovenTime(slow, first.oven) > LONG_OVEN &&
    rings.every((ring) => canBeDriven(state, ring, part))
  );
});

/** Whether a ring can be driven into its seat frozen: by the press that is usual, and by what stands under it. */
function canBeDriven(state: JobState, station: Station, part: Part): boolean {
  const { axis } = findStation(state.unit!, station.id)!;
  const { outside: diameter, inside: other, width, material: bush } = station;
  const forceLimit = grooveLimit(axis, station, part);
  return waysIn({
    ring: 'outer',
    diameter,
    other,
    width,
    fit: seatInterference(state, station, 'outer')!,
    material: part.material,
    sealed: false,
    pressRating: null,
    ...(bush === undefined ? {} : { bush }),
    ...(forceLimit === null ? {} : { forceLimit }),
  }).some(({ id, stands }) => id === 'frozenPress' && stands);
}

function isOvenWanted(state: JobState, { id }: Part): boolean {
  const { heat, clocks } = state.heating;
  return (
    heat[id] !== undefined ||
    clocks.some(({ targetId, kind }) => targetId === id && kind === 'oven') ||
    warmable(state, id).some((station) => isByOven(state, station))
  );
}
