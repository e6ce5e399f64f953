import {
  formatQuantity,
  inSystem,
  type QuantityKind,
  type ShownQuantity,
  type UnitSystem,
} from '@wendaxis/core/units';

/** Quantities as this screen shows them. */
export interface ScreenUnits {
  readonly system: UnitSystem;
  /** Number and unit; beside another quantity in the unit of that. */
  show(value: number, kind?: QuantityKind, decimals?: number, like?: number): string;
  /** Two numbers and their unit, the one that suits the larger. */
  range(least: number, most: number, kind?: QuantityKind): string;
  /** A sentence of the core, its quantities in the units of the screen. */
  told(text: string): string;
  /** The number alone. */
  digits(value: number, kind?: QuantityKind, decimals?: number): string;
  unit(kind?: QuantityKind): string;
}

/** Format in a unit system. Lengths unless another kind is named. */
export function screenUnits(system: UnitSystem): ScreenUnits {
  const format = (value: number, kind: QuantityKind = 'length', decimals?: number, like?: number) =>
    formatQuantity(value, kind, system, decimals, like);
  return {
    system,
    show: (value, kind, decimals, like) => {
      const { text, unit } = format(value, kind, decimals, like);
      return unit === '' || unit === '°' ? `${text}${unit}` : `${text} ${unit}`;
    },
    range: (least, most, kind = 'length') => {
      const like = Math.max(Math.abs(least), Math.abs(most));
      const [from, to] = [least, most].map((value) =>
        formatQuantity(value, kind, system, undefined, like),
      ) as [ShownQuantity, ShownQuantity];
      return `${from.text} to ${to.text} ${to.unit}`.trimEnd();
    },
    told: (text) => inSystem(text, system),
    digits: (value, kind, decimals) => format(value, kind, decimals).text,
    unit: (kind) => format(0, kind).unit,
  };
}
