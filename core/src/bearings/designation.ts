import { requireText } from '../faults/index.ts';
import {
  DRAWN_CUPS,
  RADIAL_SERIES,
  TAPERED_SERIES,
  type RadialRow,
  type TaperedRow,
} from './boundaryDimensions.ts';
import { known, noSuchSize, type BearingFamily, type DecodedBearing } from './decodedBearing.ts';
import { inchTaper } from './inchTapers.ts';
import {
  decodeDoubleRow,
  decodeNeedle,
  decodeNeedleCage,
  decodeThrustNeedle,
} from './needleDesignations.ts';
import { BETWEEN, CLOSED_WIDTHS, MINIATURES } from './smallBearings.ts';
import { readSuffixes } from './suffix.ts';

type RadialSeriesName = keyof typeof RADIAL_SERIES;

/** Series by their printed name: family and dimension series. Longer names are tried first. */
const PRINTED_SERIES: readonly (readonly [
  name: string,
  family: BearingFamily,
  series: RadialSeriesName,
])[] = [
  ['160', 'deepGrooveBall', '00'],
  ['60', 'deepGrooveBall', '10'],
  ['62', 'deepGrooveBall', '02'],
  ['63', 'deepGrooveBall', '03'],
  ['64', 'deepGrooveBall', '04'],
  ['68', 'deepGrooveBall', '18'],
  ['69', 'deepGrooveBall', '19'],
  ['618', 'deepGrooveBall', '18'],
  ['619', 'deepGrooveBall', '19'],
  ['70', 'angularContactBall', '10'],
  ['72', 'angularContactBall', '02'],
  ['73', 'angularContactBall', '03'],
  ...(['NU', 'NJ', 'NUP', 'N'] as const).flatMap((type) => [
    [`${type}10`, 'cylindricalRoller', '10'] as const,
    [`${type}22`, 'cylindricalRoller', '22'] as const,
    [`${type}2`, 'cylindricalRoller', '02'] as const,
    [`${type}3`, 'cylindricalRoller', '03'] as const,
    [`${type}4`, 'cylindricalRoller', '04'] as const,
  ]),
];

/**
 * Decode a designation as it is printed on a ring: `6208-2RS C3`, `30208`, `NU 206`, `HK 1612`.
 *
 * Dimensions by ISO 15, ISO 355 and ISO 3245; generic suffixes only. What is not in the tables is said to be
 * unknown, never guessed: enter the three dimensions instead.
 *
 * @param text at most 40 characters
 * @throws InputError when the text is empty or too long
 */
export function decodeDesignation(text: string): DecodedBearing {
  const designation = requireText('designation', text, 40).trim();
  const printed = designation.toUpperCase();
  const plain = printed.replace(/[\s./_-]+/gu, ' ').trim();
  return (
    decodeInchTaper(designation) ??
    decodeSmall(designation, printed) ??
    decodePlain(designation, plain) ??
    // What stands before the number, apart from it, is its maker's: it says nothing of the size.
    decodePlain(designation, plain.replace(/^[A-Z]{2,8} (?=[A-Z]{0,3} ?\d)/u, '')) ?? {
      status: 'unknown',
      designation,
      reason: 'Number not recognised. Enter bore, outside and width.',
    }
  );
}

const decodePlain = (designation: string, plain: string): DecodedBearing | null =>
  decodeTapered(designation, plain) ??
  decodeDrawnCup(designation, plain) ??
  decodeNeedle(designation, plain) ??
  decodeNeedleCage(designation, plain) ??
  decodeThrustNeedle(designation, plain) ??
  decodeDoubleRow(designation, plain) ??
  decodeRadial(designation, plain);

function decodeTapered(designation: string, plain: string): DecodedBearing | null {
  const match = /^(302|303|313|320|322|323|330|332) ?(\d\d)(.*)$/u.exec(plain);
  if (match === null) return null;
  const [, series, code, rest] = match as unknown as [
    string,
    keyof typeof TAPERED_SERIES,
    string,
    string,
  ];
  const row = (TAPERED_SERIES[series] as readonly TaperedRow[]).find(
    ([rowCode]) => rowCode === code,
  );
  if (row === undefined) return noSuchSize(designation, series, code);
  const [, bore, outside, width, coneWidth, cupWidth] = row;
  // X says that the dimensions follow the present ISO 355, which the table does.
  const suffixes = rest.replace(/^X/u, '');
  return known(
    designation,
    'taperedRoller',
    series,
    { bore, outside, width, coneWidth, cupWidth },
    suffixes,
  );
}

function decodeDrawnCup(designation: string, plain: string): DecodedBearing | null {
  const match = /^(HK|BK) ?(\d\d)(\d\d)(.*)$/u.exec(plain);
  if (match === null) return null;
  const [, series, bore, width, rest] = match as unknown as [
    string,
    string,
    string,
    string,
    string,
  ];
  const size = DRAWN_CUPS.find(
    ([under, , widths]) => under === Number(bore) && widths.includes(Number(width)),
  );
  if (size === undefined) return noSuchSize(designation, series, `${bore}${width}`);
  return known(
    designation,
    'drawnCupNeedle',
    series,
    { bore: Number(bore), outside: size[1], width: Number(width) },
    rest,
  );
}

/** Numbers of an inch cone and its cup. */
function decodeInchTaper(designation: string): DecodedBearing | null {
  const row = inchTaper(designation);
  if (row === null) return null;
  const [cone, , bore, outside, width] = row;
  return known(designation, 'inchTaperedRoller', cone, { bore, outside, width }, '');
}

/** Sizes below the bore codes, and between two of them, which are printed after a stroke. */
function decodeSmall(designation: string, printed: string): DecodedBearing | null {
  const between = /^(60|62|63) ?\/ ?(\d\d)(?!\d)(.*)$/u.exec(printed);
  const small = between ?? /^(60|62|63|68|69)(\d)(?!\d)(.*)$/u.exec(printed);
  if (small === null) return null;
  const [, series = '', code = '', rest = ''] = small;
  const table: Readonly<Record<string, readonly RadialRow[]>> =
    between === null ? MINIATURES : BETWEEN;
  const row = table[series]?.find(([rowCode]) => rowCode === code);
  if (row === undefined) return noSuchSize(designation, series, code);
  const [, bore, outside, open] = row;
  const suffixes = rest.replace(/[\s./_-]+/gu, ' ').trim();
  const isClosed = readSuffixes(suffixes).suffixes.some(({ closedSides }) => closedSides > 0);
  const width = (isClosed ? CLOSED_WIDTHS[series]?.[code] : undefined) ?? open;
  return known(designation, 'deepGrooveBall', series, { bore, outside, width }, suffixes);
}

/** The series as they are printed, the longest first, so that none is taken for the beginning of another. */
const RADIAL_PATTERNS = PRINTED_SERIES.toSorted(([a], [b]) => b.length - a.length).map(
  ([name, family, series]) => {
    const spaced = name.replace(/^([A-Z]+)/u, '$1 ?');
    return { name, family, series, pattern: new RegExp(`^${spaced} ?(\\d\\d)(?!\\d)(.*)$`, 'u') };
  },
);

function decodeRadial(designation: string, plain: string): DecodedBearing | null {
  for (const { name, family, series, pattern } of RADIAL_PATTERNS) {
    const match = pattern.exec(plain);
    if (match === null) continue;
    const [, code, rest] = match as unknown as [string, string, string];
    const row = (RADIAL_SERIES[series] as readonly RadialRow[]).find(
      ([rowCode]) => rowCode === code,
    );
    if (row === undefined) return noSuchSize(designation, name, code);
    const [, bore, outside, width] = row;
    return known(designation, family, name, { bore, outside, width }, rest);
  }
  return null;
}
