import { decide, NORMAL_FACTOR } from '../../measure/index.ts';
import { LEAST_OPENING, oilHoleOpening } from '../../plain/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { STATION_KIND_TABLE, type Station } from '../../unit/index.ts';
import { bandFigure, figure, lacksDetail, numbers, range, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { rollersFound } from './rollerNumbers.ts';
import { clearanceLimits, measuredClearance } from '../measuredClearance.ts';
import { nominalOf } from '../nominal.ts';
import { hasOilHole } from '../oilFeed.ts';
import { meanSize, seatsOf, seatVerdict } from '../seats.ts';
import type { Figure, Missing } from '../step.ts';

/** What the kind of station itself says when it is looked at. */
export const KIND_NUMBERS: Readonly<
  Partial<Record<Station['kind'], (subject: StationSubject) => Numbers>>
> = {
  bush: ({ station }) => {
    const { oilHole, feedHole, holeOffset } = station;
    const wanted = hasOilHole(station);
    if (wanted === null) return numbers(lacksDetail(station, 'linesUp'));
    if (!wanted) return numbers();
    if (oilHole === undefined || feedHole === undefined || holeOffset === undefined)
      return numbers(
        (['oilHole', 'feedHole'] as const)
          .filter((name) => station[name] === undefined)
          .map((name) => lacksDetail(station, name)),
      );
    const { share, working } = oilHoleOpening(oilHole, feedHole, holeOffset);
    const word = share >= LEAST_OPENING ? 'conforms' : 'doesNotConform';
    return numbers(
      figure('Open share of the oil hole', 'number', share, SOURCES.circleGeometry.title, {
        working,
        word,
      }),
    );
  },
  looseRollers: rollersFound,
  bolts: ({ station }) =>
    numbers(
      station.longest === undefined
        ? null
        : range(
            'Length under the head',
            'length',
            { least: null, most: station.longest },
            SOURCES.asBookedIn.title,
          ),
    ),
};

/** Sizes of a station's seats: what is nominal, and how round they are as far as measured. */
export function seatNumbers({ state, station }: StationSubject): Numbers {
  const each = seatsOf(station).flatMap((feature): readonly Figure[] => {
    const verdict = seatVerdict(state, station, feature);
    const name = feature === 'bore' ? 'Bore' : 'Journal';
    if (verdict === null)
      return [
        figure(
          `${name}, nominal`,
          'length',
          nominalOf(station, feature)!,
          SOURCES.asBookedIn.title,
        ),
      ];
    const { mean, expanded, ovality, taper, limit, ovalityDecision, taperDecision, working } =
      verdict;
    const source = `${SOURCES.roundnessRule.title} (${(limit * 1000).toFixed(1)} µm)`;
    return [
      figure(`${name}, mean`, 'length', mean, SOURCES.asMeasured.title, { expanded, working }),
      figure(`${name}, ovality`, 'length', ovality, source, {
        word: ovalityDecision.word,
        expanded: ovalityDecision.guard,
        working,
      }),
      taper === null || taperDecision === null
        ? words(`${name}, taper`, 'Not known: measure at the other end as well', source)
        : figure(`${name}, taper`, 'length', taper, source, {
            word: taperDecision.word,
            expanded: taperDecision.guard,
            working,
          }),
    ];
  });
  return numbers(
    each,
    STATION_KIND_TABLE[station.kind].bearing === 'plain'
      ? clearanceNumbers(state, station, 'bore')
      : null,
    tightRingMissing(station),
  );
}

function tightRingMissing(station: Station): Missing | null {
  return STATION_KIND_TABLE[station.kind].bearing === 'rolling' && station.tightRing === undefined
    ? lacksDetail(station, 'tightRing')
    : null;
}

/** The bore of what was pressed in, where it stands, and what it leaves the journal. */
export function gaugedNumbers({ state, station }: StationSubject): Numbers {
  const isCup = station.kind === 'drawnCup';
  const gauged = meanSize(state, station, isCup ? 'plugPasses' : 'fittedBore');
  return numbers(
    gauged === null
      ? figure('Bore, nominal', 'length', station.inside, SOURCES.asBookedIn.title)
      : figure(
          isCup ? 'Largest plug that passes' : 'Bore once fitted, mean',
          'length',
          gauged.mean,
          SOURCES.asMeasured.title,
          {
            expanded: NORMAL_FACTOR * gauged.uncertainty,
          },
        ),
    STATION_KIND_TABLE[station.kind].bearing === 'plain'
      ? clearanceNumbers(state, station, 'fittedBore')
      : null,
  );
}

/** Clearance of a plain bearing over every place, against its band or the usual one. */
function clearanceNumbers(
  state: StationSubject['state'],
  station: Station,
  of: 'bore' | 'fittedBore',
): readonly Figure[] {
  const { band, source } = clearanceLimits(station);
  const limits = bandFigure('Clearance, limits', 'length', band, source);
  const measured = measuredClearance(state, station, of);
  if (measured === null) return [limits];
  const { least, most, guard, working } = measured;
  const { word } = decide(least, most, band, guard);
  return [
    limits,
    range('Clearance', 'length', { least, most }, SOURCES.clearanceSizes.title, {
      expanded: guard,
      word,
      working,
    }),
  ];
}
