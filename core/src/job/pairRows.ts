import type {
  BacklashContact,
  BacklashPlace,
  CarrierHold,
  ContactPattern,
  DepthLength,
  DepthMethod,
  EtchingSign,
} from '../gears/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { RunStage } from './kinds.ts';
import type { Run } from './stateRows.ts';

/** When something was read of a pair, and with what in place. */
interface ReadOfPair {
  /** Thickness in place at each site, mm. */
  readonly inPlace: Run['inPlace'];
  /** Among all that happened. */
  readonly order: number;
  readonly eventId: string;
  readonly at: string;
}

/** What the depth of a pinion was worked out from. mm. */
export interface DepthRow extends ReadOfPair {
  readonly meshId: string;
  readonly method: DepthMethod;
  readonly lengths: Readonly<Partial<Record<DepthLength, number>>>;
  readonly sign: EtchingSign | null;
  readonly instrument: Instrument;
}

/** A backlash read round a gear. mm, degrees. */
export interface BacklashRow extends ReadOfPair {
  readonly specId: string;
  readonly stage: RunStage;
  readonly held: CarrierHold;
  readonly contact: BacklashContact;
  readonly places: readonly BacklashPlace[];
  readonly instrument: Instrument;
}

/** Contact marks of a pair. */
export interface PatternRow extends ReadOfPair, ContactPattern {
  readonly meshId: string;
  /** Left out as built. */
  readonly stage?: 'asFound' | 'final';
}
