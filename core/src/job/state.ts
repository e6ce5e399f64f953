import type { FindingId, InspectionVerdict, RepairId } from '../inspect/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';
import type { Unit } from '../unit/index.ts';
import type { Envelope } from './envelope.ts';
import type { JobScope, JobStart, PlannedHeat, SeatOutcome, ShelfSpacer } from './kinds.ts';
import type { ClosingReading, PlayTermRow, SetAfter, SpacerFeel } from './setRows.ts';
import type { BacklashRow, DepthRow, PatternRow } from './pairRows.ts';
import type {
  AcceptedFigure,
  Spec,
  Run,
  Pack,
  StationSizes,
  TakenFigure,
  Clock,
  ChosenWay,
  StopRow,
  OfferedBearing,
  TorqueRecord,
  StepRecord,
  IgnoredEvent,
} from './stateRows.ts';

/** What the job is, what was written on it, and whether it is finished. */
export interface JobSheet {
  readonly reason: string;
  readonly scope: JobScope;
  readonly start: JobStart;
  /** Stations that are renewed, where that is what the job is for. */
  readonly renew: readonly string[];
  readonly openedAt: string | null;
  /** Simulated readings count in it, and not a record of a real unit. */
  readonly practice: boolean;
  readonly notes: readonly { readonly text: string; readonly at: string; readonly by: string }[];
  readonly finished: { readonly note: string; readonly at: string } | null;
}

/** What was read of the figures that are set. */
export interface Measured {
  readonly runs: readonly Run[];
  /** Plays read while the sleeve that is in was crushed, by sleeve. */
  readonly closing: Readonly<Record<string, readonly ClosingReading[]>>;
  /** What solid spacers gave by hand, in order. */
  readonly felt: readonly SpacerFeel[];
  readonly figures: readonly TakenFigure[];
  /** Readings of rolling torque, in order. */
  readonly torques: readonly TorqueRecord[];
  /** What the depths of pinions were worked out from, backlashes read round a gear, contact marks: in order. */
  readonly depths: readonly DepthRow[];
  readonly backlashes: readonly BacklashRow[];
  readonly patterns: readonly PatternRow[];
  /** Accepted though not within limits, by spec. */
  readonly accepted: Readonly<Record<string, AcceptedFigure>>;
}

/** What sets the figures, and how it stands. */
export interface Setting {
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
  /** Lengths of spacers that others were turned down from, by spacer station: they are gone. mm. */
  readonly cutUp: Readonly<Record<string, readonly number[]>>;
  /** Spacers on the shelf, by spacer station. */
  readonly shelf: Readonly<Record<string, readonly ShelfSpacer[]>>;
  /** By adjuster: how far it was turned inwards in all, degrees. */
  readonly turned: Readonly<Record<string, number>>;
  /** By sleeve: how many readings of torque there were when it went in new. */
  readonly sleeveSince: Readonly<Record<string, number>>;
  /** What differs between trial and final build. */
  readonly playTerms: readonly PlayTermRow[];
}

/** What was seen, measured and decided of each part and station. */
export interface Inspection {
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
}

/** What was settled and seen of heat and cold. */
export interface Heating {
  /** Heat settings, by part. */
  readonly heat: Readonly<Record<string, PlannedHeat>>;
  readonly clocks: readonly Clock[];
  /** Thermometer readings, by part. °C. */
  readonly temperatures: Readonly<
    Record<string, readonly { readonly value: number; readonly at: string }[]>
  >;
  /** Heat limits set for this job, by part or station. */
  readonly limits: Readonly<Record<string, { readonly limit: number; readonly reason: string }>>;
}

/** How rings go in, and whether they are home. */
export interface Fitting {
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
  /** Driver and stop that were set up, by station. */
  readonly stops: Readonly<Record<string, StopRow>>;
}

/** How far the log is folded. */
export interface LogState {
  /** All that was recorded, what was taken back and its taking back with it, in order; read it by `toldTo`. */
  readonly told: readonly Envelope<string, unknown>[];
  readonly ignored: readonly IgnoredEvent[];
  /** Runs that were closed when another was begun ({@link leftRuns}). */
  readonly left: readonly string[];
  /** How many events stand. */
  readonly order: number;
  /** When the last event happened; null before the first. An event whose time cannot be read takes the one before it. */
  readonly lastAt: string | null;
  /** Version of an event that this program is too old to read: nothing of the log is folded then. Null as a rule. */
  readonly newerVersion: number | null;
}

/** Everything that is shown of a job, folded from its log. */
export interface JobState {
  readonly unit: Unit | null;
  readonly specs: readonly Spec[];
  /** By step. */
  readonly steps: Readonly<Record<string, StepRecord>>;
  readonly sheet: JobSheet;
  readonly measured: Measured;
  readonly setting: Setting;
  readonly inspection: Inspection;
  readonly heating: Heating;
  readonly fitting: Fitting;
  readonly log: LogState;
}
