import type { InputFault } from '../faults/index.ts';
import type { SizeFeature } from '../inspect/index.ts';
import type { DecisionWord } from '../measure/index.ts';
import type { RunStage, TorqueReading } from '../job/index.ts';
import type { SeatingCheckId } from '../seating/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { OwnStep, Side } from '../unit/index.ts';
import type { QuantityKind } from '../units/index.ts';
import type { WorkingLine } from '../working/index.ts';
import type { Act, ActId, RowMove } from '../course/index.ts';
import type { CautionId } from './cautions.ts';
import type { Phase } from './phases.ts';
import type { RuleId } from './ruleIds.ts';

/** A number of a step, in core units, with where it comes from. A limit that is null is open. */
export type Figure =
  | {
      readonly form: 'quantity';
      readonly name: string;
      readonly quantity: QuantityKind;
      readonly least: number | null;
      readonly most: number | null;
      /** One-sided 95 % uncertainty; absent where the figure is a limit or was described. */
      readonly expanded?: number;
      readonly word?: DecisionWord;
      readonly source: string;
      readonly working: readonly WorkingLine[];
    }
  | {
      readonly form: 'text';
      readonly name: string;
      readonly text: string;
      readonly source: string;
    };

/** A datum that a step's numbers need and the job does not have yet. */
export interface Missing {
  readonly words: string;
  /** What it is to be entered on. */
  readonly on: 'station' | 'part' | 'axis' | 'step';
  readonly id: string;
  readonly field: string;
}

/** Which way round something goes in. */
export interface Orientation {
  readonly feature: string;
  readonly side: Side;
  /** Whether that face goes in first, away from the driver, or faces it; null where the way in is not known. */
  readonly to: 'leads' | 'faces' | null;
}

/** What is said of a face that leads, and of one that faces the driver. */
export const FACE_TO_WORDS: Readonly<Record<NonNullable<Orientation['to']>, string>> = {
  leads: 'goes in first, away from the driver',
  faces: 'towards the driver',
};

/** How a step is done on screen. */
export type StepForm =
  | 'tick'
  | 'mend'
  | 'findWay'
  | 'setSpec'
  | 'run'
  | 'figure'
  | 'places'
  | 'depth'
  | 'pattern'
  | 'mark'
  | 'recordPack'
  | 'inspect'
  | 'sizes'
  | 'compare'
  | 'heat'
  | 'seating'
  | 'torque'
  | 'sleeve'
  | 'spacer'
  | 'adjuster'
  | 'choosePack'
  | 'fitPack'
  | 'finish';

/**
 * What can stand beside a step: what will differ in the final build, what the play found lets order ahead, working it out,
 * the working time of what was put on, and the ways out of a ring. */
export type BesideId = 'playTerms' | 'packOrder' | 'playWorkedOut' | 'workingTime' | 'waysOut';

/** `done` and `setAside` are behind; `waiting` waits for other steps; `missing` can be done but lacks a number. */
export type StepStatus = 'done' | 'setAside' | 'ready' | 'missing' | 'waiting';

/** Whether a step is behind: done, or said not to be needed. */
export const isBehind = ({ status }: Pick<Step, 'status'>): boolean =>
  status === 'done' || status === 'setAside';

/** One step of the build plan. */
export interface Step {
  /** Rule and target: the same after every recompute. */
  readonly id: string;
  readonly rule: RuleId;
  readonly phase: Phase;
  /** What is done, from the closed list, and to which ids of the unit; null and none where nothing is, or in `rows`. */
  readonly act: ActId | null;
  readonly on: readonly string[];
  /** The figure that the act is about. */
  readonly figure: FigureKind | null;
  /** What its act moves; null where it moves nothing, or in `rows`. */
  readonly move: RowMove | null;
  /** Where it does several things: each, in order. */
  readonly rows: readonly Act[];
  readonly form: StepForm;
  readonly status: StepStatus;
  readonly title: string;
  readonly how: string;
  /** Why it stands where it does. */
  readonly reason: string;
  readonly axisId: string | null;
  readonly stationId: string | null;
  readonly partId: string | null;
  readonly specKind: FigureKind | null;
  /** At which point of the job what is read here is read; null where nothing is. */
  readonly stage: RunStage | null;
  /** What a torque read here is of. */
  readonly reads: TorqueReading['what'];
  /** The ring that goes in; null where none does. */
  readonly ring: 'outer' | 'inner' | null;
  /** The rings by which what is pulled still sits; both where the course does not say one. */
  readonly held: readonly ('outer' | 'inner')[];
  readonly beside: readonly BesideId[];
  readonly figures: readonly Figure[];
  readonly missing: readonly Missing[];
  /** What cannot be so in what was described, which it is there to put right. */
  readonly faults: readonly InputFault[];
  readonly orientation: readonly Orientation[];
  /** Sizes that can be entered at this step, and checks that are answered with yes or no. */
  readonly sizes: readonly SizeFeature[];
  readonly checks: readonly SeatingCheckId[];
  readonly cautions: readonly CautionId[];
  readonly tools: readonly string[];
  readonly consumables: readonly string[];
  /** The step of one's own that it is; null for a step that a rule knows. */
  readonly ownStep: OwnStep | null;
  /** Steps it comes after, by id, in plan order. */
  readonly after: readonly string[];
  /** Of these, those that are still open. */
  readonly waitsFor: readonly string[];
}
