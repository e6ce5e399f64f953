import type { Material } from '../materials/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { TorqueTool } from '../preload/index.ts';
import type { Unit } from '../unit/index.ts';

/** What each event of the workshop carries. */
export interface WorkshopEventData {
  readonly WorkshopNamed: { readonly name: string };
  /** A counted size: replaces the earlier count of the same size. */
  readonly SizeStocked: {
    readonly sizeId: string;
    readonly thickness: number;
    readonly uncertainty: number;
    /** Pieces in all, those in jobs included. */
    readonly count: number;
    /** Of one piece, in the workshop's money; null or absent where it is not known. */
    readonly price?: number | null;
  };
  /** Pieces on order. */
  readonly SizeOrdered: {
    readonly orderId: string;
    readonly thickness: number;
    readonly count: number;
    readonly price: number | null;
  };
  /** What came of an order, measured: it goes into the box as a size of its own, or with pieces of the same size. */
  readonly SizeReceived: {
    readonly orderId: string;
    readonly sizeId: string;
    readonly thickness: number;
    readonly uncertainty: number;
    readonly count: number;
  };
  readonly OrderCancelled: { readonly orderId: string };
  readonly InstrumentAdded: {
    readonly instrument: Instrument;
    /** Device that streams its readings; null when it is read by eye. */
    readonly deviceId: string | null;
  };
  /** A unit kept as the workshop's own template; the same id replaces it. */
  readonly TemplateSaved: {
    readonly templateId: string;
    readonly name: string;
    readonly unit: Unit;
  };
  readonly TemplateRemoved: { readonly templateId: string };
  /** A material of the workshop's own; the same id replaces it. Parts keep a copy of its figures. */
  readonly MaterialAdded: { readonly materialId: string; readonly material: Material };
  /** A torque wrench or spring scale; the same id replaces it. */
  readonly TorqueToolAdded: { readonly tool: TorqueTool; readonly deviceId: string | null };
  /** What the workshop's press stands, N. */
  readonly PressRated: { readonly rating: number };
  readonly PersonAdded: { readonly personId: string; readonly name: string; readonly role: string };
  readonly Undone: { readonly eventId: string };
}
