import type { MaterialChoice } from '../materials/index.ts';

/** Materials whose cases are usually heated to this, °C, where neither the seat nor its class is known. Common practice, no source. */
const LIGHT_ALLOY = { least: 80, most: 95 } as const;

/**
 * What a case of a material is usually heated to where no fit is known, °C: to be checked with a drop test. Null where nothing
 * is usual.
 */
export function usualHeat(
  material: MaterialChoice | null,
): { readonly least: number; readonly most: number } | null {
  return material === 'castAluminium' || material === 'magnesium' ? LIGHT_ALLOY : null;
}
