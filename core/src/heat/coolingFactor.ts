import { requireNumber } from '../faults/index.ts';
import { MEDIA, timeConstant, type LumpedBody } from '../thermal/index.ts';

/** Least drop of temperature from which anything can be told, K. A rule of this program. */
const LEAST_DROP = 3;

/**
 * How much faster a part cools than its lumped body says, from one reading some time out of the oven:
 * `factor = τ·ln((T₀ − Ta)/(T − Ta))/t`. It corrects the other half.
 *
 * @returns null when the part has not cooled enough to tell
 * @throws InputError naming the field
 */
export function coolingFactorFrom(
  body: LumpedBody,
  {
    oven,
    ambient,
    read,
    seconds,
  }: {
    readonly oven: number;
    readonly ambient: number;
    readonly read: number;
    readonly seconds: number;
  },
): number | null {
  requireNumber('oven', oven, { min: 0, max: 300, unit: '°C' });
  requireNumber('ambient', ambient, { min: -20, max: 45, unit: '°C' });
  requireNumber('read', read, { min: -50, max: 300, unit: '°C' });
  requireNumber('seconds', seconds, { above: 0, max: 86_400, unit: 's' });
  if (oven - read < LEAST_DROP || read - ambient < LEAST_DROP) return null;
  const tau = timeConstant(body, MEDIA.stillAir.transfer);
  const factor = (tau * Math.log((oven - ambient) / (read - ambient))) / seconds;
  return Math.min(10, Math.max(0.1, factor));
}
