import { requireNumber } from '../faults/index.ts';
import { materialOf } from '../materials/index.ts';
import type { LumpedBody } from './soak.ts';

/**
 * Temperature at which a part and a bearing put into it meet, °C, were nothing lost to the air: the hottest the
 * bearing can come to. Heat balance of two bodies.
 *
 * @param bearing kg and °C; its heat capacity is that of bearing steel
 * @throws InputError naming `mass` or `bearing.mass`
 */
export function settledTemperature(
  part: LumpedBody & { readonly temperature: number },
  bearing: { readonly mass: number; readonly temperature: number },
): number {
  const [warm, cold] = capacities(part, bearing.mass);
  return (warm * part.temperature + cold * bearing.temperature) / (warm + cold);
}

/** Hottest a part may be for a bearing put into it to stay within its own limit, °C. */
export function hottestFor(
  part: LumpedBody,
  bearing: { readonly mass: number; readonly temperature: number; readonly limit: number },
): number {
  const [warm, cold] = capacities(part, bearing.mass);
  return bearing.limit + (cold / warm) * (bearing.limit - bearing.temperature);
}

function capacities({ material, mass }: LumpedBody, bearing: number): readonly [number, number] {
  requireNumber('mass', mass, { above: 0, max: 5000, unit: 'kg' });
  requireNumber('bearing.mass', bearing, { above: 0, max: 500, unit: 'kg' });
  return [
    mass * materialOf(material).heatCapacity,
    bearing * materialOf('bearingSteel').heatCapacity,
  ];
}
