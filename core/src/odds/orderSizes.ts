import { requireInteger, requireNumber } from '../faults/index.ts';
import { requireBand, bandTarget, type Band } from '../measure/index.ts';
import {
  fewestPieces,
  requireStock,
  micrometres,
  sumTable,
  type ShimSize,
} from '../shims/index.ts';
import { drawsFrom } from './random.ts';

/** A size that can be ordered. mm; price in the workshop's currency, null when it is not known. */
export interface OrderableSize {
  readonly id: string;
  readonly thickness: number;
  readonly price: number | null;
}

/** What is known before strip-down. mm. */
export interface OrderQuestion {
  /** Play as found, and the pack it was found with. */
  readonly endPlay: { readonly value: number; readonly uncertainty: number };
  readonly packInPlace: { readonly thickness: number; readonly uncertainty: number };
  readonly gain: number;
  readonly band: Band;
  /** How much changed parts may move the play: standard, over all of them together. */
  readonly changedParts: number;
  readonly stock: readonly ShimSize[];
  readonly orderable: readonly OrderableSize[];
  readonly mostPieces: number;
  /** Odds to reach, 0.5 to 0.999. */
  readonly wantedOdds: number;
  readonly draws: number;
  readonly seed: number;
}

/** What to order. */
export interface OrderAnswer {
  readonly order: readonly OrderableSize[];
  /** Odds of having a pack that fits with the stock alone, and after each size of the order. */
  readonly oddsNow: number;
  readonly oddsAfter: readonly number[];
  readonly reached: boolean;
  /** Sum of the prices that are known. */
  readonly price: number;
  /** Pack wanted: middle and standard spread, mm, and the share of the draws in bins for the drawing. */
  readonly wanted: number;
  readonly spread: number;
  readonly bins: readonly { readonly from: number; readonly to: number; readonly share: number }[];
}

const BINS = 30;
/** Thickest pack that is looked for, mm. */
const REACH = 20;

/**
 * Sizes to order so that a pack from the box fits, whatever the measuring says, with the wanted odds. The thickness that
 * will be wanted is drawn from the play as found and what changed parts may do; a size is added where it covers most
 * draws that nothing covers yet (greedy: of the usual covering rules the one with a known bound, within 1 − 1/e of the
 * best); of equal ones the cheaper.
 *
 * @throws InputError naming the field
 */
export function orderSizes(question: OrderQuestion): OrderAnswer {
  const q = requireOrder(question);
  const { normal } = drawsFrom(q.seed);
  const target = bandTarget(q.band);
  const half = halfWidth(q.band);
  const wanted = q.packInPlace.thickness + (target - q.endPlay.value) / q.gain;
  const spread =
    Math.hypot(q.endPlay.uncertainty, q.changedParts, q.packInPlace.uncertainty * q.gain) /
    Math.abs(q.gain);
  const draws = Float64Array.from({ length: q.draws }, () => wanted + spread * normal());
  const covered = (sizes: readonly ShimSize[]) =>
    cover(draws, sizes, q.mostPieces, half / Math.abs(q.gain));
  let sizes = q.stock;
  let open = covered(sizes);
  const share = (left: number) => 1 - left / q.draws;
  const oddsNow = share(open.length);
  const order: OrderableSize[] = [];
  const oddsAfter: number[] = [];
  while (share(open.length) < q.wantedOdds && order.length < q.orderable.length) {
    const best = bestOf(
      q.orderable.filter((size) => !order.includes(size)),
      (size) =>
        cover(open, [...sizes, asStock(size)], q.mostPieces, half / Math.abs(q.gain)).length,
    );
    if (best === null || best.left === open.length) break;
    order.push(best.size);
    sizes = [...sizes, asStock(best.size)];
    open = cover(open, sizes, q.mostPieces, half / Math.abs(q.gain));
    oddsAfter.push(share(open.length));
  }
  return {
    order,
    oddsNow,
    oddsAfter,
    reached: share(open.length) >= q.wantedOdds,
    price: order.reduce((sum, { price }) => sum + (price ?? 0), 0),
    wanted,
    spread,
    bins: binsOf(draws, wanted, spread),
  };
}

/** The size that leaves fewest draws open; of equal ones the cheaper, then the thinner. */
function bestOf(
  sizes: readonly OrderableSize[],
  leaves: (size: OrderableSize) => number,
): { readonly size: OrderableSize; readonly left: number } | null {
  const rows = sizes.map((size) => ({ size, left: leaves(size) }));
  return (
    rows.toSorted(
      (a, b) =>
        a.left - b.left ||
        (a.size.price ?? Infinity) - (b.size.price ?? Infinity) ||
        a.size.thickness - b.size.thickness,
    )[0] ?? null
  );
}

/** Draws for which no pack of the sizes lies within the half width. */
function cover(
  draws: Float64Array,
  sizes: readonly ShimSize[],
  mostPieces: number,
  half: number,
): Float64Array {
  const items = sizes
    .filter(({ count }) => count > 0)
    .map(({ thickness, count }) => ({ thickness: micrometres(thickness), available: count }));
  const table = sumTable(items, mostPieces, REACH * 1000);
  const near = nearestReachable(table, half);
  return draws.filter(
    (wanted) =>
      wanted < -half || wanted > REACH || near[Math.max(0, Math.round(wanted * 1000))] !== 1,
  );
}

/** For each whole micrometre whether a reachable total lies within the half width. */
function nearestReachable(table: ReturnType<typeof sumTable>, half: number): Uint8Array {
  const reach = Math.floor(half * 1000);
  const near = new Uint8Array(table.largestSum + 1);
  let last = -Infinity;
  for (let sum = 0; sum <= table.largestSum; sum += 1) {
    if (fewestPieces(table, sum) !== null) {
      for (let back = Math.max(0, sum - reach, last + 1); back < sum; back += 1) near[back] = 1;
      last = sum;
    }
    if (sum - last <= reach) near[sum] = 1;
  }
  return near;
}

/** Half of the band, or of nothing where a limit is open: then every thickness on that side does. */
function halfWidth({ lower, upper }: Band): number {
  return lower === null || upper === null ? 5 : (upper - lower) / 2;
}

function asStock({ id, thickness }: OrderableSize): ShimSize {
  return { id: `order:${id}`, thickness, count: 1, uncertainty: 0 };
}

function binsOf(draws: Float64Array, wanted: number, spread: number): OrderAnswer['bins'] {
  const reach = 4 * spread || 0.01;
  const counts = new Int32Array(BINS);
  for (const draw of draws)
    counts[
      Math.min(BINS - 1, Math.max(0, Math.floor(((draw - wanted + reach) / (2 * reach)) * BINS)))
    ]! += 1;
  const width = (2 * reach) / BINS;
  return Array.from(counts, (count, at) => ({
    from: wanted - reach + at * width,
    to: wanted - reach + (at + 1) * width,
    share: count / draws.length,
  }));
}

function requireOrder(q: OrderQuestion): OrderQuestion {
  requireNumber('endPlay.value', q.endPlay.value, { min: -100, max: 100, unit: 'mm' });
  for (const [name, value] of [
    ['endPlay.uncertainty', q.endPlay.uncertainty],
    ['packInPlace.uncertainty', q.packInPlace.uncertainty],
    ['changedParts', q.changedParts],
  ] as const)
    requireNumber(name, value, { min: 0, max: 5, unit: 'mm' });
  requireNumber('packInPlace.thickness', q.packInPlace.thickness, { min: 0, max: 100, unit: 'mm' });
  requireNumber('gain', q.gain, { min: -10, max: 10 });
  requireNumber('gain', Math.abs(q.gain), { min: 0.05 });
  requireBand(q.band);
  requireStock(q.stock);
  requireInteger('mostPieces', q.mostPieces, { min: 1, max: 8 });
  requireInteger('orderable', q.orderable.length, { min: 0, max: 60 });
  q.orderable.forEach(({ thickness, price }, at) => {
    requireNumber(`orderable[${at}].thickness`, thickness, { above: 0, max: 20, unit: 'mm' });
    if (price !== null) requireNumber(`orderable[${at}].price`, price, { min: 0, max: 1e6 });
  });
  requireNumber('wantedOdds', q.wantedOdds, { min: 0.5, max: 0.999 });
  requireInteger('draws', q.draws, { min: 100, max: 100_000 });
  return q;
}
