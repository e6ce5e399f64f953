import { inPlaceNow, type JobState, type Run } from '../job/index.ts';
import type { Axis } from '../unit/index.ts';
import { builtPlay } from './builtPlay.ts';

/**
 * The end play of an axis with what was in place at some other time, mm, also where that is preload and cannot be read: as all builds
 * say, moved by what differs at each place by its gain. Null where nothing was measured.
 */
export function playWith(state: JobState, axis: Axis, inPlace: Run['inPlace']): number | null {
  const built = builtPlay(state, axis, 'endPlay');
  if (built === null) return null;
  const now = inPlaceNow(state);
  return axis.stations.reduce((sum, { id, kind }) => {
    const gain = built.gains[id]?.value ?? 0;
    const other = inPlace[id] ?? (kind === 'adjuster' ? 0 : now[id]);
    return other === undefined ? sum : sum + gain * (other - (now[id] ?? 0));
  }, built.value);
}
