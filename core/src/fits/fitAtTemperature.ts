import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';

/** Room temperature at which sizes hold, °C (ISO 1). */
export const REFERENCE_TEMPERATURE = 20;

/** What is inside and what is outside at a seat, each at its temperature, °C. */
export interface SeatTemperatures {
  readonly inner: { readonly material: MaterialChoice; readonly temperature: number };
  readonly outer: { readonly material: MaterialChoice; readonly temperature: number };
}

/**
 * Interference at other temperatures than 20 °C: `i(T) = i20 − D·[αo·(To − 20) − αi·(Ti − 20)]`, o the part outside,
 * i the part inside. It serves a ring in a bore and a ring on a shaft. Linear expansion.
 *
 * @param interference at 20 °C, mm
 * @param diameter mm
 * @throws InputError naming the field
 */
export function fitAtTemperature(
  interference: number,
  diameter: number,
  { inner, outer }: SeatTemperatures,
): number {
  requireNumber('interference', interference, { min: -10, max: 10, unit: 'mm' });
  requireNumber('diameter', diameter, { above: 0, max: 1000, unit: 'mm' });
  for (const [name, { temperature }] of [
    ['inner', inner],
    ['outer', outer],
  ] as const)
    requireNumber(`${name}.temperature`, temperature, { min: -273.15, max: 500, unit: '°C' });
  const growth = ({ material, temperature }: SeatTemperatures['inner']) =>
    materialOf(material).expansion * (temperature - REFERENCE_TEMPERATURE);
  return interference - diameter * (growth(outer) - growth(inner));
}
