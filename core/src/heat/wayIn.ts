import type { Interference } from '../fits/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import type { LumpedBody } from '../thermal/index.ts';
import type { HeatSeat } from './heatSeat.ts';
import type { HeatSettings } from './heatSettings.ts';
import type { ForceLimit } from './pressLimit.ts';
import type { HeatLimit } from './ringLimit.ts';
import type { RingPlace, WayId } from './ways.ts';

/** A ring and its seat. Lengths in mm. */
export interface WayInput {
  readonly ring: 'outer' | 'inner';
  /** Seat diameter: outside of an outer ring, bore of an inner one. */
  readonly diameter: number;
  /** The bearing's other diameter. */
  readonly other: number;
  readonly width: number;
  /** Outside of the boss round an outer ring, bore of the hollow shaft in an inner one, where it is known. */
  readonly partSize?: number;
  readonly fit: Pick<Interference, 'least' | 'mean' | 'most'>;
  /** Of the part with the seat; null where it is not known: ways that rest on it are told without a number. */
  readonly material: MaterialChoice | null;
  readonly sealed: boolean;
  /** What a bush is made of: it is solid, and stands more cold than a bearing's ring. A bearing where it is absent. */
  readonly bush?: MaterialChoice;
  /** Where the ring is; on the bench where it is absent. */
  readonly place?: RingPlace;
  /** What the press stands, N; null where nobody has said: that of a usual bench press then. */
  readonly pressRating: number | null;
  /** The whole part with the seat, where it is known: it decides what is lost on the way, and how long an oven takes. */
  readonly body?: LumpedBody;
  /** All rings that go into the part from one heat, this one among them by its id; this one alone where it is absent. */
  readonly together?: { readonly id: string; readonly seats: readonly HeatSeat[] };
  /** Of an inner ring that is in its part already: how its outer ring sits there. */
  readonly heldBy?: HeldBy;
  /** How long the work takes, and in what air; as is usual where it is absent. */
  readonly work?: Partial<Pick<HeatSettings, 'ambient' | 'carry' | 'handling' | 'coolingFactor'>>;
  /** In place of the usual limits: a coating, a maker's word. */
  readonly partLimit?: HeatLimit;
  readonly ringLimit?: HeatLimit;
  /** What the ring would be pressed against, N: a snap ring in its groove. */
  readonly forceLimit?: ForceLimit;
}

/** The seat of an outer ring, as far as it matters for what is done to the inner one. mm. */
export interface HeldBy {
  readonly diameter: number;
  /** The loosest pair; null where it is not known. */
  readonly least: number | null;
  /** Of its part; null where it is not known. */
  readonly material: MaterialChoice | null;
  readonly body: LumpedBody | null;
  readonly partLimit: HeatLimit | null;
}

/** One way to get a ring on its seat, as the trade does it, and what it costs at this very seat. */
export interface WayIn {
  readonly id: WayId;
  readonly words: string;
  readonly stands: boolean;
  /** Stands, but only where nothing else will do. */
  readonly lastResort: boolean;
  /** What the part, or the ring, is brought to, °C; null when nothing is heated. */
  readonly temperature: number | null;
  /** From which it drops in, °C: the ring with its clearance. */
  readonly drops: number | null;
  readonly ringTemperature: number | null;
  /** Of a shaft that is cooled, °C. */
  readonly shaftTemperature: number | null;
  /** Until it is hot, or cold, s; null where it is not known or takes no time to speak of. */
  readonly seconds: number | null;
  /** At the longest, where that is another; s. */
  readonly longest: number | null;
  /** Such as "about": how that time is to be read. */
  readonly timeWords: string;
  /** N, usual and at the most; null when nothing is pressed. */
  readonly force: number | null;
  readonly forceMost: number | null;
  /** Hoop stress in the part with the seat, MPa. */
  readonly stress: number | null;
  /** What limits it here, or why it is refused. */
  readonly limit: string;
  readonly risks: string;
}

/** What a way comes to at a seat. */
export type WayCost = Omit<WayIn, 'id' | 'words' | 'risks' | 'lastResort' | 'timeWords'>;

/** A way that heats, cools and presses nothing. */
export const NO_COST = {
  temperature: null,
  drops: null,
  ringTemperature: null,
  shaftTemperature: null,
  seconds: null,
  longest: null,
  force: null,
  forceMost: null,
  stress: null,
} satisfies Partial<WayCost>;
