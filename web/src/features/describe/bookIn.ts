import { InputError } from '@wendaxis/core/faults';
import {
  readUnitFile,
  TEMPLATE_TABLE,
  unitFromTemplate,
  type TemplateInput,
  type Unit,
  type UnitTemplate,
} from '@wendaxis/core/unit';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';
import { readBearing, type BearingEntry } from './bearingEntry.ts';

/** What a unit is begun from: one of the usual arrangements, or a whole unit from elsewhere. */
export type Beginning =
  | { readonly from: 'template'; readonly template: UnitTemplate }
  | { readonly from: 'unit'; readonly words: string; readonly unit: Unit };

/** What was typed for one of the usual arrangements; where one thing alone stands, of the right one and the span nothing. */
export interface TemplateEntry {
  readonly left: BearingEntry;
  readonly right: BearingEntry;
  readonly span: string;
}

/** The unit as far as it is entered: null while something is missing, or what is wrong with it. */
export function beginUnit(
  beginning: Beginning,
  name: string,
  { left, right, span }: TemplateEntry,
  system: UnitSystem,
): Unit | InputError | null {
  if (beginning.from === 'unit')
    return name.trim() === '' ? beginning.unit : { ...beginning.unit, name: name.trim() };
  const { template } = beginning;
  const called = name.trim() === '' ? 'Unnamed' : name;
  const input = readTemplate(template, called, { left, right, span }, system);
  return input === null ? null : caught(() => unitFromTemplate(template, input));
}

/** What one of the usual arrangements is filled in with, as typed; null while something is missing. */
export function readTemplate(
  template: UnitTemplate,
  name: string,
  { left, right, span }: TemplateEntry,
  system: UnitSystem,
): TemplateInput | null {
  const first = readBearing(left, system);
  if (first === null) return null;
  if (TEMPLATE_TABLE[template].ends.length === 1)
    return { name, left: first, right: first, span: first.dimensions.width };
  const second = readBearing(right, system);
  const distance = readField(span, 'length', system);
  if (second === null || distance.status !== 'read') return null;
  return { name, left: first, right: second, span: distance.quantity.value };
}

/** A unit from the text of a file, or why it is refused. */
export function unitFromFile(text: string): Unit | InputError {
  return caught(() => readUnitFile(text));
}

function caught(make: () => Unit): Unit | InputError {
  try {
    return make();
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
