import type { Band, ChainLength, IndicatorSetting, Instrument } from '../measure/index.ts';
import type { SizeFeature } from '../inspect/index.ts';
import type { WayId } from '../heat/index.ts';
import type { Driver, StopPiece } from '../pressTools/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { PlannedHeat, ClockKind, MeasuredPiece, RunStage } from './kinds.ts';
import type { TorqueReading } from './setRows.ts';

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
  readonly mostRange?: number;
}

/** One reading of a run, as logged. */
export interface Reading {
  readonly eventId: string;
  readonly value: number;
  readonly typed: string | null;
  readonly device: string | null;
  readonly position: number | null;
  /** The bench it was taken at, where that was said. */
  readonly bench?: string;
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
  /** Where it was worked out and not read: what from. */
  readonly lengths?: readonly ChainLength[];
  readonly status: 'open' | 'closed' | 'abandoned';
  /** Thickness or length in place at each site and spacer when it was opened, and how far adjusters were in, mm. */
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

/** A figure that was accepted as it was read. */
export interface AcceptedFigure {
  readonly name: string;
  readonly reason: string;
  /** When, among all that happened: it speaks for what was read before. */
  readonly order: number;
  readonly eventId: string;
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
  /** What its ring or shaft is to be brought to, °C. */
  readonly target?: number;
  /** The heat of its part as it was set when it began; null where none was. A plan that is changed later does not change it. */
  readonly heat: PlannedHeat | null;
}

/** The driver that was set up for something pressed in, and the stop under its collar. */
export interface StopRow {
  readonly driver: Driver;
  readonly pieces: readonly StopPiece[];
  /** From the underside of the stack to the end of the nose, mm; null where it was not measured. */
  readonly measured: {
    readonly length: number;
    readonly typed: string;
    readonly instrument: Instrument;
  } | null;
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
