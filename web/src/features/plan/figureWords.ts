import type { Figure } from '@wendaxis/core/plan';

import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** A count is whole, a share has two decimals. */
function numberWords(value: number): string {
  return Number.isInteger(value) ? String(value) : value.toFixed(2);
}

/** The largest torque of some figures: all of them are shown in the unit that suits it. Undefined where there is none. */
export function largestTorque(figures: readonly Figure[]): number | undefined {
  const torques = figures.flatMap((one) =>
    one.form === 'quantity' && one.quantity === 'torque' ? [one.least ?? 0, one.most ?? 0] : [],
  );
  return torques.length === 0 ? undefined : Math.max(...torques);
}

/**
 * The value of a figure in the screen's units.
 * @param torque beside which its torque stands, N·m
 */
export function figureWords(figure: Figure, units: ScreenUnits, torque?: number): string {
  if (figure.form === 'text') return figure.text;
  const { quantity, least, most, expanded } = figure;
  const digits = (value: number) =>
    quantity === 'number' ? numberWords(value) : units.digits(value, quantity);
  const show = (value: number) =>
    quantity === 'number'
      ? numberWords(value)
      : units.show(value, quantity, undefined, quantity === 'torque' ? torque : undefined);
  const spread = expanded === undefined ? '' : ` ± ${units.show(expanded, quantity)}`;
  if (least === null && most === null) return '–';
  if (least === null) return `at most ${show(most!)}`;
  if (most === null) return `at least ${show(least)}`;
  if (least === most) return expanded === undefined ? show(least) : `${digits(least)}${spread}`;
  return quantity === 'number'
    ? `${digits(least)} to ${show(most)}${spread}`
    : `${units.range(least, most, quantity)}${spread}`;
}
