import type { Band, IndicatorSetting, Instrument } from '../measure/index.ts';
import type { SettingEventData } from './settingEvents.ts';
import type { WorkshopEventData } from './workshopEvents.ts';
import type { HeatSettings, WayId } from '../heat/index.ts';
import type { FindingId, InspectionVerdict, RepairId, SizeFeature } from '../inspect/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';
import type { Axis, Part, SpecKind, Station, Unit } from '../unit/index.ts';

/** How much of the work the job takes in: all of it, or only what sets the play. */
export const JOB_SCOPES = ['overhaul', 'setPlay'] as const;
export type JobScope = (typeof JOB_SCOPES)[number];

/** What a clock waits for. */
export const CLOCK_KINDS = ['oven', 'freezer', 'cooling', 'ringWarming', 'ringFreezing'] as const;
export type ClockKind = (typeof CLOCK_KINDS)[number];

/** Clocks that wait for one ring: their target is a station, not a part. */
export const RING_CLOCKS: readonly ClockKind[] = ['ringWarming', 'ringFreezing'];

/** How a ring went in. */
export const SEAT_OUTCOMES = ['droppedIn', 'tapped', 'drewIn', 'stoppedHalfWay'] as const;
export type SeatOutcome = (typeof SEAT_OUTCOMES)[number];

/** Heat settings as they are logged; what was seen of the cooling follows from the log. */
export type PlannedHeat = Omit<HeatSettings, 'coolingFactor'>;

/** At which point of the job a run is taken. */
export type RunStage = 'asFound' | 'trial' | 'final';

/** A bevel pair through which a torque is read. */
export interface ThroughPair {
  readonly axisId: string;
  readonly ratio: number;
}

/** What each event of a job carries. Lengths in mm; `typed` keeps what the mechanic wrote. */
export interface JobEventData extends SettingEventData {
  readonly JobOpened: { readonly unit: Unit; readonly reason: string; readonly scope: JobScope };
  /** A station put on an axis, or described anew. */
  readonly StationDescribed: { readonly axisId: string; readonly station: Station };
  readonly StationRemoved: { readonly stationId: string };
  readonly PartDescribed: { readonly part: Part };
  readonly PartRemoved: { readonly partId: string };
  readonly AxisDescribed: { readonly axis: Omit<Axis, 'stations'> };
  readonly AxisRemoved: { readonly axisId: string };
  readonly SpecSet: {
    readonly specId: string;
    readonly axisId: string;
    readonly kind: SpecKind;
    /** In the core unit of the kind: mm or N·m. */
    readonly band: Band;
    /** Rolling torque: whether the seal's drag is in the figure; taken as not, where it is not said. */
    readonly sealDrag?: 'included' | 'excluded';
    /** Rolling torque of a carrier that is read at the pinion: the pinion's axis, and teeth of the ring gear over those of the pinion. */
    readonly through?: ThroughPair;
    /** The line that says where the figure comes from. */
    readonly source: string;
  };
  readonly RunOpened: {
    readonly runId: string;
    readonly specId: string;
    readonly stage: RunStage;
    /** The instrument as its card was on the day, so that the record stands on its own. */
    readonly instrument: Instrument;
    readonly indicator: IndicatorSetting;
    readonly shaftHeld: boolean;
  };
  /** Readings come in threes: zero, lift, return. */
  readonly ReadingTaken: {
    readonly runId: string;
    readonly value: number;
    readonly typed: string | null;
    /** Device that sent it; null when it was typed. */
    readonly device: string | null;
    /** Mark on the shaft, degrees. */
    readonly position: number | null;
  };
  readonly RunClosed: { readonly runId: string };
  readonly RunAbandoned: { readonly runId: string; readonly reason: string };
  /** A position marked before it comes apart: caps, nuts, which way round. */
  readonly MarkMade: { readonly stationId: string; readonly text: string };
  /** One diameter or length at one place; a later one at the same place replaces it. mm. */
  readonly SizeMeasured: {
    readonly stationId: string;
    readonly feature: SizeFeature;
    readonly place: string;
    readonly value: number;
    readonly typed: string | null;
    readonly instrument: Instrument;
  };
  /** What was seen on a station or a part. */
  readonly FindingRecorded: {
    readonly targetId: string;
    readonly findings: readonly FindingId[];
    readonly note: string;
  };
  readonly InspectionDecided: {
    readonly targetId: string;
    readonly verdict: InspectionVerdict;
    readonly repair: RepairId | null;
    readonly reason: string;
  };
  /** The new bearing as it lies on the bench. mm. */
  readonly BearingOffered: {
    readonly stationId: string;
    readonly designation: string | null;
    readonly dimensions: {
      readonly bore: number;
      readonly outside: number;
      readonly width: number;
    } | null;
  };
  /** A figure read off without a guided run: rolling torque in N·m, backlash in mm. */
  readonly FigureTaken: {
    readonly specId: string;
    readonly stage: RunStage;
    readonly value: number;
    readonly typed: string | null;
  };
  /** How a part and its rings are to be heated and frozen. °C; `handling` s. */
  readonly HeatSet: { readonly partId: string; readonly settings: PlannedHeat };
  /** Something waits: a part in the oven, rings in the freezer, one ring on the heater. `seconds` until it rings. */
  readonly ClockStarted: {
    readonly clockId: string;
    readonly kind: ClockKind;
    readonly targetId: string;
    readonly seconds: number;
  };
  readonly ClockStopped: { readonly clockId: string };
  /** A contact thermometer on a part. °C. */
  readonly TemperatureRead: {
    readonly partId: string;
    readonly value: number;
    readonly typed: string | null;
    /** Device that sent it; null or absent when it was typed. */
    readonly device?: string | null;
  };
  /** How a ring went in. */
  readonly SeatTried: { readonly stationId: string; readonly outcome: SeatOutcome };
  /** The way in that the mechanic has chosen for a ring. */
  readonly WayChosen: {
    readonly stationId: string;
    readonly ring: 'outer' | 'inner';
    readonly way: WayId;
    /** What the workshop's press stood on the day, N. */
    readonly pressRating: number;
  };
  /** One check of a seat, or of a shaft for side load. Of a check made twice the last counts. */
  readonly SeatChecked: {
    /** Station or axis. */
    readonly targetId: string;
    readonly check: SeatingCheckId;
    readonly good: boolean;
  };
  /** Another heat limit for a part or a bearing than the usual one: a coating, a maker's word. °C. */
  readonly LimitSet: { readonly targetId: string; readonly limit: number; readonly reason: string };
  readonly StepDone: { readonly stepId: string; readonly note: string };
  /** Not needed on this job, and why. */
  readonly StepSetAside: { readonly stepId: string; readonly reason: string };
  /** A job for practice, as a whole: readings of simulated devices count in it, and it is no record of a real unit. */
  readonly PracticeMarked: { readonly reason: string };
  readonly NoteWritten: { readonly text: string };
  readonly JobFinished: { readonly note: string };
  readonly JobReopened: { readonly reason: string };
  /** Takes back an earlier event; taking back an `Undone` brings the event back. */
  readonly Undone: { readonly eventId: string };
}

/** An event as it is stored: identity, place in its stream, who and when, and what happened. */
export interface Envelope<Type extends string, Data> {
  /** UUID, made where the event happened, so that sending it twice stores it once. */
  readonly id: string;
  /** 1, 2, 3 … within the stream, given by the server; null while it waits to be sent. */
  readonly seq: number | null;
  readonly type: Type;
  readonly version: number;
  /** ISO 8601 instant, by the clock of the bench. */
  readonly at: string;
  /** Person's id. */
  readonly by: string;
  readonly data: Data;
}

/** Distributes an event map into a union of envelopes. */
export type EventOf<Map> = { [T in keyof Map & string]: Envelope<T, Map[T]> }[keyof Map & string];

export type JobEvent = EventOf<JobEventData>;
export type { WorkshopEventData };
export type WorkshopEvent = EventOf<WorkshopEventData>;
export type JobEventType = keyof JobEventData;
export type WorkshopEventType = keyof WorkshopEventData;

/** The version in which events are written today. */
export const EVENT_VERSION = 1;
