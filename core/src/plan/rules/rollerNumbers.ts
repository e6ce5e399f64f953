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

/** Running clearance of loose rollers from their bore and journal as measured: what two rollers leave of the room between. */
function rollerClearance(state: StationSubject['state'], station: Station): readonly Figure[] {
  const { rollerDiameter, clearanceLeast, clearanceMost } = station;
  const room = rollerDiameter === undefined ? null : measuredClearance(state, station);
  if (room === null) return [];
  const { guard } = room;
  const both = 2 * rollerDiameter!;
  const [least, most] = [room.least - both, room.most - both];
  const working = [
    ...room.working,
    ...(['least', 'most'] as const).map((which) =>
      line(
        `With the rollers in, ${which}`,
        'cr = c − 2·dr',
        [
          ['c', room[which], 'length'],
          ['dr', rollerDiameter!, 'length'],
        ],
        ['cr', room[which] - both, 'length'],
        'clearanceSizes',
      ),
    ),
  ];
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
