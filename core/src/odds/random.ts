import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Draws of one seeded stream: the same seed gives the same draws, in a browser and on a server. */
export interface Draws {
  /** Uniform, at least 0 and less than 1. */
  readonly uniform: () => number;
  /** Standard normal (Box–Muller, both of each pair are used). */
  readonly normal: () => number;
  /** Student's t with ν degrees of freedom: normal over √(χ²/ν); normal where ν is infinite. */
  readonly student: (degreesOfFreedom: number) => number;
}

/** A stream of draws from a whole seed. */
export function drawsFrom(seed: number): Draws {
  const random = xoroshiro128plus(mixed(seed));
  const uniform = () => uniformFloat64(random);
  let kept: number | null = null;
  const normal = (): number => {
    if (kept !== null) {
      const second = kept;
      kept = null;
      return second;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - uniform()));
    const angle = 2 * Math.PI * uniform();
    kept = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
  return {
    uniform,
    normal,
    student: (degrees) =>
      degrees > 200
        ? normal()
        : normal() / Math.sqrt(chiSquared(degrees, { uniform, normal }) / degrees),
  };
}

/** Seeds that lie side by side give first draws that do: their bits are mixed (the finisher of MurmurHash3). */
function mixed(seed: number): number {
  let hash = (seed + 0x9e3779b9) | 0;
  hash = Math.imul(hash ^ (hash >>> 16), 0x85ebca6b);
  hash = Math.imul(hash ^ (hash >>> 13), 0xc2b2ae35);
  return hash ^ (hash >>> 16);
}

/** χ² with any ν ≥ 1, by Marsaglia and Tsang's gamma of shape ν/2 (ACM Trans. Math. Softw. 26, 2000); below 2 boosted. */
function chiSquared(
  degrees: number,
  { uniform, normal }: Pick<Draws, 'uniform' | 'normal'>,
): number {
  const shape = degrees / 2;
  const boosted = shape < 1 ? shape + 1 : shape;
  const d = boosted - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = normal();
    const v = (1 + c * x) ** 3;
    if (v <= 0) continue;
    const u = 1 - uniform();
    if (Math.log(u) < 0.5 * x * x + d - d * v + d * Math.log(v))
      return 2 * d * v * (shape < 1 ? (1 - uniform()) ** (1 / shape) : 1);
  }
}
