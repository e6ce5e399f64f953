import { InputError, requireInteger, requireText } from '@wendaxis/core/faults';
import type { StrengthClass } from '@wendaxis/core/fasteners';
import {
  requireDriver,
  requireRod,
  requireSpacer,
  type Driver,
  type Rod,
  type Spacer,
} from '@wendaxis/core/pressTools';
import type { UnitSystem } from '@wendaxis/core/units';

import { readField } from '../../ui/QuantityField.tsx';

/** A driver's card as typed; bare numbers are in the screen's unit. */
export interface DriverTexts {
  readonly name: string;
  readonly outside: string;
  readonly bore: string;
  /** From collar to end, and within what; empty where it has no collar. */
  readonly nose: string;
  readonly noseWithin: string;
}
export const EMPTY_DRIVER: DriverTexts = {
  name: '',
  outside: '',
  bore: '',
  nose: '',
  noseWithin: '',
};

/** A spacer's card as typed. */
export interface SpacerTexts {
  readonly name: string;
  readonly thickness: string;
  readonly within: string;
  readonly count: string;
  readonly bore: string;
  readonly outside: string;
}
export const EMPTY_SPACER: SpacerTexts = {
  name: '',
  thickness: '',
  within: '',
  count: '1',
  bore: '',
  outside: '',
};

/** A rod's card as typed. */
export interface RodTexts {
  readonly name: string;
  readonly thread: string;
  readonly pitch: string;
  readonly strength: StrengthClass;
}
export const EMPTY_ROD: RodTexts = { name: '', thread: '', pitch: '', strength: '8.8' };

/** The card, or what is wrong with it. */
export function driverFrom(texts: DriverTexts, id: string, system: UnitSystem) {
  return checked((): Driver =>
    requireDriver({
      id,
      name: requireText('name', texts.name, 80).trim(),
      outside: lengthOf(texts.outside, system),
      bore: lengthOf(texts.bore, system),
      ...(texts.nose.trim() === ''
        ? {}
        : { nose: lengthOf(texts.nose, system), noseWithin: lengthOf(texts.noseWithin, system) }),
    }),
  );
}

/** The card, or what is wrong with it. */
export function spacerFrom(texts: SpacerTexts, id: string, system: UnitSystem) {
  return checked((): Spacer =>
    requireSpacer({
      id,
      name: requireText('name', texts.name, 80).trim(),
      thickness: lengthOf(texts.thickness, system),
      within: lengthOf(texts.within, system),
      count: requireInteger('spacer.count', Number(texts.count), { min: 1, max: 50 }),
      bore: lengthOf(texts.bore, system),
      outside: lengthOf(texts.outside, system),
    }),
  );
}

/** The card, or what is wrong with it. A thread is told as it is printed, in millimetres, whatever the screen shows. */
export function rodFrom(texts: RodTexts, id: string, system: UnitSystem) {
  return checked((): Rod =>
    requireRod({
      id,
      name: requireText('name', texts.name, 80).trim(),
      thread: lengthOf(texts.thread.replace(/^\s*M/iu, ''), system),
      pitch: lengthOf(texts.pitch, system),
      strength: texts.strength,
    }),
  );
}

function checked<Card>(read: () => Card): Card | InputError {
  try {
    return read();
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/** mm; not a number where it cannot be read. */
function lengthOf(text: string, system: UnitSystem): number {
  const reading = readField(text, 'length', system);
  return reading.status === 'read' ? reading.quantity.value : NaN;
}
