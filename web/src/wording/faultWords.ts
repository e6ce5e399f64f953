import {
  plainAmount,
  wantedWords,
  type Amount,
  type InputFault,
  type Wanted,
} from '@wendaxis/core/faults';
import type { QuantityKind } from '@wendaxis/core/units';

import type { ScreenUnits } from './screenUnits.ts';
import { FIELD_WORDS, type FieldWords } from './fieldWords.ts';

const QUANTITY_OF_UNIT: Readonly<Record<string, QuantityKind>> = {
  mm: 'length',
  N·m: 'torque',
  '°C': 'temperature',
  K: 'temperatureDifference',
  N: 'force',
  MPa: 'pressure',
  kg: 'mass',
  'm²': 'area',
};

/** An amount in core units, as this screen shows it. */
function amountWords(amount: Amount, units: ScreenUnits): string {
  const kind = QUANTITY_OF_UNIT[amount.unit];
  return kind === undefined ? plainAmount(amount) : units.show(amount.value, kind);
}

/** What is wanted, in this screen's units. */
export function wantedIn(wanted: Wanted, units: ScreenUnits): string {
  return wantedWords(wanted, (amount) => amountWords(amount, units));
}

/**
 * A fault as one line: the field by its own label, what is there, and what was expected, in this screen's units. Of a fault
 * that lies in no one field what is wrong is all there is to say.
 */
export function faultWords({ field, value, wanted }: InputFault, units: ScreenUnits): string {
  const known = fieldWordsOf(field);
  const unit = wanted.id === 'number' ? (wanted.unit ?? '') : '';
  const quantity = known?.quantity ?? QUANTITY_OF_UNIT[unit];
  const tell = (amount: Amount): string => {
    if (amount.unit !== '') return amountWords(amount, units);
    if (quantity !== undefined) return units.show(amount.value, quantity);
    const { scale, unit: sign } = known?.own ?? { scale: 1, unit: '' };
    return plainAmount({ value: amount.value / scale, unit: sign });
  };
  if (field === '') return wantedWords(wanted, tell);
  const label = labelOf(field, known);
  if (isNothing(value) && (wanted.id === 'someText' || wanted.id === 'given'))
    return `${label} is missing`;
  const place = /\[\d+\]/u.test(field) && known !== null ? ` (${field})` : '';
  return `${label}${place} ${valueWords(value, tell)}: expected ${wantedWords(wanted, tell)}`;
}

/** Faults as sentences. */
export function faultsWords(faults: readonly InputFault[], units: ScreenUnits): string {
  return faults.map((fault) => faultWords(fault, units)).join('. ');
}

/** Of two bearings that are entered side by side, which. */
const SIDES: Readonly<Record<string, string>> = { left: 'Left bearing', right: 'Right bearing' };

function labelOf(field: string, known: FieldWords | null): string {
  if (known === null) return field;
  const side = SIDES[field.split('.')[0]!];
  return side === undefined || !field.includes('.')
    ? known.words
    : `${side}, ${known.words.charAt(0).toLowerCase()}${known.words.slice(1)}`;
}

/** By its last two names, else by its last. */
function fieldWordsOf(field: string): FieldWords | null {
  const names = field.replace(/\[\d+\]/gu, '').split('.');
  return FIELD_WORDS[names.slice(-2).join('.')] ?? FIELD_WORDS[names.at(-1)!] ?? null;
}

const isNothing = (value: unknown): boolean =>
  value === undefined || value === null || (typeof value === 'string' && value.trim() === '');

function valueWords(value: unknown, tell: (amount: Amount) => string): string {
  if (isNothing(value)) return 'is not given';
  if (typeof value === 'number') return `is ${tell({ value, unit: '' })}`;
  const text = typeof value === 'string' ? `“${value}”` : (JSON.stringify(value) ?? '…');
  return `is ${text.length > 60 ? `${text.slice(0, 57)}…` : text}`;
}
