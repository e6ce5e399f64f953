import { InputError } from '../faults/index.ts';
import { tryParseQuantity, type TypedQuantity } from './parseQuantity.ts';
import { UNIT_TABLE, type QuantityKind } from './unitTable.ts';

/** A quantity in the other units of its kind. */
export interface InEveryUnit {
  readonly quantity: TypedQuantity;
  readonly others: readonly { readonly text: string; readonly unit: string }[];
}

/** Kinds that are looked through, in this order: a bare °C is a temperature, not a difference. */
const KINDS: readonly QuantityKind[] = [
  'length',
  'torque',
  'temperature',
  'force',
  'pressure',
  'mass',
  'area',
];
/** Figures that are shown: more than any wrench or dial has. */
const FIGURES = 5;

/**
 * A quantity with its unit, as people write it, in every other unit of its kind; null where no unit was typed, or none that
 * is known.
 * @example inEveryUnit('80 lb·ft') // 108.47 N·m, 960 lb·in
 */
export function inEveryUnit(text: string): InEveryUnit | null {
  for (const kind of KINDS) {
    const quantity = tryParseQuantity(text, kind, UNIT_TABLE[kind][0]!.id);
    if (quantity instanceof InputError || !quantity.unitTyped) continue;
    const others = UNIT_TABLE[kind]
      .filter(({ id }) => id !== quantity.unit)
      .map(({ sign, factor, offset }) => ({
        text: String(Number(((quantity.value - offset) / factor).toPrecision(FIGURES))).replace(
          '-',
          '−',
        ),
        unit: sign,
      }));
    return { quantity, others };
  }
  return null;
}
