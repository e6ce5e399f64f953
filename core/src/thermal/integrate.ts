/** Rate of change of a state. */
export type Rates = (state: readonly number[]) => readonly number[];

/** Dormand–Prince 5(4): nodes are not needed, since nothing here depends on the time itself. */
const A = [
  [],
  [1 / 5],
  [3 / 40, 9 / 40],
  [44 / 45, -56 / 15, 32 / 9],
  [19372 / 6561, -25360 / 2187, 64448 / 6561, -212 / 729],
  [9017 / 3168, -355 / 33, 46732 / 5247, 49 / 176, -5103 / 18656],
  [35 / 384, 0, 500 / 1113, 125 / 192, -2187 / 6784, 11 / 84],
] as const;
const ERROR = [71 / 57600, 0, -71 / 16695, 71 / 1920, -17253 / 339200, 22 / 525, -1 / 40] as const;
const TOLERANCE = 1e-6;
const MOST_STEPS = 20_000;

/**
 * Follow a system until an event, with steps sized by its own error (Dormand and Prince, J. Comp. Appl. Math. 6,
 * 1980). The event is where `until` first comes to 0 from below, found inside the last step by halving it.
 *
 * @param longest where to stop at the latest, s
 * @returns time of the event, or null when there is none by then; and the state there
 */
export function followUntil(
  rates: Rates,
  start: readonly number[],
  until: (state: readonly number[]) => number,
  longest: number,
): { readonly time: number | null; readonly state: readonly number[] } {
  if (until(start) >= 0) return { time: 0, state: start };
  let time = 0;
  let state = start;
  let step = longest / 1000;
  for (let count = 0; count < MOST_STEPS && time < longest; count += 1) {
    step = Math.min(step, longest - time);
    const { next, error } = tryStep(rates, state, step);
    if (error > 1) {
      step *= Math.max(0.2, 0.9 * error ** -0.2);
      continue;
    }
    if (until(next) >= 0) return eventInside(rates, state, until, { time, step });
    time += step;
    state = next;
    step *= Math.min(4, 0.9 * Math.max(error, 1e-6) ** -0.2);
  }
  return { time: null, state };
}

function eventInside(
  rates: Rates,
  state: readonly number[],
  until: (state: readonly number[]) => number,
  { time, step }: { readonly time: number; readonly step: number },
): { readonly time: number; readonly state: readonly number[] } {
  let [before, after] = [0, step];
  for (let count = 0; count < 50; count += 1) {
    const middle = (before + after) / 2;
    if (until(tryStep(rates, state, middle).next) >= 0) after = middle;
    else before = middle;
  }
  return { time: time + after, state: tryStep(rates, state, after).next };
}

/** One trial step. It is the inner loop of everything that follows a heat, so it is written without throwaway arrays. */
function tryStep(
  rates: Rates,
  state: readonly number[],
  step: number,
): { readonly next: readonly number[]; readonly error: number } {
  const slopes: (readonly number[])[] = [];
  const size = state.length;
  let next = state;
  for (const row of A) {
    const trial = new Array<number>(size);
    for (let n = 0; n < size; n += 1) trial[n] = state[n]! + step * weighted(row, slopes, n);
    next = trial;
    slopes.push(rates(trial));
  }
  let error = 0;
  for (let n = 0; n < size; n += 1) {
    const off = Math.abs(step * weighted(ERROR, slopes, n));
    error = Math.max(error, off / (TOLERANCE * (1 + Math.abs(state[n]!))));
  }
  return { next, error };
}

function weighted(
  weights: readonly number[],
  slopes: readonly (readonly number[])[],
  n: number,
): number {
  let sum = 0;
  for (let k = 0; k < weights.length; k += 1) sum += weights[k]! * slopes[k]![n]!;
  return sum;
}
