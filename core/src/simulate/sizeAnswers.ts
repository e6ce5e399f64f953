import { FINDINGS, placesFor, type SizeFeature, type Finding } from '../inspect/index.ts';
import type { JobState } from '../job/index.ts';
import type { Instrument } from '../measure/index.ts';
import { expectedDepth, nominalOf, type Step, possibleFindings } from '../plan/index.ts';
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
  endGap: 0.005,
};

/** Depth to a shoulder that nothing describes, mm: invented. */
const USUAL_DEPTH = 25;

export function inspected(
  state: JobState,
  step: Step,
  chosen: WorkHabits['findings'],
): readonly Recorded[] {
  const targetId = step.stationId ?? step.partId!;
  const finding = chosen?.[targetId] ?? possibleFindings(state.unit!, step)[0]!;
  const row: Finding = FINDINGS[finding];
  return [
    { type: 'FindingRecorded', data: { targetId, findings: [finding], note: '' } },
    {
      type: 'InspectionDecided',
      data: { targetId, verdict: row.verdict, repair: row.repair ?? null, reason: row.words },
    },
  ];
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
      const nominal =
        nominalOf(station, feature) ?? expectedDepth(state, station)?.depth ?? USUAL_DEPTH;
      const value = round(nominal + SEAT_OFF[feature] + 0.001 * (at % 3));
      return {
        type: 'SizeMeasured',
        data: { stationId: station.id, feature, place, value, typed: String(value), instrument },
      };
    }),
  );
}
