/** A number with its unit, in core units: `mm`, `N·m`, `°C`, `°` … */
export interface Amount {
  readonly value: number;
  readonly unit: string;
}

/** How amounts are told: on a screen in its reader's units, elsewhere as they are. */
export type TellAmount = (amount: Amount) => string;

/** Bounds of a number. Ends are included, rounding aside, unless `above`/`below` are used. */
export interface Bounds {
  readonly min?: number;
  readonly max?: number;
  readonly above?: number;
  readonly below?: number;
  /** Of the bounds and the number; none where it is a count or a share. */
  readonly unit?: string;
  readonly whole?: true;
}

/** An amount in core units, to what such numbers are worth. */
export function plainAmount({ value, unit }: Amount): string {
  const number = String(Number(value.toPrecision(7)));
  return unit === '°' || unit === '' ? `${number}${unit}` : `${number} ${unit}`;
}

/** Bounds of a number, in words. */
export function boundsWords(
  { min, max, above, below, unit, whole }: Bounds,
  tell: TellAmount,
): string {
  const at = (value: number) => tell({ value, unit: unit ?? '' });
  const parts = [
    min === undefined ? null : `at least ${at(min)}`,
    above === undefined ? null : `more than ${at(above)}`,
    max === undefined ? null : `at most ${at(max)}`,
    below === undefined ? null : `less than ${at(below)}`,
  ].filter((part) => part !== null);
  const range = parts.join(' and ');
  if (whole === true) return range === '' ? 'a whole number' : `a whole number, ${range}`;
  return range === '' ? `a finite number${unit === undefined ? '' : ` in ${unit}`}` : range;
}
