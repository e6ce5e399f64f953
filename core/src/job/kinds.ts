import type { HeatSettings } from '../heat/index.ts';
import { identifier, list, millimetres, record, whole, type TypeOf } from '../schema/index.ts';

/** What the job is for: all of it, renewing what is named and what that takes, only setting the play, or finding out why. */
export const JOB_SCOPES = ['overhaul', 'renew', 'setPlay', 'findCause'] as const;
export type JobScope = (typeof JOB_SCOPES)[number];

/** How the unit came to the bench: running and complete, out and drained, open, in bare parts, or one part of it. */
export const JOB_STARTS = ['running', 'drained', 'open', 'bare', 'onePart'] as const;
export type JobStart = (typeof JOB_STARTS)[number];

/** What a clock waits for. */
export const CLOCK_KINDS = [
  'oven',
  'freezer',
  'cooling',
  'ringWarming',
  'ringFreezing',
  'compound',
] as const;
export type ClockKind = (typeof CLOCK_KINDS)[number];
export const CLOCK_WORDS: Readonly<Record<ClockKind, string>> = {
  oven: 'In the oven',
  freezer: 'In the freezer',
  cooling: 'Out of the oven',
  ringWarming: 'Ring on the heater',
  ringFreezing: 'Ring in the freezer',
  compound: 'Compound on',
};

/** Clocks that wait for one ring or fastener: their target is a station, not a part. */
export const STATION_CLOCKS: readonly ClockKind[] = ['ringWarming', 'ringFreezing', 'compound'];

/** How a ring went in. */
export const SEAT_OUTCOMES = ['droppedIn', 'tapped', 'drewIn', 'stoppedHalfWay'] as const;
export type SeatOutcome = (typeof SEAT_OUTCOMES)[number];
export const OUTCOME_WORDS: Readonly<Record<SeatOutcome, string>> = {
  droppedIn: 'Dropped in',
  tapped: 'Tapped home',
  drewIn: 'Drew in',
  stoppedHalfWay: 'Stopped half way',
};

/** At which point of the job a run is taken. */
export const RUN_STAGES = ['asFound', 'trial', 'final'] as const;
export type RunStage = (typeof RUN_STAGES)[number];
export const RUN_STAGE_WORDS: Readonly<Record<RunStage, string>> = {
  asFound: 'as found',
  trial: 'trial',
  final: 'as built',
};

/** As a run, or on the way of crushing a sleeve. */
export const TORQUE_STAGES = ['asFound', 'trial', 'crush', 'final'] as const;
export type TorqueStage = (typeof TORQUE_STAGES)[number];

/** Which ring of a bearing. */
export const RINGS = ['outer', 'inner'] as const;
export type Ring = (typeof RINGS)[number];

/** Heat settings as they are logged; what was seen of the cooling follows from the log. */
export type PlannedHeat = Omit<HeatSettings, 'coolingFactor' | 'carry'> &
  Partial<Pick<HeatSettings, 'carry'>>;

/** A piece of a pack, with the uncertainty of its measured thickness (standard, mm). */
export const PIECE_SCHEMA = record({
  sizeId: identifier(),
  thickness: millimetres(0.001, 20),
  quantity: whole(1, 40),
  uncertainty: millimetres(0, 0.1),
});
export type MeasuredPiece = TypeOf<typeof PIECE_SCHEMA>;

/** Pieces of one pack. */
export const PIECES_SCHEMA = list(40, PIECE_SCHEMA);

/** A solid spacer on the shelf, measured. mm. */
export const SHELF_SPACER_SCHEMA = record({
  id: identifier(),
  length: millimetres(0.01, 500),
  uncertainty: millimetres(0, 0.1),
});
export type ShelfSpacer = TypeOf<typeof SHELF_SPACER_SCHEMA>;
