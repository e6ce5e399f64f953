import { panPlaces } from './panPlaces.ts';
import { requireInteger, requireNumber, requireOneOf } from '../faults/index.ts';

/** How bolts lie. */
export const PATTERNS = ['circle', 'pan', 'row'] as const;
export type Pattern = (typeof PATTERNS)[number];

/** Shares of the full torque at which each round is made. Common practice, no source. */
export const STAGES_OF_TORQUE = [0.5, 0.75, 1] as const;

/** Rounds of so many bolts: one or two have no others to be drawn against, and are drawn down by hand and then tightened. */
export const torqueShares = (count: number): readonly number[] =>
  count <= 2 ? [1] : STAGES_OF_TORQUE;

/** Torque of each round, N·m, the last one the middle of the limits. */
export function torqueStages(least: number, most: number, count: number): readonly number[] {
  requireNumber('least', least, { above: 0, max: 5000, unit: 'N·m' });
  requireNumber('most', most, { min: least, max: 5000, unit: 'N·m' });
  return torqueShares(count).map((share) => share * ((least + most) / 2));
}

/**
 * Order in which bolts are tightened, by their number (1 to n as they lie: round a circle, along a row, round a
 * pan). A circle goes by the star, across each time; from five on no two neighbours follow each other. A row or pan goes
 * from the middle outwards, a pan by its bolts as they lie round it, across each time. Common practice, no source.
 *
 * @throws InputError naming `count` or `pattern`
 * @example tighteningOrder(6, 'circle') // [1, 4, 2, 5, 3, 6]
 */
export function tighteningOrder(count: number, pattern: Pattern): readonly number[] {
  requireInteger('count', count, { min: 1, max: 60 });
  requireOneOf('pattern', pattern, PATTERNS);
  return ORDERS[pattern](count);
}

/** An odd circle has no opposite ones: half way round each time, which meets every bolt once. */
function star(count: number): readonly number[] {
  return count % 2 === 0
    ? evenStar(count)
    : Array.from({ length: count }, (_, at) => (((at * (count - 1)) / 2) % count) + 1);
}

/** Opposite ones in turn, each pair as far as can be from those already tight, and not beside the one just done. */
function evenStar(count: number): readonly number[] {
  const order: number[] = [];
  const apart = (a: number, b: number) => Math.min(Math.abs(a - b), count - Math.abs(a - b));
  const room = (bolt: number) => Math.min(...order.map((tight) => apart(bolt, tight)), count);
  while (order.length < count) {
    const left = Array.from({ length: count }, (_, at) => at + 1).filter(
      (bolt) => !order.includes(bolt),
    );
    const last = order.at(-1);
    const clear = left.filter((bolt) => last === undefined || apart(bolt, last) > 1);
    const next = (clear.length > 0 ? clear : left).reduce((best, bolt) =>
      room(bolt) > room(best) ? bolt : best,
    );
    order.push(next, ((next - 1 + count / 2) % count) + 1);
  }
  return order;
}

/** Those nearest the middle of the pan first; of two as near, the one across from the last. */
function acrossPan(count: number): readonly number[] {
  const places = panPlaces(count);
  const left = places.map((place, at) => ({ ...place, number: at + 1 }));
  const order: (typeof left)[number][] = [];
  while (left.length > 0) {
    const nearest = Math.min(...left.map(({ x }) => Math.abs(x)));
    const last = order.at(-1) ?? { x: 0, y: -1 };
    const next = left
      .filter(({ x }) => Math.abs(x) < nearest + 1e-9)
      .reduce((best, one) =>
        Math.hypot(one.x - last.x, one.y - last.y) >
        Math.hypot(best.x - last.x, best.y - last.y) + 1e-9
          ? one
          : best,
      );
    order.push(...left.splice(left.indexOf(next), 1));
  }
  return order.map(({ number }) => number);
}

function fromTheMiddle(count: number): readonly number[] {
  const middle = (count + 1) / 2;
  return Array.from({ length: count }, (_, at) => at + 1).toSorted(
    (a, b) => Math.abs(a - middle) - Math.abs(b - middle) || a - b,
  );
}

const ORDERS: Readonly<Record<Pattern, (count: number) => readonly number[]>> = {
  circle: star,
  pan: acrossPan,
  row: fromTheMiddle,
};
