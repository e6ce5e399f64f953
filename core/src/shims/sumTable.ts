/** A size as the search sees it: whole micrometres and how many may be used. */
export interface SumItem {
  readonly thickness: number;
  readonly available: number;
}

/**
 * Which sums can be made: `table[i][k]` is a set of bits, bit s set when some k pieces of the items from i
 * on add up to s micrometres.
 */
export interface SumTable {
  readonly items: readonly SumItem[];
  readonly largestSum: number;
  readonly mostPieces: number;
  readonly table: readonly (readonly Uint32Array[])[];
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
  const empty = () => Array.from({ length: mostPieces + 1 }, () => new Uint32Array(words));
  const last = empty();
  last[0]![0] = 1;
  const table: Uint32Array[][] = [last];
  for (let index = items.length - 1; index >= 0; index -= 1) {
    const before = table[0]!;
    const { thickness, available } = items[index]!;
    const now = before.map((row) => row.slice());
    for (let k = 1; k <= mostPieces; k += 1)
      for (let used = 1; used <= Math.min(k, available); used += 1)
        orShifted(now[k]!, before[k - used]!, used * thickness);
    table.unshift(now);
  }
  return { items, largestSum, mostPieces, table };
}

/** Whether `pieces` items add up to `sum`. */
export function reaches(
  { table, largestSum }: SumTable,
  pieces: number,
  sum: number,
  from = 0,
): boolean {
  if (sum < 0 || sum > largestSum || pieces < 0) return false;
  return ((table[from]![pieces]![sum >> 5]! >>> (sum & 31)) & 1) === 1;
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

/** target |= source << shift, bits falling off the end are dropped. */
function orShifted(target: Uint32Array, source: Uint32Array, shift: number): void {
  const wordShift = shift >> 5;
  const bitShift = shift & 31;
  for (let to = target.length - 1, from = to - wordShift; from >= 0; to -= 1, from -= 1) {
    const low = bitShift === 0 || from === 0 ? 0 : source[from - 1]! >>> (32 - bitShift);
    target[to]! |= (source[from]! << bitShift) | low;
  }
}
