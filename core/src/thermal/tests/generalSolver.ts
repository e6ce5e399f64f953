import type { SeatBody, SeatWindowInput } from '../seatWindow.ts';

/** Hairer's ODEX, a general solver of ordinary differential equations; its own types do not pass our compiler. */
const { Solver } = jest.requireActual<{
  readonly Solver: new (dimension: number) => {
    relativeTolerance: number;
    absoluteTolerance: number;
    maxSteps: number;
    solve(
      rates: (time: number, state: number[]) => number[],
      from: number,
      start: number[],
      to: number,
    ): { readonly y: readonly number[] };
  };
}>('odex');

/** Figures of the materials, set down once more for the check: expansion 1e-6/K and heat capacity J/(kg·K). */
export const FIGURES = {
  castAluminium: [21.5, 900],
  magnesium: [26, 1020],
  greyIron: [10.5, 500],
  ductileIron: [11.5, 500],
  carbonSteel: [11.7, 480],
  bearingSteel: [12, 475],
  bronze: [18, 380],
  brass: [20, 380],
} as const;
export type FigureId = keyof typeof FIGURES;

/** A window whose materials are of the table. */
export type TableWindow = Omit<SeatWindowInput, 'outer' | 'inner'> &
  Readonly<Record<'outer' | 'inner', Omit<SeatBody, 'material'> & { readonly material: FigureId }>>;

/** Temperatures of both bodies after a time apart in the air of the shop, then a time together, by a general solver. */
export function solved(
  { outer, inner, ambient, diameter, width, interference, ring }: TableWindow,
  { apart, together }: { readonly apart: number; readonly together: number },
): { readonly outer: number; readonly inner: number; readonly fit: number } {
  const bodies = [outer, inner];
  const heat = bodies.map(({ material, mass }) => mass * FIGURES[material][1]);
  const air = bodies.map(({ area, coolingFactor = 1 }) => 10 * area * coolingFactor);
  const touching = Math.PI * diameter * width * 1e-6;
  const fit = (to: number, ti: number) =>
    interference -
    diameter *
      1e-6 *
      (FIGURES[outer.material][0] * (to - 20) - FIGURES[inner.material][0] * (ti - 20));
  const left = bodies.map(({ area, coolingFactor = 1 }, n) =>
    (n === 0) === (ring === 'outer') ? 10 * Math.max(0, area - touching) * coolingFactor : air[n]!,
  );
  const run = (rates: (state: number[]) => number[], start: number[], time: number) => {
    if (time <= 0) return start;
    const solver = new Solver(2);
    solver.relativeTolerance = 1e-7;
    solver.absoluteTolerance = 1e-7;
    solver.maxSteps = 1_000_000;
    return [...solver.solve((_, state) => rates(state), 0, start, time).y];
  };
  const cooled = run(
    (state) => state.map((now, n) => (-air[n]! * (now - ambient)) / heat[n]!),
    [outer.temperature, inner.temperature],
    apart,
  );
  const [to, ti] = run(
    (state) => {
      const gap = (-fit(state[0]!, state[1]!) / 2) * 1e-3;
      // k of air 0.026 W/(m·K), contact 3000 and radiation 6 W/(m²·K).
      const through = touching * (Math.min(3000, gap <= 0 ? 3000 : 0.026 / gap) + 6);
      const flow = through * (state[0]! - state[1]!);
      return [
        (-flow - left[0]! * (state[0]! - ambient)) / heat[0]!,
        (flow - left[1]! * (state[1]! - ambient)) / heat[1]!,
      ];
    },
    cooled,
    together,
  );
  return { outer: to!, inner: ti!, fit: fit(to!, ti!) };
}
