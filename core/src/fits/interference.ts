import { requireNumber } from '../faults/index.ts';
import { line, type WorkingLine } from '../working/index.ts';
import type { Ring } from './ringTolerance.ts';

/** A diameter as known: between two limits. A measured one has its uncertainty on both sides. mm. */
export interface SizeRange {
  readonly least: number;
  readonly most: number;
}

/** Diametral interference, > 0 is tight. mm. */
export interface Interference {
  readonly mean: number;
  readonly least: number;
  readonly most: number;
  readonly working: readonly WorkingLine[];
}

/**
 * Interference of a ring on its seat from the sizes of both: outer ring `i = D − bore`, inner ring
 * `i = journal − d`. The limits are the worst case of both sizes. Geometry.
 *
 * @throws InputError naming `ring` or `seat`
 */
export function interference(which: Ring, ring: SizeRange, seat: SizeRange): Interference {
  for (const [name, { least, most }] of [
    ['ring', ring],
    ['seat', seat],
  ] as const) {
    requireNumber(`${name}.least`, least, { above: 0, unit: 'mm' });
    requireNumber(`${name}.most`, most, { min: least, unit: 'mm' });
  }
  const [outer, inner] = which === 'outer' ? [ring, seat] : [seat, ring];
  const least = outer.least - inner.most;
  const most = outer.most - inner.least;
  const mean = (least + most) / 2;
  const symbols = which === 'outer' ? ['D', 'bore'] : ['journal', 'd'];
  const middle = ({ least: a, most: b }: SizeRange) => (a + b) / 2;
  return {
    mean,
    least,
    most,
    working: [
      line(
        'Interference, middle',
        `i = ${symbols[0]} − ${symbols[1]}`,
        [
          [symbols[0]!, middle(outer), 'length'],
          [symbols[1]!, middle(inner), 'length'],
        ],
        ['i', mean, 'length'],
        'fitSizes',
      ),
      line(
        'Interference, max',
        `i₊ = ${symbols[0]}₊ − ${symbols[1]}₋`,
        [
          [`${symbols[0]}₊`, outer.most, 'length'],
          [`${symbols[1]}₋`, inner.least, 'length'],
        ],
        ['i₊', most, 'length'],
        'fitSizes',
      ),
    ],
  };
}
