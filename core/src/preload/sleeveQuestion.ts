import type { Band } from '../measure/index.ts';
import type { SleevePoint } from './sleeveFit.ts';

/** What a forecast is made from. */
export interface SleeveQuestion {
  /** In the order they were taken; angles never fall. */
  readonly points: readonly SleevePoint[];
  readonly band: Band;
  /** Rolling torque of the seal alone, N·m: what is read while there is play. */
  readonly sealDrag: number;
  /** Standard uncertainty of one reading, N·m. */
  readonly uncertainty: number;
  /** Lead of the nut's thread, mm a turn; null or left out where nobody has said. */
  readonly lead?: number | null;
  /** Standard uncertainty of a play that was read, mm; left out: a dial of hundredths by a clean hand. */
  readonly playUncertainty?: number;
}
