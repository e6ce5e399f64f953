import { judgeRange, NORMAL_FACTOR } from '../../measure/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { isPressed, type Station } from '../../unit/index.ts';
import { bandFigure, figure, lacksDetail, numbers, range, words } from '../figures.ts';
import { clearanceLimits } from '../measuredClearance.ts';
import { hasFeed, oilFeed } from '../oilFeed.ts';
import { wholeCourse } from '../wholeCourse.ts';
import { clearanceAhead, pressedBore } from '../pressedBore.ts';
import { chosenWay, ringWays, wayFigures, wayFor } from '../ringWays.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { expectedDepth } from '../seating.ts';
import { meanSize, seatVerdict } from '../seats.ts';
import { stopSet, type StopSet } from '../stops.ts';
import type { Figure, Missing } from '../step.ts';
import { fitNumbers } from './fitNumbers.ts';

/** The bore that something is pressed into: what is nominal, how wide and how round it is as far as measured. */
export function housingNumbers({ state, station }: StationSubject): Numbers {
  const verdict = seatVerdict(state, station, 'housingBore');
  if (verdict === null)
    return numbers(
      figure('Housing bore, nominal', 'length', station.outside, SOURCES.asBookedIn.title),
    );
  const { mean, expanded, ovality, limit, ovalityDecision, working } = verdict;
  return numbers(
    figure('Housing bore, mean', 'length', mean, SOURCES.asMeasured.title, { expanded, working }),
    figure(
      'Housing bore, ovality',
      'length',
      ovality,
      `${SOURCES.roundnessRule.title} (${(limit * 1000).toFixed(1)} µm)`,
      { word: ovalityDecision.word, expanded: ovalityDecision.guard, working },
    ),
  );
}

/** How tight it is going to sit, what its bore closes in to, and what clearance that leaves. */
export function pressedFitNumbers(subject: StationSubject): Numbers {
  const fit = fitNumbers(subject, 'outer');
  return numbers(fit.figures, fit.missing, boreAhead(subject));
}

/** How it is pressed in: depth, force and what its bore comes to. */
export function pressedNumbers(subject: StationSubject): Numbers {
  const { state, station } = subject;
  const ways = ringWays(state, station.id, 'outer');
  const chosen = chosenWay(state, station, 'outer');
  const way = chosen ?? wayFor(state, station, 'outer', ways);
  const fit = ways.length === 0 ? fitNumbers(subject, 'outer') : numbers();
  return numbers(
    depthWanted(subject),
    fit.missing,
    way === undefined ? null : wayFigures(way, chosen === null ? 'Method' : 'Way chosen'),
    boreAhead(subject),
    lineOf(subject),
  );
}

/** How deep it goes, and the driver that ends there. */
function depthWanted({ state, station }: StationSubject): readonly (Figure | Missing)[] {
  const depth = expectedDepth(state, station)?.depth;
  if (depth === undefined) return [lacksDetail(station, 'depth')];
  const source = station.depth === undefined ? SOURCES.asMeasured : SOURCES.asBookedIn;
  const wanted = figure('Depth from the face', 'length', depth, source.title);
  if (depth <= 0) return [wanted];
  const set = stopSet(state, station);
  if (set?.stack == null)
    return [
      wanted,
      figure(
        'Nose of the driver, to its collar',
        'length',
        depth,
        'The collar comes to rest on the face as it is at its depth: geometry',
      ),
    ];
  const { ends, worst, likely, word, working } = set.stack;
  return [
    wanted,
    words('Driver', stopWords(set), 'As set up'),
    range(
      'It stops at, every piece at its limit',
      'length',
      { least: ends - worst, most: ends + worst },
      SOURCES.fitSizes.title,
      { word, working },
    ),
    range(
      'It stops at, as a rule',
      'length',
      { least: ends - likely, most: ends + likely },
      SOURCES.rootSumSquare.title,
      { working },
    ),
    ...(set.check === null
      ? []
      : [
          figure(
            'Measured over the stack, off by',
            'length',
            set.check.difference,
            `Within ${set.check.allowed.toFixed(3)} mm they agree: ${SOURCES.rootSumSquare.title}`,
            { word: set.check.agrees ? 'conforms' : 'doesNotConform' },
          ),
          ...(set.check.agrees ? [] : [words('So', STACK_OFF, 'Common practice')]),
        ]),
  ];
}

const STACK_OFF =
  'Stack and measurement do not agree: a chip between the pieces, or a piece of another thickness. Clean it, measure each piece';

/** A driver with its spacers, in words. */
const stopWords = ({ driver, pieces }: StopSet): string =>
  [driver.name, ...pieces.map(({ spacer, count }) => `${count} × ${spacer.name}`)].join(', ');

/** What the bore of a bush comes to by pressing, the clearance that it leaves, and to what it is finished. */
function boreAhead({ state, station }: StationSubject): readonly (Figure | Missing)[] {
  if (station.kind !== 'bush') return [];
  if (station.material === undefined) return [lacksDetail(station, 'material')];
  const ahead = pressedBore(state, station);
  if (ahead === null) return finishTo(state, station);
  const { closes, bore, working } = ahead;
  const source = SOURCES.lame.title;
  const clearance = clearanceAhead(state, station);
  const { band } = clearanceLimits(station);
  return [
    range('Bore closes in by', 'length', closes, source, { working }),
    ...(bore === null ? [] : [range('Bore once pressed in', 'length', bore, source, { working })]),
    ...(clearance === null
      ? []
      : [
          range('Clearance once pressed in', 'length', clearance, source, {
            word: judgeRange(clearance, band),
          }),
        ]),
    ...finishTo(state, station),
  ];
}

/** The bore at which its journal has the clearance that it is to have. */
export function finishTo(state: StationSubject['state'], station: Station): readonly Figure[] {
  const journal = meanSize(state, station, 'journal');
  const { band, source } = clearanceLimits(station);
  if (journal === null || station.kind !== 'bush') return [];
  const guard = NORMAL_FACTOR * journal.uncertainty;
  const limits = bandFigure('Clearance, limits', 'length', band, source);
  const least = band.lower === null ? null : Math.max(...journal.values) + band.lower + guard;
  const most = band.upper === null ? null : Math.min(...journal.values) + band.upper - guard;
  return least !== null && most !== null && least > most
    ? [limits, words('Finish its bore to', NO_BORE, SOURCES.clearanceSizes.title)]
    : [
        limits,
        range('Finish its bore to', 'length', { least, most }, SOURCES.clearanceSizes.title),
      ];
}

const NO_BORE =
  'No one bore suits: the journal differs by more than its limits allow. Look at the journal';

/** Where several stand in line on an axis: in which order they go in. */
function lineOf({ state, unit, axis, station }: StationSubject): readonly Figure[] {
  const order = wholeCourse(state, unit).rows.flatMap(({ move }) =>
    move?.to === 'in' ? (move.body ?? []) : [],
  );
  const placeOf = ({ id }: Station) => {
    const at = order.indexOf(id);
    return at < 0 ? Infinity : at;
  };
  const line = axis.stations
    .filter((one) => isPressed(one) && one.partId === station.partId)
    .toSorted((a, b) => placeOf(a) - placeOf(b));
  if (line.length < 2) return [];
  const names = line.map(({ name }) => name).join(', then ');
  return [words('In line', names, 'What others would block goes in first')];
}

/** The open share of the oil hole once it is in, and what to do where it is too small. */
export function feedNumbers({ state, station }: StationSubject): Numbers {
  if (!hasFeed(station)) return numbers();
  const lacking = (['oilHole', 'feedHole'] as const)
    .filter((name) => station[name] === undefined)
    .map((name) => lacksDetail(station, name));
  const feed = oilFeed(state, station);
  if (feed === null) return numbers(lacking);
  const { least, most, word, working } = feed;
  return numbers(
    range('Open share of the oil hole', 'number', { least, most }, SOURCES.circleGeometry.title, {
      word,
      working,
    }),
    word === 'conforms'
      ? null
      : words(
          'So',
          word === 'doesNotConform'
            ? 'Its feed is choked: press it out, and a new one in by its marks. It is not drilled through unless the maker says so'
            : 'Too near the limit for this instrument: measure with a finer one, or put a pin of the hole’s size through both',
          'Common practice',
        ),
  );
}
