import { decide } from '../../measure/index.ts';
import { fullComplement } from '../../rollers/index.ts';
import { SOURCES } from '../../sources/index.ts';
import type { Station } from '../../unit/index.ts';
import { bandFigure, figure, fromDetail, lacksDetail, numbers, range, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { rollerClearance, rollerLimits } from '../rollerClearance.ts';
import type { Figure } from '../step.ts';

/** How many fill the ring, what gap they leave, and whether as many are described. */
function countFigures(station: Station, name: string) {
  return fromDetail(station, 'rollerDiameter', (roller) => {
    const { count, gap, working } = fullComplement(station.inside, roller);
    const { rollerCount } = station;
    return [
      figure(name, 'number', count, SOURCES.rollerGeometry.title, { working }),
      figure('Gap left', 'length', gap, SOURCES.rollerGeometry.title, { working }),
      ...(rollerCount === undefined || rollerCount === count
        ? []
        : [
            words(
              'Count',
              `${rollerCount} described, ${count} fill it: ${rollerCount < count ? 'short' : 'too many'}`,
              'Compared',
            ),
          ]),
    ];
  });
}

/** What is told of loose rollers as they go in. */
export const rollerNumbers = ({ state, station }: StationSubject): Numbers =>
  numbers(clearanceFigures(state, station), countFigures(station, 'Rollers in the set'));

/** What is told of loose rollers as they are looked at: how many fill the ring, and whether so many are described. */
export const rollersFound = ({ state, station }: StationSubject): Numbers =>
  numbers(
    clearanceFigures(state, station),
    countFigures(station, 'Rollers in a full set'),
    station.rollerCount === undefined ? lacksDetail(station, 'rollerCount') : null,
  );

/** The running clearance against its limits; rollers that wedge are told though nothing is stated. */
function clearanceFigures(state: StationSubject['state'], station: Station): readonly Figure[] {
  const running = rollerClearance(state, station);
  if (running === null) return [];
  const { least, most, guard, working } = running;
  const band = rollerLimits(station);
  const isStated = station.clearanceLeast !== undefined || station.clearanceMost !== undefined;
  const { word } = decide(least, most, band, guard);
  return [
    ...(isStated
      ? [bandFigure('Clearance, limits', 'length', band, SOURCES.asBookedIn.title)]
      : []),
    range(
      'Clearance with the rollers in',
      'length',
      { least, most },
      SOURCES.clearanceSizes.title,
      { expanded: guard, working, ...(isStated || word === 'doesNotConform' ? { word } : {}) },
    ),
  ];
}

/** Above this share of its journal loose rollers have so much clearance that the unloaded ones slide. A rule of this program. */
const SKIDS_ABOVE = 0.0015;

/** Whether there is so much room that rollers would slide rather than roll. */
export function skidNumbers({ state, station }: StationSubject): Numbers {
  const told = clearanceFigures(state, station);
  const running = rollerClearance(state, station);
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
