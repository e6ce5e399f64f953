import { formatQuantity, type QuantityKind, type UnitSystem } from '@wendaxis/core/units';

/** Quantities as this screen shows them. */
export interface ScreenUnits {
  readonly system: UnitSystem;
  /** Number and unit. */
  show(value: number, kind?: QuantityKind, decimals?: number): string;
  /** The number alone. */
  digits(value: number, kind?: QuantityKind, decimals?: number): string;
  unit(kind?: QuantityKind): string;
}

/** Format in a unit system. Lengths unless another kind is named. */
export function screenUnits(system: UnitSystem): ScreenUnits {
  const format = (value: number, kind: QuantityKind = 'length', decimals?: number) =>
    formatQuantity(value, kind, system, decimals);
  return {
    system,
    show: (value, kind, decimals) => {
      const { text, unit } = format(value, kind, decimals);
      return unit === '' || unit === '°' ? `${text}${unit}` : `${text} ${unit}`;
    },
    digits: (value, kind, decimals) => format(value, kind, decimals).text,
    unit: (kind) => format(0, kind).unit,
  };
}
