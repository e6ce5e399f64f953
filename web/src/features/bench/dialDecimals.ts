import type { UnitSystem } from '@wendaxis/core/units';

/** Decimals a dial of this graduation is read to: no more than it shows. */
export function dialDecimals(graduation: number, system: UnitSystem): number {
  if (system === 'inch') return 4;
  return graduation < 0.01 ? 3 : 2;
}
