import type { MaterialChoice } from '../materials/index.ts';
import { materialOf } from '../materials/index.ts';
import type { LumpedBody } from './soak.ts';

/** A bearing or bush by its three dimensions, mm. */
export interface BearingSize {
  readonly bore: number;
  readonly outside: number;
  readonly width: number;
}

/**
 * What moves is a ring alone, a cone with its rollers: about these shares of the bearing's mass. The safe side for a whole
 * bearing: what is lighter warms and cools faster. Rules of this program.
 */
export const RING_SHARE_OF_MASS = { outer: 0.4, inner: 0.5 } as const;

/** Mass of a bearing from its dimensions, kg: about two thirds of a solid ring of steel. Common practice, no source. */
export function bearingMass({ bore, outside, width }: BearingSize): number {
  return 0.67 * solidVolume({ bore, outside, width }) * materialOf('bearingSteel').density;
}

/** A whole bearing as one body: faces and both cylinders take heat. */
export function bearingBody(size: BearingSize): LumpedBody {
  return { material: 'bearingSteel', mass: bearingMass(size), area: surface(size) };
}

/** One ring of a bearing as it goes on or in: its own share of the mass, and the bearing's surface, the safe side. */
export function ringBody(size: BearingSize, ring: 'outer' | 'inner'): LumpedBody {
  return { ...bearingBody(size), mass: RING_SHARE_OF_MASS[ring] * bearingMass(size) };
}

/** A bush is solid. */
export function bushBody(size: BearingSize, material: MaterialChoice): LumpedBody {
  return {
    material,
    mass: solidVolume(size) * materialOf(material).density,
    area: surface(size),
  };
}

/** m³. */
function solidVolume({ bore, outside, width }: BearingSize): number {
  return (Math.PI / 4) * (outside ** 2 - bore ** 2) * width * 1e-9;
}

/** m². */
function surface({ bore, outside, width }: BearingSize): number {
  return (Math.PI * (outside + bore) * width + (Math.PI / 2) * (outside ** 2 - bore ** 2)) * 1e-6;
}
