import { InputError, refuse } from '../faults/index.ts';
import { UNIT_TABLE, type QuantityKind, type UnitRow } from './unitTable.ts';

/** A quantity as it was typed and as it is stored. */
export interface TypedQuantity {
  readonly kind: QuantityKind;
  /** In core units (see {@link QuantityKind}). */
  readonly value: number;
  /** Id of the unit that was typed or assumed. */
  readonly unit: string;
  /** False when no unit was typed and `assume` was used. */
  readonly unitTyped: boolean;
  /** The text as typed, trimmed. */
  readonly typed: string;
}

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
const NUMBER = String.raw`\d+(?:[.,]\d*)?|[.,]\d+`;
const SHAPE = new RegExp(
  String.raw`^([+-]?)\s*(?:(?:(\d+)[\s-]+)?(\d+)\s*/\s*(\d+)|(${NUMBER}))\s*(.*)$`,
  'u',
);

/**
 * Read a quantity as people write it: `.0055"`, `5.5 thou`, `0.14 mm`, `0,14`, `1 3/8 in`, `80 lb·ft`, `225F`.
 *
 * @param text what was typed; at most 40 characters
 * @param kind which quantity is meant
 * @param assume unit id taken when none is typed (the screen's unit)
 * @param field name used in the error
 * @throws InputError `unreadable` (no number, ambiguous comma), `unknownName` (unit), `outOfRange`
 *   (below absolute zero, fraction with zero denominator)
 * @example parseQuantity('5.5 thou', 'length', 'mm').value // 0.1397
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  assume: string,
  field = 'value',
): TypedQuantity {
  const typed = text.trim();
  const match = typed.length > 40 ? null : SHAPE.exec(normalise(typed));
  if (match === null)
    return refuse('unreadable', field, text, { id: 'numberWithUnit', example: EXAMPLES[kind] });
  const [, sign, whole, numerator, denominator, decimal, unitText] = match;
  const magnitude =
    decimal === undefined
      ? Number(whole ?? 0) + fraction(field, typed, numerator, denominator)
      : Number(decimalPoint(field, typed, decimal));
  const unitTyped = unitText !== undefined && unitText !== '';
  if (kind === 'length' && unitTyped && PER_INCH.test(unitText))
    return pitchOf(sign === '-' ? -magnitude : magnitude, { field, text, typed });
  const row = unitTyped ? findUnit(field, kind, unitText) : unitById(kind, assume);
  const value = (sign === '-' ? -magnitude : magnitude) * row.factor + row.offset;
  if (!Number.isFinite(value)) return refuse('outOfRange', field, text, { id: 'smallerNumber' });
  if (kind === 'temperature' && value < -273.15)
    return refuse('outOfRange', field, text, { id: 'aboveAbsoluteZero' });
  return { kind, value, unit: row.id, unitTyped, typed };
}

/** A pitch as it is told of inch threads. */
const PER_INCH = /^(tpi|t\.p\.i\.?|threads? ?(per|\/) ?in(ch)?)$/iu;

/** A pitch in threads per inch: so many to 25.4 mm. */
function pitchOf(
  threads: number,
  { field, text, typed }: { readonly field: string; readonly text: string; readonly typed: string },
): TypedQuantity {
  return threads > 0
    ? { kind: 'length', value: 25.4 / threads, unit: 'in', unitTyped: true, typed }
    : refuse('outOfRange', field, text, { id: 'number', above: 0 });
}

/** As {@link parseQuantity}, with the faults as a value instead of a raised error. */
export function tryParseQuantity(
  ...args: Parameters<typeof parseQuantity>
): TypedQuantity | InputError {
  try {
    return parseQuantity(...args);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

const EXAMPLES: Readonly<Record<QuantityKind, string>> = {
  length: '0.14 mm, .0055" or 5.5 thou',
  temperature: '107 C or 225F',
  temperatureDifference: '20 K',
  torque: '1.2 N·m, 80 lb·ft or 12 lb·in',
  angle: '30°',
  force: '20 N',
  pressure: '0.3 bar or 5 psi',
  mass: '4.2 kg or 9 lb',
  area: '0.12 m² or 180 in²',
  number: '3',
};

function normalise(text: string): string {
  const spelled = text
    .replace(/[−–]/gu, '-')
    .replace(/[\u00a0\u2009\u202f]/gu, ' ')
    .replace(/[½¼¾⅛⅜⅝⅞]/gu, (sign) => ` ${VULGAR[sign]} `);
  return spelled.replace(/^([+-]?)\s+/u, '$1').trim();
}

function fraction(field: string, typed: string, top?: string, bottom?: string): number {
  if (Number(bottom) === 0) refuse('outOfRange', field, typed, { id: 'fraction' });
  return Number(top) / Number(bottom);
}

/** `0,14` is a decimal comma; `1,250` could be twelve hundred and fifty or one and a quarter, so it is refused. */
function decimalPoint(field: string, typed: string, text: string): string {
  const [whole = '', places] = text.split(',');
  if (places === undefined) return text;
  if (places.length === 3 && Number(whole) !== 0)
    refuse('unreadable', field, typed, { id: 'withoutComma', whole, places });
  return `${whole}.${places}`;
}

function findUnit(field: string, kind: QuantityKind, text: string): UnitRow {
  const name = text.toLowerCase().replace(/[\s.·⋅*-]/gu, '');
  const row = UNIT_TABLE[kind].find(({ aliases }) => aliases.includes(name));
  const known = UNIT_TABLE[kind].map(({ sign }) => sign);
  return row ?? refuse('unknownName', field, text, { id: 'unitOf', kind, known });
}

/**
 * The row of a unit by its id.
 * @throws InputError `unknownName`
 */
export function unitById(kind: QuantityKind, id: string): UnitRow {
  const row = UNIT_TABLE[kind].find((candidate) => candidate.id === id);
  return row ?? refuse('unknownName', 'unit', id, { id: 'unitOf', kind, known: [] });
}
