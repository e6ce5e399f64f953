import { DRAWN_CUPS, RADIAL_SERIES, TAPERED_SERIES } from './boundaryDimensions.ts';
import type { BearingDimensions, BearingFamily } from './decodedBearing.ts';
import { decodeDesignation } from './designation.ts';
import { INCH_TAPERS } from './inchTapers.ts';
import { BETWEEN, MINIATURES } from './smallBearings.ts';

/** A bearing of the tables. */
export interface PrintedBearing {
  readonly designation: string;
  readonly family: BearingFamily;
  readonly dimensions: BearingDimensions;
}

/** What a sliding caliper and an inch size that was rounded can be off, mm. A rule of this program. */
const SAME_SIZE = 0.06;

/** Ball bearings by the series whose name is printed before their code. */
const PRINTED: Readonly<Record<keyof typeof RADIAL_SERIES, string>> = {
  '10': '60',
  '02': '62',
  '03': '63',
  '04': '64',
  '18': '618',
  '19': '619',
  '00': '160',
  '22': 'NU22',
};

/** Every designation of the tables, once. */
function everyDesignation(): readonly string[] {
  const coded = (rows: readonly (readonly [string, ...unknown[]])[], prefix: string) =>
    rows.map(([code]) => `${prefix}${code}`);
  return [
    ...Object.entries(TAPERED_SERIES).flatMap(([series, rows]) => coded(rows, series)),
    ...INCH_TAPERS.map(([cone, cup]) => `${cone}/${cup}`),
    ...Object.entries(RADIAL_SERIES).flatMap(([series, rows]) =>
      coded(rows, PRINTED[series as keyof typeof PRINTED]),
    ),
    ...Object.entries(MINIATURES).flatMap(([series, rows]) => coded(rows, series)),
    ...Object.entries(BETWEEN).flatMap(([series, rows]) => coded(rows, `${series}/`)),
    ...DRAWN_CUPS.flatMap(([bore, , widths]) =>
      widths.map((width) => `HK ${String(bore).padStart(2, '0')}${String(width).padStart(2, '0')}`),
    ),
  ];
}

let known: readonly PrintedBearing[] | null = null;

/** Every bearing of the tables; read once, when the first size is looked up. */
function everyBearing(): readonly PrintedBearing[] {
  known ??= everyDesignation().flatMap((text): readonly PrintedBearing[] => {
    const read = decodeDesignation(text);
    return read.status === 'known'
      ? [{ designation: text, family: read.family, dimensions: read.dimensions }]
      : [];
  });
  return known;
}

/**
 * What may be printed on a bearing of these three sizes: of an inch tapered one the numbers of its cone and its cup. The nearest first;
 * a size that was measured with a caliper still finds its number. mm.
 *
 * @example printedAs({ bore: 19.05, outside: 45.24, width: 15.5 })[0].designation // 'LM11949/LM11910'
 */
export function printedAs({ bore, outside, width }: BearingDimensions): readonly PrintedBearing[] {
  const off = ({ dimensions: one }: PrintedBearing): number =>
    Math.max(
      Math.abs(one.bore - bore),
      Math.abs(one.outside - outside),
      Math.abs(one.width - width),
    );
  return everyBearing()
    .filter((one) => off(one) <= SAME_SIZE)
    .toSorted((a, b) => off(a) - off(b));
}
