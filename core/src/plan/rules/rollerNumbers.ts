import { decide } from '../../measure/index.ts';
import { fullComplement } from '../../rollers/index.ts';
import { SOURCES } from '../../sources/index.ts';
import type { Station } from '../../unit/index.ts';
import { bandFigure, figure, fromDetail, lacksDetail, numbers, range, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { line } from '../../working/index.ts';
import { measuredClearance } from '../measuredClearance.ts';
import type { Figure } from '../step.ts';

/** What is told of loose rollers as they go in. */
export function rollerNumbers({ state, station }: StationSubject): Numbers {
  return numbers(
    rollerClearance(state, station),
    fromDetail(station, 'rollerDiameter', (roller) => {
      const { count, gap, working } = fullComplement(station.inside, roller);
      return [
        figure('Rollers in the set', 'number', count, SOURCES.rollerGeometry.title, { working }),
        figure('Gap left', 'length', gap, SOURCES.rollerGeometry.title, { working }),
      ];
    }),
  );
}

/** What is told of loose rollers as they are looked at: how many fill the ring, and whether so many are described. */
export function rollersFound({ state, station }: StationSubject): Numbers {
  return numbers(
    rollerClearance(state, station),
    fromDetail(station, 'rollerDiameter', (roller) => {
      const { count, gap, working } = fullComplement(station.inside, roller);
      return [
        figure('Rollers in a full set', 'number', count, SOURCES.rollerGeometry.title, { working }),
        figure('Gap left', 'length', gap, SOURCES.rollerGeometry.title, { working }),
        ...(station.rollerCount === undefined || station.rollerCount === count
          ? []
          : [
              words(
                'Count',
                `${station.rollerCount} described, ${count} fill it: ${station.rollerCount < count ? 'short' : 'too many'}`,
                'Compared',
              ),
            ]),
      ];
    }),
    station.rollerCount === undefined ? lacksDetail(station, 'rollerCount') : null,
  );
}

/** Running clearance of loose rollers from their bore and journal as measured: what two rollers leave of the room between. mm. */
function runningClearance(
  state: StationSubject['state'],
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

/** The running clearance against its limits, where any are stated. */
function rollerClearance(state: StationSubject['state'], station: Station): readonly Figure[] {
  const running = runningClearance(state, station);
  if (running === null) return [];
  const { least, most, guard, working } = running;
  const { clearanceLeast, clearanceMost } = station;
  const band = { lower: clearanceLeast ?? null, upper: clearanceMost ?? null, target: null };
  const isStated = band.lower !== null || band.upper !== null;
  return [
    ...(isStated
      ? [bandFigure('Clearance, limits', 'length', band, SOURCES.asBookedIn.title)]
      : []),
    range(
      'Clearance with the rollers in',
      'length',
      { least, most },
      SOURCES.clearanceSizes.title,
      {
        expanded: guard,
        working,
        // Rollers that cannot go in are told though nothing is stated.
        ...(isStated || most < -guard
          ? { word: decide(least, most, isStated ? band : { ...band, lower: 0 }, guard).word }
          : {}),
      },
    ),
  ];
}

/** Above this share of its journal loose rollers have so much clearance that the unloaded ones slide. A rule of this program. */
const SKIDS_ABOVE = 0.0015;

/** Whether there is so much room that rollers would slide rather than roll. */
export function skidNumbers({ state, station }: StationSubject): Numbers {
  const told = rollerClearance(state, station);
  const running = runningClearance(state, station);
  if (running === null) return numbers(told);
  const most = SKIDS_ABOVE * station.inside;
  const band = { lower: null, upper: most, target: null };
  const { word } = decide(running.most, running.most, band, running.guard);
  return numbers(
    told,
    range(
      'Clearance without skidding',
      'length',
      { least: null, most },
      '0.15 % of the journal: a rule of this program',
      { word },
    ),
    word === 'doesNotConform'
      ? words(
          'Skidding',
          'With this much clearance rollers out of the load slide: thicker rollers, or another journal',
          'Common practice',
        )
      : null,
  );
}
