import type { JobState } from '../job/index.ts';
import type { Band } from '../measure/index.ts';
import type { Station } from '../unit/index.ts';
import { line } from '../working/index.ts';
import { measuredClearance } from './measuredClearance.ts';

/** Running clearance of loose rollers from their bore and journal as measured: what two rollers leave of the room between. mm. */
export function rollerClearance(
  state: JobState,
  station: Station,
): ReturnType<typeof measuredClearance> {
  const { rollerDiameter: roller } = station;
  const room = roller === undefined ? null : measuredClearance(state, station);
  if (room === null) return null;
  const [least, most] = [room.least - 2 * roller!, room.most - 2 * roller!];
  const working = [
    ...room.working,
    ...(['least', 'most'] as const).map((which) =>
      line(
        `With the rollers in, ${which}`,
        'cr = c − 2·dr',
        [
          ['c', room[which], 'length'],
          ['dr', roller!, 'length'],
        ],
        ['cr', { least, most }[which], 'length'],
        'clearanceSizes',
      ),
    ),
  ];
  return { ...room, least, most, working };
}

/** What loose rollers may have: as described, and never less than nothing, which would wedge them. mm. */
export const rollerLimits = ({ clearanceLeast, clearanceMost }: Station): Band => ({
  lower: clearanceLeast ?? 0,
  upper: clearanceMost ?? null,
  target: null,
});
