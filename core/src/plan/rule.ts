import type { InputFault } from '../faults/index.ts';
import type { SizeFeature } from '../inspect/index.ts';
import type { JobState, RunStage, Spec, TorqueReading } from '../job/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { Axis, Part, Station, StationKind, Unit } from '../unit/index.ts';
import type { CautionId } from './cautions.ts';
import type { Phase } from './phases.ts';
import type { RuleId } from './ruleIds.ts';
import type { BesideId, Figure, Missing, Orientation, StepForm } from './step.ts';

/** What a rule looks at. A rule on stations has axis and station, one on parts has part, and so on. */
export interface Subject {
  readonly state: JobState;
  readonly unit: Unit;
  readonly axis: Axis | null;
  readonly station: Station | null;
  /** The part itself, or the part on which the station stands. */
  readonly part: Part | null;
  /** What cannot be so in the station's geometry. */
  readonly faults: readonly InputFault[];
  readonly specKind: FigureKind | null;
  readonly spec: Spec | null;
}

/** Numbers of a step, and which of them cannot be given yet. */
export interface Numbers {
  readonly figures: readonly Figure[];
  readonly missing: readonly Missing[];
}

/** A step waits for the steps of another rule: of its own station, part or axis, or for all of them. */
export interface After {
  readonly rule: RuleId;
  readonly of: 'station' | 'part' | 'axis' | 'all';
}

/** After the steps of several rules. */
export const afterAll = (of: After['of'], ...rules: readonly RuleId[]): readonly After[] =>
  rules.map((rule) => ({ rule, of }));

/** What a rule is applied to. */
export type RuleTarget = 'unit' | 'axis' | 'spec' | 'part' | 'station';

/** One row of the plan's tables: when a step is in the plan, what it says, and what it comes after. */
export interface Rule {
  readonly id: RuleId;
  readonly phase: Phase;
  readonly on: RuleTarget;
  /** Of stations: these kinds only. */
  readonly kinds?: readonly StationKind[];
  /** Also part of a job that only sets the play. */
  readonly always?: true;
  /** Its step proves a figure as built: a tick from before something was moved says nothing. */
  readonly proves?: true;
  readonly form: StepForm;
  /** At which point of the job what is read at its step is read. */
  readonly stage?: RunStage;
  /** What a torque read at its step is of; the bearings where it is not said. */
  readonly reads?: TorqueReading['what'];
  /** The ring that goes in at its step. */
  readonly ring?: 'outer' | 'inner';
  /** What is asked and shown beside its step. */
  readonly beside?: readonly BesideId[];
  readonly when?: (subject: Subject) => boolean;
  readonly title: (subject: Subject) => string;
  readonly how: string | ((subject: Subject) => string);
  readonly reason: string | ((subject: Subject) => string);
  readonly numbers?: (subject: Subject) => Numbers;
  /** What cannot be so in what was described. */
  readonly faults?: (subject: Subject) => readonly InputFault[];
  readonly orientation?: (subject: Subject) => readonly Orientation[];
  readonly sizes?: (subject: Subject) => readonly SizeFeature[];
  readonly checks?: (subject: Subject) => readonly SeatingCheckId[];
  readonly cautions?: readonly CautionId[] | ((subject: Subject) => readonly CautionId[]);
  readonly tools?: readonly string[] | ((subject: Subject) => readonly string[]);
  readonly consumables?: readonly string[] | ((subject: Subject) => readonly string[]);
  readonly after?: readonly After[];
  /** Whether the log itself shows that it is done; absent where only a tick can say so. */
  readonly done?: (subject: Subject) => boolean;
}

export const NO_NUMBERS: Numbers = { figures: [], missing: [] };

/** Names of what a rule looks at, for its words. */
export function nameOf({ station, part, axis, unit }: Subject): string {
  return (station ?? part ?? axis ?? unit).name;
}
