import type { ShimSize } from './stock.ts';

/** Pieces within this of a size lie with it in the box, mm: what a micrometer tells apart. A rule of this program. */
const APART = 0.0015;

/** The size of the box that a measured piece belongs to: the nearest, where it is as good as the same; else null. */
export function sameSize<Size extends Pick<ShimSize, 'thickness'>>(
  sizes: readonly Size[],
  measured: number,
): Size | null {
  const off = ({ thickness }: Size) => Math.abs(thickness - measured);
  const nearest = sizes.toSorted((a, b) => off(a) - off(b))[0];
  return nearest !== undefined && off(nearest) < APART ? nearest : null;
}
