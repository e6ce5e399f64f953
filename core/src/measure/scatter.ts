import { requireNumber } from '../faults/index.ts';

/** How far one assembly differs from the next, mm: between these, one size as likely as another. Standard deviations. */
export interface ScatterRange {
  readonly least: number;
  readonly most: number;
}

/** What the next assembly will differ by. */
export interface Scatter {
  /** Standard deviation, mm, over all that the scatter can be. */
  readonly value: number;
  /** How surely it is known, above 4; null where it is known outright. The less, the more often it is far more. */
  readonly degreesOfFreedom: number | null;
}

/**
 * Scatter of the play from one assembly to the next before a unit has shown its own, mm: a ring clamped against a shoulder at
 * the one end, a cover with bolts and sealant at the other. A rule of this program.
 */
export const USUAL_RANGE: ScatterRange = { least: 0.0005, most: 0.018 };

/** Sizes that are weighed in a range. */
const SIZES = 24;

/** Sizes that stand for a range, evenly by their logarithm. */
export function scattersIn({ least, most }: ScatterRange, count = SIZES): readonly number[] {
  return Array.from({ length: count }, (_, at) => least * (most / least) ** ((at + 0.5) / count));
}

/**
 * What a mixture of normal scatters comes to: its standard deviation, and the degrees of freedom of the Student with the same
 * fourth moment.
 * @param weights as many as sizes, not all 0
 */
export function scatterOf(sizes: readonly number[], weights: readonly number[]): Scatter {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const mean = (power: number): number =>
    sizes.reduce((sum, size, at) => sum + weights[at]! * size ** power, 0) / total;
  const [square, fourth] = [mean(2), mean(4)];
  // Kurtosis of a mixture: 3·E s⁴/(E s²)²; of a Student: 3 + 6/(ν − 4).
  const beyond = fourth / square ** 2 - 1;
  return {
    value: Math.sqrt(square),
    degreesOfFreedom: beyond < 1e-6 ? null : 4 + 2 / beyond,
  };
}

/** What is held of a range before anything was read. */
export const scatterBefore = (range: ScatterRange): Scatter => {
  const sizes = scattersIn(range);
  return scatterOf(
    sizes,
    sizes.map(() => 1),
  );
};

/** The usual one, of a unit that has not shown its own. */
export const USUAL_SCATTER: Scatter = scatterBefore(USUAL_RANGE);

/** @throws InputError naming `path` */
export function requireScatter(path: string, { value, degreesOfFreedom }: Scatter): void {
  requireNumber(`${path}.value`, value, { min: 0, max: 5, unit: 'mm' });
  if (degreesOfFreedom !== null)
    requireNumber(`${path}.degreesOfFreedom`, degreesOfFreedom, { above: 4 });
}

/** @throws InputError naming `path` */
export function requireScatterRange(path: string, { least, most }: ScatterRange): void {
  requireNumber(`${path}.least`, least, { above: 0, max: 1, unit: 'mm' });
  requireNumber(`${path}.most`, most, { min: least, max: 1, unit: 'mm' });
}
