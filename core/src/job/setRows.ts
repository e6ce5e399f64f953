import type { PlayTerm } from '../arrangement/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { ClampInput, CordPull, TorqueTool } from '../preload/index.ts';
import type { TorqueStage } from './kinds.ts';

/** When something that sets the play was last changed. */
export interface SetAfter {
  readonly runs: number;
  readonly torques: number;
  readonly trial: boolean;
}

/** What a solid spacer gave by hand. mm. */
export interface SpacerFeel {
  readonly stationId: string;
  readonly length: number;
  readonly feel: 'loose' | 'tight';
  readonly play: number | null;
}

/** One reading of rolling torque, by a wrench or by a spring scale on a cord. N·m, degrees, mm. */
export interface TorqueReading {
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
  readonly tool: TorqueTool;
  /** Pull on a cord, where the tool is a spring scale. */
  readonly pull: CordPull | null;
  /** Angle of the nut from the first snug place, where a sleeve is crushed. */
  readonly angle: number | null;
  readonly nutTorque: number | null;
  readonly endPlay: number | null;
}

/** The play of a hub that is set without preload, at an angle of the nut. mm, degrees. */
export interface ClosingReading {
  readonly stationId: string;
  readonly angle: number;
  readonly play: number;
  readonly typed: string | null;
  readonly instrument: Instrument;
}

/** Something that is not the same in the trial build and in the final one. */
export interface PlayTermRow {
  readonly axisId: string;
  readonly termId: string;
  readonly name: string;
  readonly term: PlayTerm;
  /** What a shortening under the nut was worked out from; null where it was measured. */
  readonly clamp: ClampInput | null;
}
