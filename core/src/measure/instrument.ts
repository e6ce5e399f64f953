import type { InstrumentKind } from './instrumentKinds.ts';

/** An indicator, micrometer or gauge, with what its card says. Lengths in mm. */
export interface Instrument {
  readonly id: string;
  readonly name: string;
  /** One full graduation. */
  readonly graduation: number;
  /** Standard uncertainty of calibration (the certificate's expanded figure divided by its factor). */
  readonly calibrationUncertainty: number;
  /** Travel over which it can read. */
  readonly range: number;
  /** What it is; absent on cards of before cards said so. */
  readonly kind?: InstrumentKind;
  /** What its graduations count; absent where they count millimetres. */
  readonly countsIn?: 'mm' | 'in';
}
