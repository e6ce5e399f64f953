import { requireNumber } from '../faults/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import { REFERENCE_TEMPERATURE } from './fitAtTemperature.ts';

/** A body at its temperature, °C. */
export interface WarmBody {
  readonly material: MaterialChoice;
  readonly temperature: number;
}

/** Two bodies on one seat. Lengths in mm. */
export interface SeatFit {
  readonly diameter: number;
  /** Interference at 20 °C, diametral; below 0 it is loose. */
  readonly interference: number;
  /** Clearance that is wanted; 0 where it is enough that it slides. */
  readonly clearance: number;
}

/**
 * Temperature of what is outside (a part round a ring, a ring round a shaft) at which the fit has the clearance that is
 * wanted: `To = 20 + (i + c + D·αi·(Ti − 20))/(D·αo)`. The other way round of {@link fitAtTemperature}.
 *
 * @throws InputError naming the field
 * @example outerTemperatureFor({ diameter: 62, interference: 0.03, clearance: 0.031 }, 'castAluminium',
 *   { material: 'bearingSteel', temperature: 20 }) // 65.8
 */
export function outerTemperatureFor(
  fit: SeatFit,
  material: MaterialChoice,
  inner: WarmBody,
): number {
  const { diameter, wanted } = checked(fit);
  return (
    REFERENCE_TEMPERATURE +
    (wanted + diameter * growth(inner)) / (diameter * materialOf(material).expansion)
  );
}

/**
 * Temperature of what is inside (a ring in a part, a shaft in a ring) at which the fit has the clearance that is wanted:
 * `Ti = 20 + (D·αo·(To − 20) − i − c)/(D·αi)`.
 *
 * @throws InputError naming the field
 */
export function innerTemperatureFor(
  fit: SeatFit,
  material: MaterialChoice,
  outer: WarmBody,
): number {
  const { diameter, wanted } = checked(fit);
  return (
    REFERENCE_TEMPERATURE +
    (diameter * growth(outer) - wanted) / (diameter * materialOf(material).expansion)
  );
}

function checked({ diameter, interference, clearance }: SeatFit) {
  requireNumber('diameter', diameter, { above: 0, max: 1000, unit: 'mm' });
  requireNumber('interference', interference, { min: -10, max: 10, unit: 'mm' });
  requireNumber('clearance', clearance, { min: 0, max: 1, unit: 'mm' });
  return { diameter, wanted: interference + clearance };
}

/** Growth since 20 °C, as a share of the size. */
function growth({ material, temperature }: WarmBody): number {
  requireNumber('temperature', temperature, { min: -273.15, max: 500, unit: '°C' });
  return materialOf(material).expansion * (temperature - REFERENCE_TEMPERATURE);
}
