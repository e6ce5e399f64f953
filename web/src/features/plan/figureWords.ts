import type { Figure } from '@wendaxis/core/plan';

import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** A count is whole, a share has two decimals. */
function numberWords(value: number): string {
  return Number.isInteger(value) ? String(value) : value.toFixed(2);
}

/** The value of a figure in the screen's units. */
export function figureWords(figure: Figure, units: ScreenUnits): string {
  if (figure.form === 'text') return figure.text;
  const { quantity, least, most, expanded } = figure;
  const digits = (value: number) =>
    quantity === 'number' ? numberWords(value) : units.digits(value, quantity);
  const show = (value: number) =>
    quantity === 'number' ? numberWords(value) : units.show(value, quantity);
  const spread = expanded === undefined ? '' : ` ± ${units.show(expanded, quantity)}`;
  if (least === null && most === null) return '–';
  if (least === null) return `at most ${show(most!)}`;
  if (most === null) return `at least ${show(least)}`;
  if (least === most) return expanded === undefined ? show(least) : `${digits(least)}${spread}`;
  return `${digits(least)} to ${show(most)}${spread}`;
}
