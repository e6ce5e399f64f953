import { FINDINGS, placesFor, type SizeFeature, type Finding } from '../inspect/index.ts';
import type { JobState } from '../job/index.ts';
import { bandTarget, type Instrument } from '../measure/index.ts';
import {
  clearanceLimits,
  expectedDepth,
  meanSize,
  nominalOf,
  possibleFindings,
  type Step,
} from '../plan/index.ts';
import { type Station } from '../unit/index.ts';
import type { Recorded, WorkHabits } from './recorded.ts';
import { round } from './torqueAnswers.ts';

/** How far measured seats lie from nominal, mm: invented, a usual light interference. */
const SEAT_OFF: Readonly<Record<SizeFeature, number>> = {
  bore: -0.012,
  journal: 0.009,
  length: -0.4,
  ringOutside: -0.005,
  ringBore: -0.004,
  ringWidth: -0.03,
  shoulderDepth: 0,
  seatedDepth: 0.01,
  fittedBore: 0.02,
  plugPasses: 0.02,
  endGap: 0.005,
  housingBore: 0.008,
  holeOffset: 0,
  foundDepth: 0.02,
  markNear: 0,
  markFar: 0,
  markDatum: 0,
  webGap: 0.01,
  webGapAfter: 0.015,
};

/** What is pressed in is larger than its housing: a bush itself, of a drawn cup the housing is smaller. mm. */
const PRESSED_OFF: Readonly<
  Partial<Record<Station['kind'], Readonly<Partial<Record<SizeFeature, number>>>>>
> = {
  bush: { ringOutside: 0.038, ringBore: 0.05 },
  drawnCup: { housingBore: -0.022 },
};

/** Depth to a shoulder that nothing describes, mm: invented. */
const USUAL_DEPTH = 25;

/** Sizes that are like nothing that is described, mm: invented. */
const AS_FOUND: Readonly<Partial<Record<SizeFeature, number>>> = {
  holeOffset: 0.1,
  markNear: 10,
  markFar: 22,
  markDatum: 5,
};

export function inspected(
  state: JobState,
  step: Step,
  chosen: WorkHabits['findings'],
): readonly Recorded[] {
  const targetId = step.stationId ?? step.partId!;
  const finding = chosen?.[targetId] ?? possibleFindings(state, step)[0]!;
  const row: Finding = FINDINGS[finding];
  return [
    { type: 'FindingRecorded', data: { targetId, findings: [finding], note: '' } },
    {
      type: 'InspectionDecided',
      data: { targetId, verdict: row.verdict, repair: row.repair ?? null, reason: row.words },
    },
  ];
}

/** The size that everything measured of a station lies about. */
function aboutSize(state: JobState, station: Station, feature: SizeFeature): number {
  const { band } = clearanceLimits(station);
  const journal = feature === 'fittedBore' ? meanSize(state, station, 'journal') : null;
  if (journal !== null) return journal.mean + bandTarget(band);
  const described =
    AS_FOUND[feature] ??
    nominalOf(station, feature) ??
    expectedDepth(state, station)?.depth ??
    USUAL_DEPTH;
  return described + (PRESSED_OFF[station.kind]?.[feature] ?? SEAT_OFF[feature]);
}

export function sizes(
  state: JobState,
  step: Step,
  station: Station | null,
  instrument: Instrument,
): readonly Recorded[] {
  if (station === null) return [];
  return step.sizes.flatMap((feature) =>
    placesFor(feature, station.count).map(({ id: place }, at): Recorded => {
      const value = round(aboutSize(state, station, feature) + 0.001 * (at % 3));
      return {
        type: 'SizeMeasured',
        data: { stationId: station.id, feature, place, value, typed: String(value), instrument },
      };
    }),
  );
}
