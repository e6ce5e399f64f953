import type { InputFault } from '../faults/index.ts';
import type { SizeFeature } from '../inspect/index.ts';
import type { JobState, RunStage, Spec, TorqueReading } from '../job/index.ts';
import type { Row } from '../course/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { Axis, Part, Side, Station, StationKind, Unit } from '../unit/index.ts';
import { hasTrial } from './buildUp.ts';
import type { CautionId } from './cautions.ts';
import type { Phase } from './phases.ts';
import type { RuleId } from './ruleIds.ts';
import type { BesideId, Figure, Missing, Orientation, StepForm } from './step.ts';

interface OfJob {
  readonly state: JobState;
  readonly unit: Unit;
  /** What a step about it does, as far as that is known; none where only the thing itself is looked at. */
  readonly rows?: readonly Row[];
}
/** The unit as a whole. */
export interface UnitSubject extends OfJob {
  readonly about: 'unit';
}
export interface AxisSubject extends OfJob {
  readonly about: 'axis';
  readonly axis: Axis;
}
/** A figure that is set on an axis; its spec is null while its band is not entered. */
export interface FigureSubject extends OfJob {
  readonly about: 'spec';
  readonly axis: Axis;
  readonly specKind: FigureKind;
  readonly spec: Spec | null;
}
export interface PartSubject extends OfJob {
  readonly about: 'part';
  readonly part: Part;
}
export interface StationSubject extends OfJob {
  readonly about: 'station';
  readonly axis: Axis;
  readonly station: Station;
  /** The part on which it stands; null where that is not described. */
  readonly part: Part | null;
  /** What cannot be so in its geometry. */
  readonly faults: readonly InputFault[];
}
/** What a rule looks at. */
export type Subject = UnitSubject | AxisSubject | FigureSubject | PartSubject | StationSubject;

/** Numbers of a step, and which of them cannot be given yet. */
export interface Numbers {
  readonly figures: readonly Figure[];
  readonly missing: readonly Missing[];
}

/**
 * A step waits for the steps of another rule: of its own station, part or axis, of the axes whose gears drive its own or are driven
 * by it, or for
 * all of them.
 */
export interface After {
  readonly rule: RuleId;
  readonly of: 'station' | 'part' | 'axis' | 'drivers' | 'driven' | 'all';
  /** Of the step that comes after: where it need not wait. Always where it is not said. */
  readonly when?: (subject: Subject) => boolean;
}

/** After the steps of several rules. */
export const afterAll = (of: After['of'], ...rules: readonly RuleId[]): readonly After[] =>
  rules.map((rule) => ({ rule, of }));

/** One row of the plan's tables: when a step is in the plan, what it says, and what it comes after. */
export interface RuleFor<About extends Subject> {
  readonly id: RuleId;
  readonly phase: Phase;
  readonly on: About['about'];
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
  readonly beside?: readonly BesideId[] | ((subject: About) => readonly BesideId[]);
  readonly when?: (subject: About) => boolean;
  readonly title: (subject: About) => string;
  readonly how: string | ((subject: About) => string);
  readonly reason: string | ((subject: About) => string);
  readonly numbers?: (subject: About) => Numbers;
  /** What cannot be so in what was described. */
  readonly faults?: (subject: About) => readonly InputFault[];
  /** Which way round it goes: `moves` is the side towards which the step moves it, null where it moves nothing. */
  readonly orientation?: (subject: About, moves: Side | null) => readonly Orientation[];
  readonly sizes?: (subject: About) => readonly SizeFeature[];
  readonly checks?: (subject: About) => readonly SeatingCheckId[];
  readonly cautions?: readonly CautionId[] | ((subject: About) => readonly CautionId[]);
  readonly tools?: readonly string[] | ((subject: About) => readonly string[]);
  readonly consumables?: readonly string[] | ((subject: About) => readonly string[]);
  readonly after?: readonly After[];
  /** Whether the log itself shows that it is done; absent where only a tick can say so. */
  readonly done?: (subject: About) => boolean;
}

/** A row on one kind of subject. */
export type Rule = {
  readonly [Kind in Subject['about']]: RuleFor<Extract<Subject, { readonly about: Kind }>>;
}[Subject['about']];

export const NO_NUMBERS: Numbers = { figures: [], missing: [] };

/** Where a subject stands: the ids of its axis, station, part and figure; null where it has none. */
export function placeOf(subject: Subject) {
  return {
    axisId: 'axis' in subject ? subject.axis.id : null,
    stationId: 'station' in subject ? subject.station.id : null,
    partId: 'part' in subject ? (subject.part?.id ?? null) : null,
    specKind: 'specKind' in subject ? subject.specKind : null,
  };
}

/** What a rule looks at, itself: of a figure its axis. */
export function thingOf(subject: Subject): Unit | Axis | Part | Station {
  if (subject.about === 'station') return subject.station;
  if (subject.about === 'part') return subject.part;
  return subject.about === 'unit' ? subject.unit : subject.axis;
}

/** Names of what a rule looks at, for its words. */
export const nameOf = (subject: Subject): string => thingOf(subject).name;

/** Whether the axis of a subject is built up on trial first. */
export const onTrial = (subject: Subject): boolean => 'axis' in subject && hasTrial(subject.axis);
