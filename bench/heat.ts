import { partHeat, ringLimitOf, USUAL_HEAT, type HeatSeat } from '@wendaxis/core/heat';

/** What a slider move of the heat plan costs: five seats in one half, against JSON.stringify of the answer. */
const RUNS = 41;
const seats = Array.from({ length: 5 }, (_, n): HeatSeat => ({
  id: `s${n}`, name: `Seat ${n}`, diameter: 47 + 5 * n, bore: 20 + 5 * n, width: 14 + n, after: [], ringLimit: ringLimitOf(false),
  fit: { least: 0.005, most: 0.03, mean: 0.0175, working: [] },
})); // prettier-ignore
const body = { material: 'castAluminium', mass: 2.4, area: 0.12 } as const;
let oven = 95;
const answer = partHeat(body, seats, USUAL_HEAT);
const reference = median(() => JSON.stringify(answer));
const time = median(() => partHeat(body, seats, { ...USUAL_HEAT, oven: (oven += 0.1) }));
console.log(
  `heat plan of ${seats.length} seats: ${time.toFixed(2)} ms (held to 16 ms), ${(time / reference).toFixed(0)} × JSON.stringify of the answer (${reference.toFixed(3)} ms), medians of ${RUNS}`,
);

function median(action: () => unknown): number {
  for (let warm = 0; warm < 5; warm += 1) action();
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    action();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)]!;
}
