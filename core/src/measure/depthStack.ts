import { refuse, requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';

/** One length of a stack: added, or taken off. mm. */
export interface StackLength {
  readonly way: 'plus' | 'minus';
  readonly value: number;
  /** How far it may be off either way: its tolerance, or how well it was read. */
  readonly within: number;
}

/** What a stack comes to. mm. */
export interface DepthStack {
  readonly value: number;
  /** Every length off at once, the same way. */
  readonly worst: number;
  /** Root of the sum of squares: as lengths that have nothing to do with each other come out. */
  readonly likely: number;
  /** How far the length that was measured directly is from the sum; null where none was. */
  readonly off: number | null;
  /** Whether both can be right; null where nothing was measured directly. */
  readonly agrees: boolean | null;
  readonly working: readonly WorkingLine[];
}

/**
 * A depth that is put together from several lengths: `Σ ± l`, off by `Σ t` at the worst and by `√Σ t²` as it usually comes out;
 * against the same depth measured directly, where that was.
 *
 * @param direct the same depth, measured in one go
 * @throws InputError naming `lengths` or the field
 * @example depthStack([{ way: 'plus', value: 60, within: 0.02 }, { way: 'minus', value: 20, within: 0.02 }]).value // 40
 */
export function depthStack(
  lengths: readonly StackLength[],
  direct: { readonly value: number; readonly within: number } | null = null,
): DepthStack {
  if (lengths.length === 0 || lengths.length > 40)
    refuse('outOfRange', 'lengths', lengths.length, { id: 'list', least: 1, most: 40 });
  lengths.forEach(({ value, within }, at) => {
    requireNumber(`lengths[${at}].value`, value, { min: 0, max: 10_000, unit: 'mm' });
    requireNumber(`lengths[${at}].within`, within, { min: 0, max: 100, unit: 'mm' });
  });
  const value = lengths.reduce(
    (sum, one) => sum + (one.way === 'plus' ? one.value : -one.value),
    0,
  );
  const worst = lengths.reduce((sum, { within }) => sum + within, 0);
  const likely = Math.hypot(...lengths.map(({ within }) => within));
  const off = direct === null ? null : direct.value - value;
  return {
    value,
    worst,
    likely,
    off,
    agrees: off === null ? null : Math.abs(off) <= worst + direct!.within,
    working: [
      line(
        'Depth of the stack',
        'd = Σ ± l',
        lengths.map((one, at) => [
          `${one.way === 'plus' ? '+' : '−'} l${at + 1}`,
          one.value,
          'length',
        ]),
        ['d', value, 'length'],
        'stack',
      ),
      line(
        'Off at the worst',
        'w = Σ t',
        lengths.map(({ within }, at) => [`t${at + 1}`, within, 'length']),
        ['w', worst, 'length'],
        'stack',
      ),
      line(
        'Off as it usually comes out',
        's = √Σ t²',
        lengths.map(({ within }, at) => [`t${at + 1}`, within, 'length']),
        ['s', likely, 'length'],
        'stack',
      ),
    ],
  };
}
