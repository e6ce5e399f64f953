import type { RadialRow } from './boundaryDimensions.ts';
import { known, noSuchSize, type DecodedBearing } from './decodedBearing.ts';
import { DOUBLE_ROWS, NEEDLE_BEARINGS, THRUST_NEEDLES } from './needleBearings.ts';

/** `NA4905`, and between two bore codes `NA49/22`. */
export function decodeNeedle(designation: string, plain: string): DecodedBearing | null {
  const match = /^NA ?49( ?)(\d\d)(?!\d)(.*)$/u.exec(plain);
  if (match === null) return null;
  const [, , code = '', rest = ''] = match;
  const isBetween = /49 ?\//u.test(designation);
  const row = NEEDLE_BEARINGS.find(([printed]) => printed === (isBetween ? `/${code}` : code));
  if (row === undefined) return noSuchSize(designation, 'NA49', code);
  const [, bore, outside, width] = row;
  return known(designation, 'needleRoller', 'NA49', { bore, outside, width }, rest);
}

/** A cage says its sizes itself: `K 20x24x10`. */
export function decodeNeedleCage(designation: string, plain: string): DecodedBearing | null {
  const match = /^K ?(\d{1,3}) ?[X×] ?(\d{1,3}) ?[X×] ?(\d{1,2})(?!\d)(.*)$/u.exec(plain);
  if (match === null) return null;
  const [bore, outside, width] = match.slice(1, 4).map(Number) as [number, number, number];
  if (bore === 0 || outside <= bore || width === 0)
    return noSuchSize(designation, 'K', match.slice(1, 4).join('×'));
  return known(designation, 'needleCage', 'K', { bore, outside, width }, match[4]!);
}

/** Thrust needles say bore and outside: `AXK 2542`. */
export function decodeThrustNeedle(designation: string, plain: string): DecodedBearing | null {
  const match = /^AXK ?(\d\d)(\d\d)(?!\d)(.*)$/u.exec(plain);
  if (match === null) return null;
  const [bore, outside] = [Number(match[1]), Number(match[2])];
  const { thinTo, thin, thick, largest } = THRUST_NEEDLES;
  if (bore === 0 || outside <= bore || bore > largest)
    return noSuchSize(designation, 'AXK', `${match[1]}${match[2]}`);
  const width = bore <= thinTo ? thin : thick;
  return known(designation, 'needleThrust', 'AXK', { bore, outside, width }, match[3]!);
}

/** `3205`: two rows, four figures; with five it is a tapered bearing. */
export function decodeDoubleRow(designation: string, plain: string): DecodedBearing | null {
  const match = /^(32|33) ?(\d\d)(?!\d)(.*)$/u.exec(plain);
  if (match === null) return null;
  const [, series, code = '', rest = ''] = match as unknown as [
    string,
    '32' | '33',
    string,
    string,
  ];
  const row = (DOUBLE_ROWS[series] as readonly RadialRow[]).find(([printed]) => printed === code);
  if (row === undefined) return noSuchSize(designation, series, code);
  const [, bore, outside, width] = row;
  return known(designation, 'doubleRowBall', series, { bore, outside, width }, rest);
}
