import { preloadNutOf, sleeveOf, type Axis, type Station } from '../unit/index.ts';

/**
 * The nut whose last turn crushes the sleeve of an axis: of several the one nearest to the sleeve. It is only snug
 * until then, and is not turned again afterwards. Where nothing stands between the cones, the nut that sets the preload.
 */
export function sleeveNut(axis: Axis): Station | null {
  const sleeve = sleeveOf(axis);
  const middle = ({ at, width }: Station) => at + width / 2;
  const nuts = axis.stations.filter(({ kind }) => kind === 'nut');
  if (sleeve === null) return preloadNutOf(axis);
  if (nuts.length === 0) return null;
  const far = (nut: Station) => Math.abs(middle(nut) - middle(sleeve));
  return nuts.reduce((nearest, nut) => (far(nut) < far(nearest) ? nut : nearest));
}
