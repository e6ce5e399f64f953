import type { PlayTerm } from '../arrangement/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { ClampInput, CordPull, TorqueTool } from '../preload/index.ts';
import type { PackPiece } from '../shims/index.ts';

/** A piece with the uncertainty of its measured thickness (standard, mm). */
export interface MeasuredPiece extends PackPiece {
  readonly uncertainty: number;
}

/** As a run, or on the way of crushing a sleeve. */
export const TORQUE_STAGES = ['asFound', 'trial', 'crush', 'final'] as const;
export type TorqueStage = (typeof TORQUE_STAGES)[number];

/** A solid spacer on the shelf, measured. mm. */
export interface ShelfSpacer {
  readonly id: string;
  readonly length: number;
  readonly uncertainty: number;
}

/** Events that set the play and the preload: packs, spacers, adjusters, sleeves, and what differs from trial to final. */
export interface SettingEventData {
  /** The pack found in place, each piece measured. */
  readonly PackRecorded: { readonly siteId: string; readonly pieces: readonly MeasuredPiece[] };
  readonly PackChosen: {
    readonly siteId: string;
    readonly runId: string;
    readonly pieces: readonly MeasuredPiece[];
  };
  readonly PackFitted: {
    readonly siteId: string;
    readonly pieces: readonly MeasuredPiece[];
    /** Only to measure with, not the pack that stays: the play is measured again and chosen anew. */
    readonly trial?: boolean;
  };
  /** A solid spacer is in, for a trial or to stay. mm. */
  readonly SpacerFitted: {
    readonly stationId: string;
    readonly length: number;
    readonly uncertainty: number;
    readonly trial: boolean;
  };
  /** What the spacer that is in gave by hand: some play (mm, where it was read), or none left. */
  readonly SpacerFelt: {
    readonly stationId: string;
    readonly feel: 'loose' | 'tight';
    readonly play: number | null;
  };
  /** The spacers that lie on the shelf, measured: replaces the earlier list. mm. */
  readonly SpacersListed: { readonly stationId: string; readonly spacers: readonly ShelfSpacer[] };
  /** A threaded adjuster was turned, inwards positive. Degrees. */
  readonly AdjusterTurned: { readonly stationId: string; readonly angle: number };
  /** Something that is not the same in the trial build and in the final one; the same id replaces it. */
  readonly PlayTermSet: {
    readonly axisId: string;
    readonly termId: string;
    readonly name: string;
    readonly term: PlayTerm;
    /** What a shortening under the nut was worked out from; null where it was measured. */
    readonly clamp: ClampInput | null;
  };
  readonly PlayTermRemoved: { readonly termId: string };
  /** One reading of rolling torque, by a wrench or by a spring scale on a cord. N·m, degrees. */
  readonly TorqueRead: {
    readonly axisId: string;
    readonly stage: TorqueStage;
    /** `sealDrag`: turned while the bearings have play, so the seal alone resists. */
    readonly what: 'bearings' | 'sealDrag';
    readonly value: number;
    /** Steady turning, not the peak that breaks it away. */
    readonly steady: boolean;
    readonly square: boolean;
    readonly typed: string | null;
    readonly device: string | null;
    /** The tool as its card was on the day. */
    readonly tool: TorqueTool;
    /** Pull on a cord, where the tool is a spring scale. */
    readonly pull: CordPull | null;
    /** Angle of the nut from the first snug place, where a sleeve is crushed. */
    readonly angle: number | null;
    /** What the nut itself took, and the play that was left, where they were read. */
    readonly nutTorque: number | null;
    readonly endPlay: number | null;
  };
  /** The play of a hub that is set without preload, at an angle of the nut that crushes its sleeve. mm, degrees. */
  readonly ClosingRead: {
    readonly stationId: string;
    readonly angle: number;
    readonly play: number;
    readonly typed: string | null;
    readonly instrument: Instrument;
  };
  /** A new sleeve went in: what was read of the old one no longer counts. */
  readonly SleeveRenewed: { readonly stationId: string; readonly reason: string };
}
