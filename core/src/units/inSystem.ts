import { formatQuantity } from './formatQuantity.ts';
import type { QuantityKind, UnitSystem } from './unitTable.ts';

/** Units that texts of the core are written in, with what one is in core units. */
const WRITTEN: Readonly<Record<string, { readonly kind: QuantityKind; readonly core: number }>> = {
  mm: { kind: 'length', core: 1 },
  µm: { kind: 'length', core: 0.001 },
  '°C': { kind: 'temperature', core: 1 },
  K: { kind: 'temperatureDifference', core: 1 },
  kN: { kind: 'force', core: 1000 },
  N: { kind: 'force', core: 1 },
  N·m: { kind: 'torque', core: 1 },
  MPa: { kind: 'pressure', core: 1 },
  kg: { kind: 'mass', core: 1 },
};

const NUMBER = '[−-]?\\d+(?:\\.\\d+)?';
/** One number, a range, or sizes with a cross between, before a unit that is followed by no letter. */
const QUANTITY = `(?<![\\w.,])(${NUMBER}(?:(?:\\s?×\\s?|\\s(?:to|and)\\s|\\s?–\\s?)${NUMBER})*)\\s?(mm|µm|°C|kN|N·m|MPa|kg|K|N)(?![\\w·/²³])`;
/** What somebody typed, quoted in a sentence. */
const QUOTED = '“[^”]*”';

/**
 * A text of the core, whose quantities are written in metric units, as the other system writes it. Each number is given as
 * finely as it was, no more. What people typed stays as they typed it: a name, a citation.
 * @param typed names and citations that may stand in it; what stands in quotation marks is one
 * @example inSystem('at most 126 °C', 'inch') // 'at most 259 °F'
 */
export function inSystem(text: string, system: UnitSystem, typed: readonly string[] = []): string {
  if (system === 'metric') return text;
  const kept = typed.toSorted((a, b) => b.length - a.length).map(escaped);
  const parts = new RegExp(`${[QUOTED, ...kept].join('|')}|${QUANTITY}`, 'gu');
  return text.replace(parts, (whole, numbers?: string, unit?: string) => {
    if (numbers === undefined || unit === undefined) return whole;
    const { kind, core } = WRITTEN[unit]!;
    const each = new RegExp(NUMBER, 'gu');
    const valueOf = (number: string) => Number(number.replace('−', '-')) * core;
    // All of them in the unit that suits the largest.
    const like = Math.max(...numbers.match(each)!.map((number) => Math.abs(valueOf(number))));
    const shown = (value: number, number: string) =>
      formatQuantity(value, kind, system, decimalsOf(number, unit), like);
    const told = numbers.replace(each, (number) => shown(valueOf(number), number).text);
    return `${told} ${shown(like, '').unit}`;
  });
}

/** A text as a pattern that is met by it alone. */
const escaped = (text: string): string => text.replace(/[\\^$.*+?()[\]{}|/-]/gu, '\\$&');

/** Decimals of an inch for those of a millimetre. */
const INCH_DECIMALS = [2, 3, 3] as const;

/** An inch is some 25 times a millimetre: one or two decimals more. Other quantities keep the usual ones. */
function decimalsOf(number: string, unit: string): number | undefined {
  const decimals = number.split('.')[1]?.length ?? 0;
  if (unit === 'mm') return INCH_DECIMALS[decimals] ?? 4;
  if (unit === 'µm') return Math.min(5, decimals + 4);
  if (unit === '°C' || unit === 'K') return decimals;
  return undefined;
}
