import { formatQuantity } from './formatQuantity.ts';
import type { QuantityKind, UnitSystem } from './unitTable.ts';

/** Units that texts of the core are written in, with what one is in core units, and how few decimals become how many in the other. */
const WRITTEN: Readonly<Record<string, { readonly kind: QuantityKind; readonly core: number }>> = {
  mm: { kind: 'length', core: 1 },
  µm: { kind: 'length', core: 0.001 },
  '°C': { kind: 'temperature', core: 1 },
  K: { kind: 'temperatureDifference', core: 1 },
  kN: { kind: 'force', core: 1000 },
  N: { kind: 'force', core: 1 },
  'N·m': { kind: 'torque', core: 1 },
  MPa: { kind: 'pressure', core: 1 },
  kg: { kind: 'mass', core: 1 },
};

const NUMBER = '[−-]?\\d+(?:\\.\\d+)?';
/** One number, a range, or sizes with a cross between, before a unit that is followed by no letter. */
const QUANTITY = new RegExp(
  `(?<![\\w.,])(${NUMBER}(?:(?:\\s?×\\s?|\\s(?:to|and)\\s|\\s?–\\s?)${NUMBER})*)(\\s?)(mm|µm|°C|kN|N·m|MPa|kg|K|N)(?![\\w·/²³])`,
  'gu',
);

/**
 * A text of the core, whose quantities are written in metric units, as the other system writes it. Each number is given as
 * finely as it was, no more.
 * @example inSystem('at most 126 °C', 'inch') // 'at most 259 °F'
 */
export function inSystem(text: string, system: UnitSystem): string {
  if (system === 'metric') return text;
  return text.replace(QUANTITY, (_, numbers: string, _space: string, unit: string) => {
    const { kind, core } = WRITTEN[unit]!;
    let shown = '';
    const told = numbers.replace(new RegExp(NUMBER, 'gu'), (number) => {
      const value = Number(number.replace('−', '-')) * core;
      const quantity = formatQuantity(value, kind, system, decimalsOf(number, unit));
      shown = quantity.unit;
      return quantity.text;
    });
    return `${told} ${shown}`;
  });
}

/** An inch is some 25 times a millimetre, a thou as many micrometres: one or two decimals more. Other quantities keep the usual ones. */
function decimalsOf(number: string, unit: string): number | undefined {
  const decimals = number.split('.')[1]?.length ?? 0;
  if (unit === 'mm') return Math.min(4, decimals + (decimals === 0 ? 2 : decimals === 1 ? 2 : 1));
  if (unit === 'µm') return Math.min(5, decimals + 4);
  if (unit === '°C' || unit === 'K') return decimals;
  return undefined;
}
