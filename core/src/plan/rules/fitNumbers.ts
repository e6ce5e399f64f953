import { taperedBore } from '../../bearings/index.ts';
import { effectiveInterference, type Interference } from '../../fits/index.ts';
import { USUAL_WORK } from '../../heat/index.ts';
import { looseBoreRemedy, REPAIRS } from '../../inspect/index.ts';
import type { JobState } from '../../job/index.ts';
import { NORMAL_FACTOR } from '../../measure/index.ts';
import { DEPTH_REMEDIES } from '../../seating/index.ts';
import { SOURCES } from '../../sources/index.ts';
import { isPressed, type Station } from '../../unit/index.ts';
import { figure, lacksOfPart, lacksStep, numbers, range, words } from '../figures.ts';
import type { Numbers, StationSubject } from '../rule.ts';
import { clearanceInService } from '../clearanceInService.ts';
import { partWithSeat } from '../ringWays.ts';
import { depthKind, depthVerdict, expectedDepth, wantsDepth, withinOf } from '../seating.ts';
import { isRingMeasured, isSeatMeasured, seatInterference } from '../seats.ts';
import type { Figure, Missing } from '../step.ts';

/** Interference of a ring on its seat, what the peaks of a turned seat leave of it, and, where it is loose, what to do. */
export function fitNumbers({ state, station }: StationSubject, ring: 'inner' | 'outer'): Numbers {
  const fit = seatInterference(state, station, ring);
  const taper = ring === 'inner' ? taperedBore(station.designation) : null;
  if (taper !== null) return numbers(words('Fit', onTaper(taper), 'Common practice'));
  if (fit === null) return numbers(lacksOfFit(state, station, ring));
  const { mean, least, most, working } = fit;
  const loose = mean <= 0 ? looseBoreRemedy(-mean) : null;
  const seat = isSeatMeasured(state, station, ring)
    ? 'seat as measured'
    : 'seat by its class, not measured';
  const byClass = isPressed(station) ? SOURCES.iso286.title : SOURCES.iso492.title;
  const from = `${isRingMeasured(state, station, ring) ? 'Ring as measured' : byClass}; ${seat}`;
  const diameter = ring === 'outer' ? station.outside : station.inside;
  return numbers(
    range('Interference', 'length', { least, most }, from, {
      working,
    }),
    words('Tight or loose', tightWords(fit), 'Worst case of ring and seat'),
    figure('Interference, middle', 'length', mean, SOURCES.fitSizes.title, { working }),
    ring === 'inner' && mean > 0
      ? figure(
          'Effective interference, peaks flattened',
          'length',
          effectiveInterference(mean, diameter, 'ground'),
          SOURCES.roughness.title,
        )
      : null,
    loose === null
      ? null
      : words('Loose', `${REPAIRS[loose.repair].words}: ${loose.reason}`, 'Common practice'),
    clearanceNumbers(state, station, ring),
  );
}

/** How a tapered bore is fitted: no two diameters say how tight it sits. */
const onTaper = (taper: number): string =>
  `Tapered bore, 1:${taper}: drive it up until its internal clearance is less by what its maker says, a feeler under the rollers; ${taper} mm along the taper is 1 mm on the diameter`;

/** What is to be measured before a fit is known; a class that is none of its size is put right at its own step. */
function lacksOfFit(
  state: JobState,
  station: Station,
  ring: 'inner' | 'outer',
): readonly Missing[] {
  const { id, kind, name, boreClass, outsideClass } = station;
  if (!isPressed(station)) {
    const seat = ring === 'outer' ? 'bore' : 'journal';
    return [lacksStep(`measured ${seat} of ${name}`, `measureSeats:${id}`)];
  }
  return [
    ...(boreClass !== undefined || isSeatMeasured(state, station, 'outer')
      ? []
      : [lacksStep(`measured housing bore of ${name}, or its class`, `measureHousing:${id}`)]),
    // A drawn cup has no outside of its own to measure: it takes its shape from its housing.
    ...(kind === 'drawnCup' || outsideClass !== undefined || isRingMeasured(state, station, 'outer')
      ? []
      : [lacksStep(`measured outside of the new ${name}`, `measureNew:${id}`)]),
  ];
}

/** Tight whatever the sizes are within what is known of them, loose whatever they are, or neither. */
function tightWords({ least, most }: Interference): string {
  if (least > 0) return 'Tight';
  return most <= 0 ? 'Loose' : 'Not known: it may be loose. Measure ring and seat';
}

/** Internal clearance before fitting and as it runs; below zero it is said. What a seat is made of is asked for. */
function clearanceNumbers(
  state: JobState,
  station: Station,
  ring: 'inner' | 'outer',
): readonly (Figure | Missing)[] {
  const seat = partWithSeat(state.unit!, station, ring);
  if (seat?.material === null) return [lacksOfPart(seat, 'material')];
  const kept = clearanceInService(state, station);
  if (kept === null) return [];
  const { clearanceClass, initial, left, working } = kept;
  return [
    range(
      `Internal clearance, ${clearanceClass}, before fitting`,
      'length',
      initial,
      SOURCES.iso5753.title,
    ),
    range('Internal clearance left, running', 'length', left, runningSource(state, station), {
      working,
      word: left.least >= 0 ? 'conforms' : 'cannotDecide',
    }),
    ...(left.least >= 0
      ? []
      : [
          words(
            'Clearance',
            left.most < 0
              ? 'It runs without clearance: a larger class, or a lighter fit'
              : 'At the tightest it runs without clearance: measure ring and seat, or take a larger class',
            'Common practice',
          ),
        ]),
  ];
}

/** By what the clearance as it runs is worked out: the temperature in service, and whether anybody has said it. */
function runningSource(state: JobState, { partId }: Station): string {
  const set = state.heating.heat[partId]?.running;
  const at = `${SOURCES.lame.title}, at ${set ?? USUAL_WORK.running} °C in service`;
  return set === undefined ? `${at}, the usual; set yours on the heat page` : at;
}

/** How deep a ring lies when it is home, and how deep it was found to lie. */
export function depthNumbers({ state, station }: StationSubject): Numbers {
  if (!wantsDepth(state, station)) return numbers();
  const expected = expectedDepth(state, station);
  if (expected === null)
    return numbers(
      lacksStep(
        `depth to the shoulder of ${station.name}, and the width of the ring`,
        `measureDepth:${station.id}`,
      ),
    );
  const verdict = depthVerdict(state, station);
  const wanted = figure(
    'Depth when it is home',
    'length',
    expected.depth,
    station.depth === undefined ? SOURCES.asMeasured.title : SOURCES.asBookedIn.title,
    expected.uncertainty === 0 ? {} : { expanded: NORMAL_FACTOR * expected.uncertainty },
  );
  if (verdict === null) return numbers(wanted);
  const { proud, decision, word, working } = verdict;
  return numbers(
    wanted,
    figure(
      'Stands proud by',
      'length',
      proud,
      `Home within ±${withinOf(station)} mm, ${depthKind(station) === 'driven' ? 'common practice' : 'a rule of this program'}`,
      {
        expanded: decision.guard,
        word:
          word === 'home'
            ? 'conforms'
            : word === 'cannotDecide'
              ? 'cannotDecide'
              : 'doesNotConform',
        working,
      },
    ),
    words('So', DEPTH_REMEDIES[depthKind(station)][word], 'Common practice'),
  );
}
