import type { JobState } from '../job/index.ts';
import type { Station } from '../unit/index.ts';

/** Lengths that are the same spacer, mm. */
const SAME = 0.002;

/**
 * A spacer that can be turned down to a length: the one in place, else the shortest that was tried or lies on the shelf and was not
 * turned down itself; null where none can.
 */
export function longEnough(
  { setting: { shelf, cutUp } }: JobState,
  { id }: Station,
  {
    inPlace,
    tried,
    wanted,
  }: {
    readonly inPlace: number | null;
    readonly tried: readonly number[];
    readonly wanted: number;
  },
): number | null {
  if (inPlace !== null && inPlace > wanted) return inPlace;
  const gone = cutUp[id] ?? [];
  const longer = [...tried, ...(shelf[id] ?? []).map(({ length }) => length)]
    .filter((length) => length > wanted)
    .filter((length) => !gone.some((one) => Math.abs(one - length) <= SAME));
  return longer.length === 0 ? null : Math.min(...longer);
}
