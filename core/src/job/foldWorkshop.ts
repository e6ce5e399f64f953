import { BENCH_PRESS } from '../heat/index.ts';
import type { Material } from '../materials/index.ts';
import type { Instrument } from '../measure/index.ts';
import type { TorqueTool } from '../preload/index.ts';
import type { ShimSize } from '../shims/index.ts';
import type { Unit } from '../unit/index.ts';
import type { WorkshopEvent, WorkshopEventData } from './events.ts';
import { liftEvent } from './lift.ts';
import type { MeasuredPiece } from './settingEvents.ts';
import { standingEvents } from './undo.ts';

/** An instrument of the workshop and the device that streams it, if any. */
export interface WorkshopInstrument extends Instrument {
  readonly deviceId: string | null;
}

/** A size of the box with what a piece costs, in the workshop's money; null where it is not known. */
export interface StockedSize extends ShimSize {
  readonly price: number | null;
}

/** Pieces on order that have not come yet. */
export type OpenOrder = WorkshopEventData['SizeOrdered'];

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
  /** What the press stands, N. */
  readonly pressRating: number;
}

const EMPTY_WORKSHOP: WorkshopState = {
  name: '',
  sizes: [],
  orders: [],
  instruments: [],
  people: [],
  templates: [],
  materials: [],
  torqueTools: [],
  pressRating: BENCH_PRESS,
};

/** The state of the workshop from its log. */
export function foldWorkshop(events: readonly WorkshopEvent[]): WorkshopState {
  return standingEvents(events).map(liftEvent).reduce(applyEvent, EMPTY_WORKSHOP);
}

function applyEvent(state: WorkshopState, event: WorkshopEvent): WorkshopState {
  switch (event.type) {
    case 'WorkshopNamed':
      return { ...state, name: event.data.name };
    case 'SizeStocked': {
      const { sizeId: id, thickness, uncertainty, count, price } = event.data;
      const known = state.sizes.find((row) => row.id === id)?.price ?? null;
      const size = { id, thickness, uncertainty, count, price: price ?? known };
      return { ...state, sizes: replaceById(state.sizes, size, (row) => row.id) };
    }
    case 'SizeOrdered':
      return { ...state, orders: replaceById(state.orders, event.data, (row) => row.orderId) };
    case 'OrderCancelled':
      return { ...state, orders: withoutOrder(state.orders, event.data.orderId) };
    case 'SizeReceived': {
      const { orderId, sizeId: id, thickness, uncertainty, count } = event.data;
      const order = state.orders.find((row) => row.orderId === orderId);
      const before = state.sizes.find((row) => row.id === id);
      const size = {
        id,
        thickness,
        uncertainty: Math.max(uncertainty, before?.uncertainty ?? 0),
        count: count + (before?.count ?? 0),
        price: order?.price ?? before?.price ?? null,
      };
      return {
        ...state,
        orders: withoutOrder(state.orders, orderId),
        sizes: replaceById(state.sizes, size, (row) => row.id),
      };
    }
    case 'InstrumentAdded': {
      const instrument = { ...event.data.instrument, deviceId: event.data.deviceId };
      return { ...state, instruments: replaceById(state.instruments, instrument, (row) => row.id) };
    }
    case 'MaterialAdded':
      return {
        ...state,
        materials: replaceById(state.materials, event.data, (row) => row.materialId),
      };
    case 'TorqueToolAdded': {
      const tool = { ...event.data.tool, deviceId: event.data.deviceId };
      return { ...state, torqueTools: replaceById(state.torqueTools, tool, (row) => row.id) };
    }
    case 'PressRated':
      return { ...state, pressRating: event.data.rating };
    case 'PersonAdded':
      return { ...state, people: replaceById(state.people, event.data, (row) => row.personId) };
    case 'TemplateSaved':
      return {
        ...state,
        templates: replaceById(state.templates, event.data, (row) => row.templateId),
      };
    case 'TemplateRemoved': {
      const { templateId } = event.data;
      return {
        ...state,
        templates: state.templates.filter((row) => row.templateId !== templateId),
      };
    }
    case 'Undone':
      return state;
  }
}

function withoutOrder(orders: readonly OpenOrder[], orderId: string): readonly OpenOrder[] {
  return orders.filter((row) => row.orderId !== orderId);
}

function replaceById<Row>(
  rows: readonly Row[],
  row: Row,
  idOf: (row: Row) => string,
): readonly Row[] {
  const known = rows.some((candidate) => idOf(candidate) === idOf(row));
  return known
    ? rows.map((candidate) => (idOf(candidate) === idOf(row) ? row : candidate))
    : [...rows, row];
}

/** How many pieces of each size some packs hold. */
export function piecesBySize(
  packs: readonly { readonly pieces: readonly MeasuredPiece[] }[],
): Readonly<Record<string, number>> {
  const counts: Record<string, number> = {};
  for (const { sizeId, quantity } of packs.flatMap(({ pieces }) => pieces))
    counts[sizeId] = (counts[sizeId] ?? 0) + quantity;
  return counts;
}
