import { printedSizes, type BearingDimensions } from '@wendaxis/core/bearings';
import { InputError, type InputFault } from '@wendaxis/core/faults';
import {
  DETAIL_TABLE,
  isDrawn,
  requireStation,
  SIZE_NAMES,
  SIZE_WORDS,
  STATION_KIND_TABLE,
  withSaid,
  type DetailName,
  type SizeName,
  type Station,
  type StationKind,
} from '@wendaxis/core/unit';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** What was changed on a station: the texts of the fields that were touched. Others keep their values. */
export interface StationEdits {
  readonly kind?: StationKind;
  readonly texts: Readonly<Partial<Record<SizeName | DetailName | 'name' | 'partId', string>>>;
}
export const NO_EDITS: StationEdits = { texts: {} };

/** The station as edited, or why it cannot be recorded. */
export type EditedStation =
  | { readonly status: 'sound'; readonly station: Station }
  | { readonly status: 'faulty'; readonly faults: readonly InputFault[] };

/**
 * Apply edits to a station. A detail whose text is emptied is taken away; details that the new kind does not have
 * go with the old kind.
 */
export function editStation(
  station: Station,
  edits: StationEdits,
  partIds: ReadonlySet<string>,
  system: UnitSystem,
): EditedStation {
  const faults: InputFault[] = [];
  const kind = edits.kind ?? station.kind;
  const kept = new Set<string>([...BASE, ...STATION_KIND_TABLE[kind].details]);
  const result = new Map<string, unknown>(
    Object.entries({ ...station, kind }).filter(([name]) => kept.has(name)),
  );
  for (const [name, text] of Object.entries(edits.texts)) {
    if (!kept.has(name) || isLeftDrawn(station, name, text)) continue;
    const value = readValue(name, text, system);
    if (value instanceof InputError) faults.push(...value.faults);
    else if (value === null) result.delete(name);
    else result.set(name, value);
  }
  const said = SIZE_NAMES.filter((name) => isSaid(station, name, edits.texts[name]));
  const edited = withSaid(Object.fromEntries(result) as unknown as Station, said, station);
  try {
    requireStation(edited, partIds, '');
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    faults.push(...error.faults.map((fault) => ({ ...fault, field: fault.field.slice(1) })));
  }
  return faults.length > 0 ? { status: 'faulty', faults } : { status: 'sound', station: edited };
}

const BASE = ['id', 'kind', 'name', 'partId', 'drawn', ...SIZE_NAMES];

/** A size that nobody knows stays drawn as it was while its field is empty. */
const isLeftDrawn = (station: Station, name: string, text: string): boolean =>
  text.trim() === '' && isDrawn(station, name as SizeName);

const isSaid = (station: Station, name: SizeName, text: string | undefined): boolean =>
  text !== undefined && !isLeftDrawn(station, name, text);

/** A text as the value it stands for; null when it was emptied. */
function readValue(
  name: string,
  text: string,
  system: UnitSystem,
): string | number | null | InputError {
  const isSize = name in SIZE_WORDS;
  const row = isSize
    ? null
    : (DETAIL_TABLE as Readonly<Record<string, (typeof DETAIL_TABLE)[DetailName]>>)[name];
  const trimmed = text.trim();
  if (trimmed === '' && !isSize && name !== 'name') return null;
  if (!isSize && row?.type !== 'number') return trimmed;
  const reading = readField(trimmed, row?.type === 'number' ? row.quantity : 'length', system);
  if (reading.status === 'read') return reading.quantity.value;
  const wanted = reading.status === 'unreadable' ? reading.wanted : ({ id: 'number' } as const);
  return new InputError([{ code: 'unreadable', field: name, value: text, wanted }]);
}

/** Sizes that a designation says, when they are not the station's already. */
export function sizesFrom(designation: string, station: Station): BearingDimensions | null {
  const sizes = printedSizes(designation);
  if (sizes === null) return null;
  const { bore, outside, width } = sizes;
  const isKnown = !isDrawn(station, 'width', 'inside', 'outside');
  const same =
    isKnown && bore === station.inside && outside === station.outside && width === station.width;
  return same ? null : sizes;
}
