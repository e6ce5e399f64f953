import type { LumpedBody } from '../thermal/index.ts';
import type { HeatSeat } from './heatSeat.ts';
import { FREEZER, type HeatSettings } from './heatSettings.ts';
import { leastHeat, wholeDegree, type LeastHeat } from './leastHeat.ts';
import { hottestPart, ovenLimit } from './ovenLimit.ts';
import type { HeatLimit } from './ringLimit.ts';

/** How the rings of a part go in by heat. */
export const HEAT_WAYS = ['free', 'drops', 'reheats', 'slides', 'press'] as const;
export type HeatWay = (typeof HEAT_WAYS)[number];

/** A heat for a part with which its rings go in. °C. */
export interface HeatChoice {
  /**
   * `free`: they drop in cold; `drops`: all of them from one heat; `reheats`: each drops in, but not all from one heat;
   * `slides`: without clearance; `press`: no permitted heat frees any.
   */
  readonly way: HeatWay;
  /** What the part is brought to; the temperature of the shop where nothing is heated. */
  readonly oven: number;
  readonly rings: number;
  /** How hot the air of the oven may be with rings that cold, and why. */
  readonly limit: HeatLimit;
  /** Rings that no permitted heat frees: they are pressed. */
  readonly pressed: readonly string[];
  /** What the others need with rings that cold; null where there are none. */
  readonly least: LeastHeat | null;
}

type Work = Omit<HeatSettings, 'oven' | 'rings' | 'medium' | 'running'>;
type Body = LumpedBody | Pick<LumpedBody, 'material'>;

/** What a ring lies at, warmest first: nothing is frozen that need not be. */
const RINGS = (ambient: number): readonly number[] =>
  ambient > FREEZER ? [ambient, FREEZER] : [ambient];

/**
 * Every heat with which the rings of a part go in, the one to take first: as hot as needed and no hotter, all from one
 * heat, rings as they are before rings from the freezer, with clearance before without.
 *
 * @param partLimit in place of the usual one: a coating, a maker's word
 * @throws InputError naming a size or `seats`
 */
export function heatChoices(
  body: Body,
  seats: readonly HeatSeat[],
  work: Work,
  partLimit?: HeatLimit,
): readonly HeatChoice[] {
  const each = RINGS(work.ambient).map((rings) => {
    const limit = ovenLimit(body, seats, rings, partLimit);
    const most = Math.floor(hottestPart(limit) + 1e-6);
    const alone = seats.map((seat) => ({
      seat,
      least: leastHeat(body, [{ ...seat, after: [] }], { ...work, rings }),
    }));
    const freedBy = (which: 'toDrop' | 'toSlide') =>
      alone.filter(({ least }) => least[which] <= most).map(({ seat }) => seat);
    return { rings, limit, most, drop: freedBy('toDrop'), slide: freedBy('toSlide') };
  });
  type Row = (typeof each)[number];
  const leastOf = ({ slide, rings }: Row) =>
    slide.length === 0 ? null : leastHeat(body, slide, { ...work, rings });
  const made = (way: HeatWay, row: Row, oven: number): HeatChoice => ({
    way,
    rings: row.rings,
    limit: row.limit,
    oven,
    least: leastOf(row),
    pressed: seats.filter((seat) => !row.slide.includes(seat)).map(({ id }) => id),
  });
  // A ring that only goes in frozen, or only slides, is not to hold up what the others could do: most freed first.
  const mostFreed = Math.max(...each.map(({ slide }) => slide.length));
  if (mostFreed === 0) return [made('press', each.at(-1)!, work.ambient)];
  return each
    .filter(({ slide }) => slide.length === mostFreed)
    .map((row): HeatChoice => {
      const { toDrop } = leastOf(row)!;
      const dropsAll = row.drop.length === mostFreed;
      if (toDrop <= work.ambient) return made('free', row, work.ambient);
      if (toDrop <= row.most) return made('drops', row, wholeDegree(toDrop));
      return made(dropsAll ? 'reheats' : 'slides', row, row.most);
    })
    .toSorted((a, b) => HEAT_WAYS.indexOf(a.way) - HEAT_WAYS.indexOf(b.way));
}
