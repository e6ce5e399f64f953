import { requireInteger } from '../faults/index.ts';
import { USUAL_SCATTER } from '../measure/index.ts';
import type { JointChoice, JointQuestion } from '../shims/index.ts';
import { drawsFrom } from './random.ts';
import { scattered } from './scattered.ts';

/**
 * Odds that every figure is truly within its limits once the packs of all sites are in, by Monte Carlo over readings (Student), the
 * packs that were in, the new pieces, of which each site's count for every figure that it moves, gains and seating.
 *
 * @throws InputError naming `draws`
 */
export function jointOdds(
  { specs, sites, stock }: JointQuestion,
  { packs, expected }: JointChoice,
  draws = 20_000,
  seed = 11,
): number {
  requireInteger('draws', draws, { min: 100, max: 1_000_000 });
  const from = drawsFrom(seed);
  const { normal, student } = from;
  const seated = specs.map(({ scatter }) => scattered(scatter ?? USUAL_SCATTER, from));
  const piece = Math.max(0, ...stock.map(({ uncertainty }) => uncertainty));
  const spreads = sites.map((site) => {
    const pieces = packs.find(({ siteId }) => siteId === site.id)?.pieces ?? [];
    const count = pieces.reduce((sum, { quantity }) => sum + quantity, 0);
    return Math.hypot(site.uncertainty, piece * Math.sqrt(count));
  });
  /** What gains are unsure by comes to with what each pack changes by, for every figure, mm. */
  const byGain = specs.map(({ id }) =>
    Math.hypot(
      ...sites.map(({ id: siteId, thickness, gainUncertainties }) => {
        const pack = packs.find((one) => one.siteId === siteId);
        return (gainUncertainties?.[id] ?? 0) * ((pack?.thickness ?? thickness) - thickness);
      }),
    ),
  );
  let inside = 0;
  for (let draw = 0; draw < draws; draw += 1) {
    const off = spreads.map((spread) => spread * normal());
    const all = specs.every(({ id, uncertainty, degreesOfFreedom, band }, at) => {
      const aim = expected.find(({ specId }) => specId === id)!.value;
      const moved = sites.reduce((sum, { gains }, at) => sum + (gains[id] ?? 0) * off[at]!, 0);
      const value =
        aim +
        uncertainty * student(degreesOfFreedom ?? Infinity) +
        moved +
        (byGain[at]! > 0 ? byGain[at]! * normal() : 0) +
        seated[at]!();
      return value >= (band.lower ?? -Infinity) && value <= (band.upper ?? Infinity);
    });
    if (all) inside += 1;
  }
  return inside / draws;
}
