import type { Band, IndicatorSetting, Instrument } from '../measure/index.ts';
import type { FindingId, InspectionVerdict, RepairId, SizeFeature } from '../inspect/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';
import type { WayId } from '../heat/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { Unit } from '../unit/index.ts';
import type {
  ClockKind,
  JobScope,
  MeasuredPiece,
  PlannedHeat,
  RunStage,
  SeatOutcome,
  ShelfSpacer,
} from './kinds.ts';
import type {
  ClosingReading,
  PlayTermRow,
  SetAfter,
  SpacerFeel,
  TorqueReading,
} from './setRows.ts';

/** A bevel pair through which a torque is read. */
export interface ThroughPair {
  readonly axisId: string;
  readonly ratio: number;
}

/** A spec band and where its figure comes from. */
export interface Spec {
  readonly specId: string;
  readonly axisId: string;
  readonly kind: FigureKind;
  readonly band: Band;
  readonly source: string;
  readonly sealDrag?: 'included' | 'excluded';
  readonly through?: ThroughPair;
}

/** One reading of a run, as logged. */
export interface Reading {
  readonly eventId: string;
  readonly value: number;
  readonly typed: string | null;
  readonly device: string | null;
  readonly position: number | null;
  readonly at: string;
}

/** A measuring run of the job. */
export interface Run {
  readonly runId: string;
  readonly specId: string;
  readonly stage: RunStage;
  readonly instrument: Instrument;
  readonly indicator: IndicatorSetting;
  readonly shaftHeld: boolean;
  readonly readings: readonly Reading[];
  readonly status: 'open' | 'closed' | 'abandoned';
  /** Thickness or length in place at each site and spacer when it was opened, mm. */
  readonly inPlace: Readonly<Record<string, number>>;
  /** When it was opened, among all that happened. */
  readonly order: number;
  readonly openedAt: string;
  readonly by: string;
}

/** Pieces in place at a shim site, or set aside for it. */
export interface Pack {
  readonly pieces: readonly MeasuredPiece[];
  readonly at: string;
  readonly by: string;
}

/** A diameter or length as it was measured. mm. */
export interface MeasuredSize {
  readonly value: number;
  readonly typed: string | null;
  readonly instrument: Instrument;
  readonly at: string;
  readonly by: string;
}

/** Sizes of a station: by feature, then by place. */
export type StationSizes = Readonly<
  Partial<Record<SizeFeature, Readonly<Record<string, MeasuredSize>>>>
>;

/** A figure read off without a guided run, in the core unit of its spec. */
export interface TakenFigure {
  readonly specId: string;
  readonly stage: RunStage;
  readonly value: number;
  readonly typed: string | null;
  /** When it was taken, among all that happened. */
  readonly order: number;
  readonly at: string;
}

/** Something that waits. Instants ISO 8601. */
export interface Clock {
  readonly clockId: string;
  readonly kind: ClockKind;
  readonly targetId: string;
  readonly seconds: number;
  readonly startedAt: string;
  readonly stoppedAt: string | null;
}

/** A way in that was chosen, and what the press stood on the day, N. */
export interface ChosenWay {
  readonly way: WayId;
  readonly pressRating: number;
}

/** A new bearing as it lies on the bench. mm. */
export interface OfferedBearing {
  readonly designation: string | null;
  readonly dimensions: {
    readonly bore: number;
    readonly outside: number;
    readonly width: number;
  } | null;
}

/** A reading of rolling torque, as logged. */
export type TorqueRecord = TorqueReading & {
  /** As of a run. */
  readonly inPlace: Run['inPlace'];
  /** When it was taken, among all that happened. */
  readonly order: number;
  readonly eventId: string;
  readonly at: string;
};

/** What the mechanic said of a step of the plan. */
export interface StepRecord {
  readonly status: 'done' | 'setAside';
  readonly words: string;
  /** When it was said, among all that happened. */
  readonly order: number;
  readonly eventId: string;
  readonly at: string;
  readonly by: string;
}

/** An event that could not be applied, and why. It stays in the log; it changes nothing. */
export interface IgnoredEvent {
  readonly eventId: string;
  readonly type: string;
  readonly reason: string;
}

/** Everything that is shown of a job, folded from its log. */
export interface JobState {
  readonly unit: Unit | null;
  readonly reason: string;
  readonly scope: JobScope;
  readonly openedAt: string | null;
  /** Simulated readings count in it, and it is no record of a real unit. */
  readonly practice: boolean;
  readonly specs: readonly Spec[];
  readonly runs: readonly Run[];
  /** By shim site. */
  readonly packs: Readonly<Record<string, Pack>>;
  /** As found, by shim site: kept when another pack goes in. */
  readonly foundPacks: Readonly<Record<string, Pack>>;
  /** Chosen but not fitted yet, by shim site. */
  readonly chosen: Readonly<Record<string, Pack & { readonly runId: string }>>;
  /**
   * By shim site, spacer or adjuster: how many runs and torque readings there were when it was last set, and whether
   * only for a trial. Earlier ones do not speak for it.
   */
  readonly setAfter: Readonly<Record<string, SetAfter>>;
  /** By station: when something at it that can change a figure was last moved, among all that happened. */
  readonly moved: Readonly<Record<string, number>>;
  /** Plays read while the sleeve that is in was crushed, by sleeve. */
  readonly closing: Readonly<Record<string, readonly ClosingReading[]>>;
  /** What solid spacers gave by hand, in order. */
  readonly felt: readonly SpacerFeel[];
  /** Spacers on the shelf, by spacer station. */
  readonly shelf: Readonly<Record<string, readonly ShelfSpacer[]>>;
  /** By adjuster: how far it was turned inwards in all, degrees. */
  readonly turned: Readonly<Record<string, number>>;
  /** What differs between trial and final build. */
  readonly playTerms: readonly PlayTermRow[];
  /** By station. */
  readonly marks: Readonly<
    Record<string, readonly { readonly text: string; readonly at: string; readonly by: string }[]>
  >;
  readonly sizes: Readonly<Record<string, StationSizes>>;
  /** By station or part. */
  readonly findings: Readonly<
    Record<string, { readonly findings: readonly FindingId[]; readonly note: string }>
  >;
  /** By station or part. */
  readonly decisions: Readonly<
    Record<
      string,
      {
        readonly verdict: InspectionVerdict;
        readonly repair: RepairId | null;
        readonly reason: string;
      }
    >
  >;
  /** New bearings, by station. */
  readonly offered: Readonly<Record<string, OfferedBearing>>;
  readonly figures: readonly TakenFigure[];
  /** Readings of rolling torque, in order. */
  readonly torques: readonly TorqueRecord[];
  /** By sleeve: how many readings of torque there were when it went in new. */
  readonly sleeveSince: Readonly<Record<string, number>>;
  /** Heat settings, by part. */
  readonly heat: Readonly<Record<string, PlannedHeat>>;
  readonly clocks: readonly Clock[];
  /** Thermometer readings, by part. °C. */
  readonly temperatures: Readonly<
    Record<string, readonly { readonly value: number; readonly at: string }[]>
  >;
  /** How rings went in, by station, in order. */
  readonly tries: Readonly<
    Record<string, readonly { readonly outcome: SeatOutcome; readonly at: string }[]>
  >;
  /** Last result of each check, by station or axis. */
  readonly seating: Readonly<
    Record<
      string,
      Readonly<Partial<Record<SeatingCheckId, { readonly good: boolean; readonly at: string }>>>
    >
  >;
  /** Ways in that were chosen, by station and ring. */
  readonly ways: Readonly<Record<string, Readonly<Partial<Record<'outer' | 'inner', ChosenWay>>>>>;
  /** Heat limits set for this job, by part or station. */
  readonly limits: Readonly<Record<string, { readonly limit: number; readonly reason: string }>>;
  /** By step. */
  readonly steps: Readonly<Record<string, StepRecord>>;
  readonly notes: readonly { readonly text: string; readonly at: string; readonly by: string }[];
  readonly finished: { readonly note: string; readonly at: string } | null;
  readonly ignored: readonly IgnoredEvent[];
  /** How many events stand. */
  readonly order: number;
  /** When the last event happened; null before the first. An event whose time cannot be read takes the one before it. */
  readonly lastAt: string | null;
  /** Version of an event that this program is too old to read: nothing of the log is folded then. Null as a rule. */
  readonly newerVersion: number | null;
}
