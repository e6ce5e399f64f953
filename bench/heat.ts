import { partHeat, ringLimitOf, USUAL_WORK, type HeatSeat } from '@wendaxis/core/heat';

/** What a slider move of the heat plan costs, by how many seats one half has, against JSON.stringify of the answer. */
const RUNS = 41;
const body = { material: 'castAluminium', mass: 2.4, area: 0.12 } as const;
for (const count of [5, 12]) {
  const seats = Array.from({ length: count }, (_, n): HeatSeat => ({
    id: `s${n}`,
    name: `Seat ${n}`,
    diameter: 47 + 5 * n,
    bore: 20 + 5 * n,
    width: 14 + n,
    after: [],
    ringLimit: ringLimitOf('open'),
    fit: { least: 0.005, most: 0.03, mean: 0.0175, working: [] },
  }));
  const settings = { ...USUAL_WORK, rings: -18, oven: 95 };
  let oven = settings.oven;
  const answer = partHeat(body, seats, settings);
  const reference = median(() => JSON.stringify(answer));
  const time = median(() => partHeat(body, seats, { ...settings, oven: (oven += 0.1) }));
  console.log(
    `heat plan of ${count} seats: ${time.toFixed(2)} ms (held to 16 ms), ` +
      `${(time / reference).toFixed(0)} × JSON.stringify of the answer (${reference.toFixed(3)} ms), ` +
      `medians of ${RUNS}`,
  );
}

function median(run: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return times.toSorted((a, b) => a - b)[(RUNS - 1) / 2]!;
}
