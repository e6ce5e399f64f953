/** A size as the search sees it: whole micrometres and how many may be used. */
export interface SumItem {
  readonly thickness: number;
  readonly available: number;
}

/**
 * Which sums can be made: a row of bits for each item and number of pieces, bit s of row (i, k) set when some k pieces of the
 * items from i on add up to s micrometres.
 */
export interface SumTable {
  readonly items: readonly SumItem[];
  readonly largestSum: number;
  readonly mostPieces: number;
  /** Words of a row. */
  readonly words: number;
  /** The rows one after the other, by item and then by pieces. */
  readonly bits: Uint32Array;
}

/**
 * Fill the table of reachable sums, by adding one size at a time from the last to the first.
 *
 * Exhaustive: a bit is set exactly when the sum can be made. Work is items × pieces × sum/32.
 *
 * @param largestSum sums above this are of no interest, µm
 */
export function sumTable(
  items: readonly SumItem[],
  mostPieces: number,
  largestSum: number,
): SumTable {
  const words = (Math.max(0, largestSum) >> 5) + 1;
  const layer = (mostPieces + 1) * words;
  const bits = new Uint32Array((items.length + 1) * layer);
  bits[items.length * layer] = 1;
  // No sum of j pieces lies outside j times the thinnest and j times the thickest of them.
  let [thinnest, thickest] = [0, 0];
  for (let index = items.length - 1; index >= 0; index -= 1) {
    const { thickness, available } = items[index]!;
    const [now, before] = [index * layer, (index + 1) * layer];
    bits.copyWithin(now, before, before + layer);
    if (available === 0) continue;
    for (let k = 1; k <= mostPieces; k += 1)
      for (let used = 1; used <= Math.min(k, available); used += 1) {
        const rest = k - used;
        const row = before + rest * words;
        const from = row + ((rest * thinnest) >> 5);
        const end = row + Math.min(words, ((rest * thickest) >> 5) + 1);
        orShifted(
          bits,
          { from, end, to: now + k * words + from - row, last: now + (k + 1) * words },
          used * thickness,
        );
      }
    thinnest = thinnest === 0 ? thickness : Math.min(thinnest, thickness);
    thickest = Math.max(thickest, thickness);
  }
  return { items, largestSum, mostPieces, words, bits };
}

/** Whether `pieces` items add up to `sum`. */
export function reaches(
  { bits, words, largestSum, mostPieces }: SumTable,
  pieces: number,
  sum: number,
  from = 0,
): boolean {
  if (sum < 0 || sum > largestSum || pieces < 0 || pieces > mostPieces) return false;
  const word = bits[(from * (mostPieces + 1) + pieces) * words + (sum >> 5)]!;
  return ((word >>> (sum & 31)) & 1) === 1;
}

/** Fewest pieces that make `sum`, or null. */
export function fewestPieces(sums: SumTable, sum: number): number | null {
  for (let k = 0; k <= sums.mostPieces; k += 1) if (reaches(sums, k, sum)) return k;
  return null;
}

/**
 * The counts of each item that make `sum` with `pieces` pieces, taking as many of the earliest items as
 * possible; null when it cannot be made.
 */
export function countsFor(sums: SumTable, pieces: number, sum: number): readonly number[] | null {
  if (!reaches(sums, pieces, sum)) return null;
  let left = { pieces, sum };
  return sums.items.map(({ thickness, available }, index) => {
    let used = Math.min(available, left.pieces);
    while (!reaches(sums, left.pieces - used, left.sum - used * thickness, index + 1)) used -= 1;
    left = { pieces: left.pieces - used, sum: left.sum - used * thickness };
    return used;
  });
}

/** Words `from` to before `end` are taken up, so many bits further on, by the row that ends before `last`. */
function orShifted(
  bits: Uint32Array,
  { from, end, to, last }: { readonly [name in 'from' | 'end' | 'to' | 'last']: number },
  shift: number,
): void {
  const by = shift & 31;
  let at = to + (shift >> 5);
  let low = 0;
  for (let word = from; word < end && at < last; word += 1, at += 1) {
    const source = bits[word]!;
    bits[at]! |= (source << by) | low;
    low = by === 0 ? 0 : source >>> (32 - by);
  }
  if (at < last) bits[at]! |= low;
}
