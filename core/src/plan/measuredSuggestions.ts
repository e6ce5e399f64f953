import {
  judgeBoltLength,
  looseBoreRemedy,
  type InspectionVerdict,
  type RepairId,
} from '../inspect/index.ts';
import type { JobState } from '../job/index.ts';
import { clearanceLimits, measuredClearance } from './measuredClearance.ts';
import { rollerClearance, rollerLimits } from './rollerClearance.ts';
import { LEAST_OPENING, oilHoleOpening } from '../plain/index.ts';
import { fullComplement } from '../rollers/index.ts';
import { knownSize, sitsTight, STATION_KIND_TABLE, type Station } from '../unit/index.ts';
import { ringWords, seatInterference, seatsOf, seatVerdict, sizeUncertainty } from './seats.ts';

/** What a measured or described figure of a station comes to. */
export interface MeasuredSuggestion {
  readonly verdict: InspectionVerdict;
  readonly repair: RepairId | null;
  readonly reason: string;
}

/**
 * What the sizes of a station say about its use, beside what is seen: seats out of round, rings loose on their
 * seats, clearance out of its band, bolts stretched, rollers missing, an oil hole closed. Only what is proven is
 * suggested; nothing means that the sizes are in order as far as they are known.
 */
export function measuredSuggestions(
  state: JobState,
  station: Station,
): readonly MeasuredSuggestion[] {
  return [
    ...roundness(state, station),
    ...looseness(state, station),
    ...clearance(state, station),
    ...bolts(state, station),
    ...rollers(station),
    ...oilHole(station),
  ];
}

function roundness(state: JobState, station: Station): readonly MeasuredSuggestion[] {
  return seatsOf(station).flatMap((feature): readonly MeasuredSuggestion[] => {
    const verdict = seatVerdict(state, station, feature);
    if (verdict === null) return [];
    const bad = [
      verdict.ovalityDecision.word === 'doesNotConform' ? 'out of round' : '',
      verdict.taperDecision?.word === 'doesNotConform' ? 'tapered' : '',
    ].filter(Boolean);
    if (bad.length === 0) return [];
    const repair = feature === 'bore' ? 'sleeveBore' : 'buildUp';
    return [
      {
        verdict: 'repair',
        repair,
        reason: `The ${feature} is ${bad.join(' and ')} beyond ${(verdict.limit * 1000).toFixed(0)} µm`,
      },
    ];
  });
}

function looseness(state: JobState, station: Station): readonly MeasuredSuggestion[] {
  return (['outer', 'inner'] as const).flatMap((ring): readonly MeasuredSuggestion[] => {
    if (!sitsTight(station, ring)) return [];
    const fit = seatInterference(state, station, ring);
    if (fit === null || fit.most > 0) return [];
    const { repair, reason } = looseBoreRemedy(-fit.mean);
    return [
      {
        verdict: 'repair',
        repair: ring === 'inner' && repair === 'sleeveBore' ? 'buildUp' : repair,
        reason: `The ${ringWords(station)[ring]} is loose on its seat; ${reason}`,
      },
    ];
  });
}

const OPEN = { lower: null, upper: null } as const;

/** Clearance of a plain bearing or of loose rollers, with the limits it is held to; null where it is not measured. */
function clearanceOf(state: JobState, station: Station) {
  if (station.kind === 'looseRollers') {
    const running = rollerClearance(state, station);
    return running === null ? null : { ...running, ...rollerLimits(station) };
  }
  if (STATION_KIND_TABLE[station.kind].bearing !== 'plain') return null;
  const measured = measuredClearance(state, station);
  if (measured === null) return null;
  const { clearanceLeast, clearanceMost } = station;
  const isSilent = clearanceLeast === undefined && clearanceMost === undefined;
  // What is usual hangs on the size: where that is not known there is none.
  if (isSilent && knownSize(station, 'inside') === null) return { ...measured, ...OPEN };
  return { ...measured, ...clearanceLimits(station).band };
}

/** Out of its limits to either side, by what is proven. */
function clearance(state: JobState, station: Station): readonly MeasuredSuggestion[] {
  const found = clearanceOf(state, station);
  if (found === null) return [];
  const { least, most, guard, lower, upper } = found;
  const replaced = (reason: string) => [{ verdict: 'replace', repair: null, reason }] as const;
  if (lower !== null && least < lower - guard)
    return replaced(
      station.kind === 'looseRollers'
        ? 'Too tight: less clearance than its limits allow with these rollers. Take thinner rollers, or measure bore and journal again'
        : 'Too tight: less clearance than its limits allow',
    );
  return upper !== null && most > upper + guard
    ? replaced('Worn: more clearance than its limits allow')
    : [];
}

function bolts(state: JobState, station: Station): readonly MeasuredSuggestion[] {
  if (station.longest === undefined) return [];
  const lengths = Object.values(state.inspection.sizes[station.id]?.length ?? {});
  const past = lengths.filter(
    (size) =>
      judgeBoltLength(size.value, station.longest!, sizeUncertainty(size)).word ===
      'doesNotConform',
  );
  return past.length === 0
    ? []
    : [
        {
          verdict: 'replace',
          repair: null,
          reason: `${past.length} of ${lengths.length} stretched past ${station.longest} mm`,
        },
      ];
}

function rollers(station: Station): readonly MeasuredSuggestion[] {
  const { kind, rollerDiameter, rollerCount } = station;
  const inside = knownSize(station, 'inside');
  if (
    kind !== 'looseRollers' ||
    inside === null ||
    rollerDiameter === undefined ||
    rollerCount === undefined
  )
    return [];
  const { count } = fullComplement(inside, rollerDiameter);
  return rollerCount === count
    ? []
    : [
        {
          verdict: 'replace',
          repair: null,
          reason: `${rollerCount} rollers where ${count} fill the set`,
        },
      ];
}

function oilHole({
  kind,
  oilHole: hole,
  feedHole,
  holeOffset,
}: Station): readonly MeasuredSuggestion[] {
  if (kind !== 'bush' || hole === undefined || feedHole === undefined || holeOffset === undefined)
    return [];
  const { share } = oilHoleOpening(hole, feedHole, holeOffset);
  return share >= LEAST_OPENING
    ? []
    : [
        {
          verdict: 'replace',
          repair: null,
          reason: `Only ${(100 * share).toFixed(0)} % of the oil hole is open`,
        },
      ];
}
