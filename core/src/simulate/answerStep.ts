import type { JobEventData, JobState } from '../job/index.ts';
import { bandTarget, type Band, type Instrument } from '../measure/index.ts';
import { adjusterProgress, spacerProgress, type Step } from '../plan/index.ts';
import { findStation, setsZeroPlay, type Station } from '../unit/index.ts';
import type { Recorded, WorkHabits } from './recorded.ts';
import { crush, round, torques } from './torqueAnswers.ts';
import { inspected, sizes } from './sizeAnswers.ts';
import { backlashAnswer, depthAnswer, patternAnswer } from './pairAnswers.ts';

/** What an answer is made from. */
interface Asked extends Omit<WorkHabits, 'gauge' | 'findings'> {
  readonly state: JobState;
  readonly step: Step;
  readonly station: Station | null;
  readonly spec: JobState['specs'][number] | undefined;
  readonly gauge: Instrument;
  readonly findings: NonNullable<WorkHabits['findings']>;
  readonly ids: () => string;
}

const ANSWERS: Readonly<Record<Step['form'], (asked: Asked) => readonly Recorded[]>> = {
  tick: ({ step }) => [{ type: 'StepDone', data: { stepId: step.id, note: '' } }],
  heat: ({ step }) => [{ type: 'StepDone', data: { stepId: step.id, note: '' } }],
  mend: ({ step }) => [{ type: 'StationRemoved', data: { stationId: step.stationId! } }],
  findWay: ({ step }) => [
    { type: 'StepSetAside', data: { stepId: step.id, reason: 'Through an opening of its own' } },
  ],
  setSpec: ({ step, bands, source, ids }) => [
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
  ],
  mark: ({ step }) => [
    {
      type: 'MarkMade',
      data: { stationId: step.stationId!, text: 'Punched across the joint' },
    },
  ],
  recordPack: ({ step, station }) => [
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
  ],
  inspect: ({ state, step, findings }) => inspected(state, step, findings),
  sizes: ({ state, step, station, gauge }) => sizes(state, step, station!, gauge),
  seating: ({ state, step, station, gauge }) => [
    ...sizes(state, step, station, gauge),
    ...step.checks.map((check): Recorded => ({
      type: 'SeatChecked',
      data: { targetId: step.stationId ?? step.axisId!, check, good: true },
    })),
  ],
  compare: ({ station }) => [{ type: 'BearingOffered', data: offered(station!) }],
  figure: ({ step, spec }) => [
    {
      type: 'FigureTaken',
      data: {
        specId: spec!.specId,
        stage: step.stage === 'asFound' ? 'asFound' : 'final',
        value: bandTarget(spec!.band),
        typed: null,
      },
    },
  ],
  places: ({ state, step, spec, gauge }) => backlashAnswer(state, step, spec!, gauge),
  depth: ({ state, step, gauge }) => depthAnswer(state, step, gauge),
  pattern: ({ state, step }) => patternAnswer(state, step),
  torque: ({ state, step, spec }) => torques(state, step, spec),
  sleeve: ({ state, step, instrument }) => {
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
  },
  run: ({ step, spec, instrument, asFoundPlay, ids }) =>
    run(spec!, step, instrument, {
      runId: ids(),
      play: (step.stage === 'asFound' ? asFoundPlay : undefined) ?? readablePlay(spec!.band),
    }),
  spacer: ({ state, step }) => spacer(state, step),
  adjuster: ({ state, step }) => turned(state, step),
  choosePack: ({ state, step }) => [
    {
      type: 'PackFitted',
      data: { siteId: step.stationId!, pieces: state.setting.packs[step.stationId!]!.pieces },
    },
  ],
  fitPack: ({ state, step }) => [
    {
      type: 'PackFitted',
      data: { siteId: step.stationId!, pieces: state.setting.packs[step.stationId!]!.pieces },
    },
  ],
  finish: () => [{ type: 'JobFinished', data: { note: '' } }],
};

/**
 * What an imagined mechanic records to do a step: everything is as it should be unless the habits say otherwise.
 * Used to lead demo jobs to a certain point and to work whole plans through in tests.
 *
 * @param ids makes the ids of runs and specs
 */
export function answerStep(
  state: JobState,
  step: Step,
  habits: WorkHabits,
  ids: () => string,
): readonly Recorded[] {
  const { instrument, gauge = instrument, findings = {} } = habits;
  const station =
    step.stationId === null ? null : findStation(state.unit!, step.stationId)!.station;
  const spec = state.specs.find((row) => row.axisId === step.axisId && row.kind === step.specKind);
  return ANSWERS[step.form]({ ...habits, gauge, findings, state, step, station, spec, ids });
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

/** A play that an indicator can read: the middle of the limits, or a little where the band is preload. mm. */
function readablePlay(band: Band): number {
  const target = round(bandTarget(band));
  return target > 0 ? target : 0.06;
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
  if (step.stage === 'trial') return [fit(progress.spacer.width, true)];
  if (progress.answer?.status === 'known') return [fit(progress.answer.wanted, false)];
  return [
    { type: 'SpacerFelt', data: { stationId, feel: 'loose', play: 0.05 } },
    fit(progress.inPlace! - 0.07, false),
  ];
}

/** The adjuster turned as far as is worked out. */
function turned(state: JobState, step: Step): readonly Recorded[] {
  const turn = adjusterProgress(state, axisOf(state, step), { id: step.stationId! });
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

function run(
  { specId }: JobState['specs'][number],
  step: Step,
  instrument: Instrument,
  { runId, play }: { readonly runId: string; readonly play: number },
): readonly Recorded[] {
  const stage = step.stage ?? 'trial';
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
