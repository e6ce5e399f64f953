/** One build as a row of a line: what was in place, and the play that a reading says. mm. */
export interface LineRow {
  /** Thickness at each site, away from where the play is wanted. */
  readonly away: readonly number[];
  readonly play: number;
  readonly variance: number;
}

/** What each site does to the play, held before the builds say anything. */
export interface HeldGain {
  readonly value: number;
  readonly uncertainty: number;
}

/** The line through the rows: play where it is wanted and the gain of each site, with variances. */
export interface FittedLine {
  readonly value: number;
  readonly valueVariance: number;
  readonly gains: readonly number[];
  readonly gainVariances: readonly number[];
  /** Weighted squares of what is left, with those of the gains from what they were held to. */
  readonly squares: number;
  /** Logarithm of how likely the rows are, everything else integrated out; up to a constant of the number of rows. */
  readonly logLikelihood: number;
}

/**
 * Weighted least squares of `play = a + Σ gain_k·away_k`, each gain held to what is known of it (ridge), the play held to nothing.
 * By Cholesky. Bayes with normal errors: the likelihood is what is left when play and gains are integrated out.
 * @param rows at least one
 */
export function fitLine(rows: readonly LineRow[], held: readonly HeldGain[]): FittedLine {
  const size = held.length + 1;
  const normal = new Float64Array(size * size);
  const right = new Float64Array(size);
  for (let site = 1; site < size; site += 1)
    normal[site * size + site] = 1 / held[site - 1]!.uncertainty ** 2;
  let [squares, logWeights] = [0, 0];
  for (const { away, play, variance } of rows) {
    const weight = 1 / variance;
    // What is left when the gains are what they were before: then nothing large is taken from large.
    let left = play;
    for (let site = 1; site < size; site += 1) left -= held[site - 1]!.value * away[site - 1]!;
    for (let row = 0; row < size; row += 1) {
      const weighted = weight * (row === 0 ? 1 : away[row - 1]!);
      right[row]! += weighted * left;
      for (let column = 0; column <= row; column += 1)
        normal[row * size + column]! += weighted * (column === 0 ? 1 : away[column - 1]!);
    }
    squares += weight * left * left;
    logWeights += Math.log(weight);
  }
  factor(normal, size);
  const found = right.slice();
  solve(normal, found);
  let [explained, logRoot] = [0, 0];
  const variances = new Float64Array(size);
  const unit = new Float64Array(size);
  for (let at = 0; at < size; at += 1) {
    explained += found[at]! * right[at]!;
    logRoot += Math.log(normal[at * size + at]!);
    unit.fill(0)[at] = 1;
    solve(normal, unit);
    variances[at] = unit[at]!;
  }
  return {
    value: found[0]!,
    valueVariance: variances[0]!,
    gains: held.map(({ value }, site) => value + found[site + 1]!),
    gainVariances: [...variances.subarray(1)],
    squares: squares - explained,
    logLikelihood: 0.5 * logWeights - logRoot - 0.5 * (squares - explained),
  };
}

/** Cholesky in place: the lower half of a symmetric matrix becomes L of L·Lᵀ. */
function factor(matrix: Float64Array, size: number): void {
  for (let row = 0; row < size; row += 1)
    for (let column = 0; column <= row; column += 1) {
      let rest = matrix[row * size + column]!;
      for (let k = 0; k < column; k += 1)
        rest -= matrix[row * size + k]! * matrix[column * size + k]!;
      matrix[row * size + column] =
        row === column ? Math.sqrt(rest) : rest / matrix[column * size + column]!;
    }
}

/** x of L·Lᵀ·x = b, in place of b. */
function solve(lower: Float64Array, x: Float64Array): void {
  const size = x.length;
  for (let row = 0; row < size; row += 1) {
    for (let k = 0; k < row; k += 1) x[row]! -= lower[row * size + k]! * x[k]!;
    x[row]! /= lower[row * size + row]!;
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    for (let k = row + 1; k < size; k += 1) x[row]! -= lower[k * size + row]! * x[k]!;
    x[row]! /= lower[row * size + row]!;
  }
}
