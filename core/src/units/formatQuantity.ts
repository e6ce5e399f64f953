import { unitById } from './parseQuantity.ts';
import type { QuantityKind, UnitSystem } from './unitTable.ts';

/** A number ready to be shown. `text` uses a true minus sign; `unit` is the printed sign. */
export interface ShownQuantity {
  readonly text: string;
  readonly unit: string;
  /** Id of the unit shown, usable as `assume` when reading it back. */
  readonly unitId: string;
}

interface Display {
  readonly unit: string;
  readonly decimals: number;
}

/** How each quantity is shown, by system. Where there are two rows the second serves from `from` (core units) up. */
const DISPLAY: Readonly<
  Record<QuantityKind, Readonly<Record<UnitSystem, readonly (Display & { from: number })[]>>>
> = {
  length: {
    metric: [{ unit: 'mm', decimals: 3, from: 0 }],
    inch: [{ unit: 'in', decimals: 4, from: 0 }],
  },
  temperature: {
    metric: [{ unit: 'degC', decimals: 0, from: 0 }],
    inch: [{ unit: 'degF', decimals: 0, from: 0 }],
  },
  temperatureDifference: {
    metric: [{ unit: 'K', decimals: 0, from: 0 }],
    inch: [{ unit: 'dF', decimals: 0, from: 0 }],
  },
  torque: {
    metric: [
      { unit: 'Nm', decimals: 2, from: 0 },
      { unit: 'Nm', decimals: 0, from: 20 },
    ],
    inch: [
      { unit: 'lbin', decimals: 1, from: 0 },
      { unit: 'lbft', decimals: 0, from: 20 },
    ],
  },
  angle: {
    metric: [{ unit: 'deg', decimals: 0, from: 0 }],
    inch: [{ unit: 'deg', decimals: 0, from: 0 }],
  },
  force: {
    metric: [
      { unit: 'N', decimals: 0, from: 0 },
      { unit: 'kN', decimals: 1, from: 2000 },
    ],
    inch: [{ unit: 'lbf', decimals: 0, from: 0 }],
  },
  pressure: {
    metric: [
      { unit: 'bar', decimals: 2, from: 0 },
      { unit: 'MPa', decimals: 1, from: 1 },
    ],
    inch: [{ unit: 'psi', decimals: 1, from: 0 }],
  },
  mass: {
    metric: [
      { unit: 'kg', decimals: 2, from: 0 },
      { unit: 'kg', decimals: 1, from: 10 },
    ],
    inch: [{ unit: 'lb', decimals: 1, from: 0 }],
  },
  area: {
    metric: [{ unit: 'm2', decimals: 3, from: 0 }],
    inch: [{ unit: 'in2', decimals: 0, from: 0 }],
  },
  number: {
    metric: [{ unit: 'one', decimals: 2, from: 0 }],
    inch: [{ unit: 'one', decimals: 2, from: 0 }],
  },
};

/**
 * Show a quantity in a unit system, rounded to the digits the trade reads.
 *
 * @param value core units; a value that is not finite is shown as an en dash
 * @param decimals replaces the usual number of decimals
 * @param like a quantity beside which it stands: both are shown in the unit of that one
 * @example formatQuantity(0.1397, 'length', 'inch') // { text: '0.0055', unit: 'in', unitId: 'in' }
 */
export function formatQuantity(
  value: number,
  kind: QuantityKind,
  system: UnitSystem,
  decimals?: number,
  like = value,
): ShownQuantity {
  const rows = DISPLAY[kind][system];
  const display = rows.findLast(({ from }) => Math.abs(like) >= from) ?? rows[0]!;
  const row = unitById(kind, display.unit);
  const shown = (value - row.offset) / row.factor;
  return { text: fixed(shown, decimals ?? display.decimals), unit: row.sign, unitId: row.id };
}

/** The unit a bare number is taken to be in on a screen of this system. */
export function assumedUnit(kind: QuantityKind, system: UnitSystem): string {
  return DISPLAY[kind][system][0]!.unit;
}

/** A number with a fixed count of decimals, a true minus sign, and no negative zero. */
export function fixed(value: number, decimals: number): string {
  if (!Number.isFinite(value)) return '–';
  const text = value.toFixed(decimals);
  return Number(text) === 0 ? text.replace('-', '') : text.replace('-', '−');
}
