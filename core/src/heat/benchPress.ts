/** A press of the usual size for a bench, N. A rule of this program; the workshop's own goes before it. */
export const BENCH_PRESS = 100_000;
