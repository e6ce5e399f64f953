import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** A standard normal draw that depends only on a seed and a count (Box–Muller). */
export function gaussian(seed: number, count: number): number {
  const random = mersenne((seed * 7919 + count * 104_729) | 0);
  const u1 = 1 - uniformFloat64(random);
  return Math.sqrt(-2 * Math.log(u1)) * Math.cos(2 * Math.PI * uniformFloat64(random));
}
