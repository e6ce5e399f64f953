import type { Material } from '../materials/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { Driver, Rod, Spacer } from '../pressTools/index.ts';
import type { TorqueTool } from '../preload/index.ts';
import type { ShimSize } from '../shims/index.ts';
import type { Unit } from '../unit/index.ts';

/** An instrument of the workshop and the device that streams it, if any. */
export interface WorkshopInstrument extends Instrument {
  readonly deviceId: string | null;
}

/** A size of the box with what a piece costs, in the workshop's money; null where it is not known. */
export interface StockedSize extends ShimSize {
  readonly price: number | null;
}

/** Pieces on order that have not come yet. */
export interface OpenOrder {
  readonly orderId: string;
  /** mm. */
  readonly thickness: number;
  readonly count: number;
  readonly price: number | null;
}

/** Who works here. */
export interface Person {
  readonly personId: string;
  readonly name: string;
  readonly role: string;
}

/** A unit the workshop keeps to begin others from. */
export interface WorkshopTemplate {
  readonly templateId: string;
  readonly name: string;
  readonly unit: Unit;
}

/** A torque tool of the workshop and the device that streams it, if any. */
export interface WorkshopTorqueTool extends TorqueTool {
  readonly deviceId: string | null;
}

/** A material the workshop has added to the table. */
export interface WorkshopMaterial {
  readonly materialId: string;
  readonly material: Material;
}

/** The workshop, folded from its log. `sizes` are the counts as last counted, before what jobs have taken. */
export interface WorkshopState {
  readonly name: string;
  readonly sizes: readonly StockedSize[];
  readonly orders: readonly OpenOrder[];
  readonly instruments: readonly WorkshopInstrument[];
  readonly people: readonly Person[];
  readonly templates: readonly WorkshopTemplate[];
  readonly materials: readonly WorkshopMaterial[];
  readonly torqueTools: readonly WorkshopTorqueTool[];
  /** Drivers, tubes and discs, and rods to draw with. */
  readonly drivers: readonly Driver[];
  readonly rods: readonly Rod[];
  /** Spacers and washers that a driver is stopped with. */
  readonly spacers: readonly Spacer[];
  /** What the press stands, N; null while nobody has said. */
  readonly pressRating: number | null;
}

/** A workshop before its first event. */
export const EMPTY_WORKSHOP: WorkshopState = {
  name: '',
  sizes: [],
  orders: [],
  instruments: [],
  people: [],
  templates: [],
  materials: [],
  torqueTools: [],
  drivers: [],
  rods: [],
  spacers: [],
  pressRating: null,
};
