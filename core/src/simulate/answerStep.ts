import {
  FINDINGS,
  FINDINGS_OF,
  PART_FINDINGS,
  placesFor,
  type SizeFeature,
  type Finding,
  type FindingId,
} from '../inspect/index.ts';
import type { JobEventData, JobEventType, JobState } from '../job/index.ts';
import { bandTarget, type Band, type Instrument } from '../measure/index.ts';
import {
  adjusterProgress,
  expectedDepth,
  nominalOf,
  setsZeroPlay,
  spacerProgress,
  type Step,
} from '../plan/index.ts';
import { findStation, type SpecKind, type Station } from '../unit/index.ts';

/** Something a mechanic records: the type of the event and what it carries. */
export type Recorded = {
  [Type in JobEventType]: { readonly type: Type; readonly data: JobEventData[Type] };
}[JobEventType];

/** How the imagined mechanic works. */
export interface WorkHabits {
  readonly instrument: Instrument;
  /** What seats are measured with; the instrument of the runs when it is not given. */
  readonly gauge?: Instrument;
  /** Bands for specs that are still to be entered, with the line they come from. */
  readonly bands: Readonly<Partial<Record<SpecKind, Band>>>;
  readonly source: string;
  /** Findings other than the first of the table, by station or part. */
  readonly findings?: Readonly<Record<string, FindingId>>;
  /** End play found before strip-down; the middle of the band when it is not given. mm. */
  readonly asFoundPlay?: number;
}

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
};

/** Depth to a shoulder that nothing describes, mm: invented. */
const USUAL_DEPTH = 25;

/**
 * What an imagined mechanic records to do a step: everything is as it should be unless the habits say otherwise.
 * Used to lead demo jobs to a certain point and to work whole plans through in tests.
 *
 * @param ids makes the ids of runs and specs
 */
export function answerStep(
  state: JobState,
  step: Step,
  { instrument, gauge = instrument, bands, source, findings = {}, asFoundPlay }: WorkHabits,
  ids: () => string,
): readonly Recorded[] {
  const station =
    step.stationId === null ? null : findStation(state.unit!, step.stationId)!.station;
  const spec = state.specs.find((row) => row.axisId === step.axisId && row.kind === step.specKind);
  const done: Recorded = { type: 'StepDone', data: { stepId: step.id, note: '' } };
  switch (step.form) {
    case 'tick':
    case 'heat':
      return [done];
    case 'mend':
      return [{ type: 'StationRemoved', data: { stationId: step.stationId! } }];
    case 'setSpec':
      return [
        {
          type: 'SpecSet',
          data: {
            specId: ids(),
            axisId: step.axisId!,
            kind: step.specKind!,
            band: bands[step.specKind!]!,
            source,
          },
        },
      ];
    case 'mark':
      return [
        {
          type: 'MarkMade',
          data: { stationId: step.stationId!, text: 'Punched across the joint' },
        },
      ];
    case 'recordPack':
      return [
        {
          type: 'PackRecorded',
          data: {
            siteId: step.stationId!,
            pieces: [
              {
                sizeId: 'found',
                thickness: Math.max(0.05, round(station!.width)),
                quantity: 1,
                uncertainty: 0.001,
              },
            ],
          },
        },
      ];
    case 'inspect':
      return inspected(state, step, findings);
    case 'sizes':
      return sizes(state, step, station!, gauge);
    case 'seating':
      return [
        ...sizes(state, step, station, gauge),
        ...step.checks.map((check): Recorded => ({
          type: 'SeatChecked',
          data: { targetId: step.stationId ?? step.axisId!, check, good: true },
        })),
      ];
    case 'compare':
      return [{ type: 'BearingOffered', data: offered(station!) }];
    case 'figure':
      return [
        {
          type: 'FigureTaken',
          data: {
            specId: spec!.specId,
            stage: step.rule === 'asFound' ? 'asFound' : 'final',
            value: bandTarget(spec!.band),
            typed: null,
          },
        },
      ];
    case 'torque':
      return torques(state, step, spec);
    case 'sleeve':
      if (setsZeroPlay(axisOf(state, step))) return closed(state, step, instrument);
      return [
        ...crush(state, step, 0, 0),
        ...crush(
          state,
          step,
          150,
          bandTarget(
            state.specs.find((row) => row.axisId === step.axisId && row.kind === 'rollingTorque')!
              .band,
          ),
        ),
      ];
    case 'run':
      return run(spec!, step, instrument, {
        runId: ids(),
        play: (step.rule === 'asFound' ? asFoundPlay : undefined) ?? readablePlay(spec!.band),
      });
    case 'spacer':
      return spacer(state, step);
    case 'adjuster':
      return turned(state, step);
    case 'choosePack':
    case 'fitPack':
      return [
        {
          type: 'PackFitted',
          data: { siteId: step.stationId!, pieces: state.packs[step.stationId!]!.pieces },
        },
      ];
    case 'finish':
      return [{ type: 'JobFinished', data: { note: '' } }];
  }
}

function inspected(
  state: JobState,
  step: Step,
  chosen: WorkHabits['findings'],
): readonly Recorded[] {
  const targetId = step.stationId ?? step.partId!;
  const possible =
    step.stationId === null
      ? PART_FINDINGS[state.unit!.parts.find(({ id }) => id === targetId)!.kind]
      : FINDINGS_OF[findStation(state.unit!, targetId)!.station.kind];
  const finding = chosen?.[targetId] ?? possible[0]!;
  const row: Finding = FINDINGS[finding];
  return [
    { type: 'FindingRecorded', data: { targetId, findings: [finding], note: '' } },
    {
      type: 'InspectionDecided',
      data: { targetId, verdict: row.verdict, repair: row.repair ?? null, reason: row.words },
    },
  ];
}

function sizes(
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

function offered({
  id: stationId,
  designation,
  inside: bore,
  outside,
  width,
}: Station): JobEventData['BearingOffered'] {
  return { stationId, designation: designation ?? null, dimensions: { bore, outside, width } };
}

/** A play that an indicator can read: the middle of the band, or a little where the band is preload. mm. */
function readablePlay(band: Band): number {
  const target = round(bandTarget(band));
  return target > 0 ? target : 0.06;
}

/** A wrench for small torques, invented. */
const WRENCH = {
  id: 'beam',
  name: 'Beam wrench',
  graduation: 0.02,
  calibrationUncertainty: 0.01,
  least: 0.05,
  most: 6,
};
/** Drag of an imagined seal, N·m. */
const SEAL_DRAG = 0.3;

function reading(
  step: Step,
  rest: Pick<JobEventData['TorqueRead'], 'stage' | 'what' | 'value' | 'angle'>,
): Recorded {
  return {
    type: 'TorqueRead',
    data: {
      axisId: step.axisId!,
      steady: true,
      square: true,
      typed: String(rest.value),
      device: null,
      tool: WRENCH,
      pull: null,
      nutTorque: null,
      endPlay: null,
      ...rest,
    },
  };
}

/** Two readings that agree: of the seal alone, or of what the band wants. */
function torques(
  state: JobState,
  step: Step,
  spec: JobState['specs'][number] | undefined,
): readonly Recorded[] {
  const asFound = step.rule === 'asFound';
  const what = step.rule === 'sealDrag' ? 'sealDrag' : 'bearings';
  const drag =
    asFound ||
    what === 'sealDrag' ||
    state.torques.every((row) => row.axisId !== step.axisId || row.what !== 'sealDrag')
      ? 0
      : SEAL_DRAG;
  const value = what === 'sealDrag' ? SEAL_DRAG : round(bandTarget(spec!.band) + drag);
  const one = reading(step, {
    stage: asFound ? 'asFound' : what === 'sealDrag' ? 'trial' : 'final',
    what,
    value,
    angle: null,
  });
  return [one, one];
}

function axisOf(state: JobState, { axisId }: Step) {
  return state.unit!.axes.find(({ id }) => id === axisId)!;
}

/** The first spacer as described; then one of the length that the trials ask for. */
function spacer(state: JobState, step: Step): readonly Recorded[] {
  const stationId = step.stationId!;
  const fit = (length: number, trial: boolean): Recorded => ({
    type: 'SpacerFitted',
    data: { stationId, length: round(length), uncertainty: 0.001, trial },
  });
  const progress = spacerProgress(state, axisOf(state, step))!;
  if (step.rule === 'trySpacer') return [fit(progress.spacer.width, true)];
  if (progress.answer?.status === 'known') return [fit(progress.answer.wanted, false)];
  return [
    { type: 'SpacerFelt', data: { stationId, feel: 'loose', play: 0.05 } },
    fit(progress.inPlace! - 0.07, false),
  ];
}

/** The adjuster turned as far as is worked out. */
function turned(state: JobState, step: Step): readonly Recorded[] {
  const turn = adjusterProgress(state, axisOf(state, step));
  return [{ type: 'AdjusterTurned', data: { stationId: step.stationId!, angle: turn?.set ?? 0 } }];
}

/** A sleeve crushed until the play lies in its band. */
function closed(state: JobState, step: Step, instrument: Instrument): readonly Recorded[] {
  const band = state.specs.find(
    (row) => row.axisId === step.axisId && row.kind === 'endPlay',
  )!.band;
  const at = (angle: number, play: number): Recorded => ({
    type: 'ClosingRead',
    data: { stationId: step.stationId!, angle, play: round(play), typed: null, instrument },
  });
  return [at(0, 0.2), at(60, 0.1), at(115, Math.max(0, bandTarget(band) / 2))];
}

function crush(state: JobState, step: Step, angle: number, above: number): readonly Recorded[] {
  const included = state.specs.some(
    (row) => row.axisId === step.axisId && row.sealDrag === 'included',
  );
  const one = reading(step, {
    stage: 'crush',
    what: 'bearings',
    value: round((included ? 0 : SEAL_DRAG) + above),
    angle,
  });
  return [one, one];
}

function run(
  { specId }: JobState['specs'][number],
  step: Step,
  instrument: Instrument,
  { runId, play }: { readonly runId: string; readonly play: number },
): readonly Recorded[] {
  const stage = step.rule === 'asFound' ? 'asFound' : step.rule === 'prove' ? 'final' : 'trial';
  const reading = (value: number): Recorded => ({
    type: 'ReadingTaken',
    data: { runId, value, typed: String(value), device: null, position: null },
  });
  return [
    {
      type: 'RunOpened',
      data: {
        runId,
        specId,
        stage,
        instrument,
        indicator: { contact: 'faceSquareToTravel', angle: 0 },
        shaftHeld: true,
      },
    },
    ...[0, play, 0, 0, play, 0, 0, play, 0].map(reading),
    { type: 'RunClosed', data: { runId } },
  ];
}

function round(mm: number): number {
  return Math.round(mm * 1000) / 1000;
}
